{{-- What pushes the table, and what would win it back. --}}
<div class="stands" role="status"><p>{{ $say->first($stands->says) }}.</p>
    @if ($stands->wins !== [])<div class="asks">@foreach ($stands->wins as $one)<button type="button" class="beside" data-event="{{
        $one['event'] }}" @if ($one['task'] !== null) data-subject="{{ $one['task'] }}" @endif
        @if ($one['dish'] !== null) data-dish="{{ $one['dish'] }}" @endif @foreach ($one['more'] as $name => $value)
        data-{{ $name }}="{{ $value }}" @endforeach>{{ $say->first($one['says']) }}</button>@endforeach</div>@endif
</div>
