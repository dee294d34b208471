@foreach ($mishaps as $one)
    <div class="proposal">
        <p><strong>{{ $say->label($one->what) }}.</strong> {{ $say->first($one->cause) }}. <strong>{{ $say->first($one->change)
            }}.</strong></p>
        @if ($one->path !== null && $dish !== null)<form method="post" action="{{ route('cook.next.take', $cook) }}">@csrf<input
            type="hidden" name="version" value="{{ $dish->version }}"><input type="hidden" name="path" value="{{ $one->path }}"><input
            type="hidden" name="value" value="{{ json_encode($one->value) }}"><button class="quiet">{{
                $t('pages/notebook.make-it-so-in-the-dish') }}</button></form>@endif
    </div>
@endforeach
@if ($causes === [])
    @if ($mishaps === [])<p>{{ $t('pages/notebook.nothing-was-off', isNoted: $isNoted) }}</p>@endif
@else
    <p class="small">{{ $t('pages/notebook.the-cook-is-followed-again') }}</p>
    <ol class="causes">@foreach ($causes as $cause)<li><strong>{{ $say->first($cause['cause']) }}</strong>: {{ $cause['so']
        }}.</li>@endforeach</ol>
    <h2>{{ $t('pages/notebook.what-to-change-next-time') }}</h2>
    @forelse ($proposals as $one)
        <div class="proposal">
            @if ($one->path === null)
                <p>{{ $th('pages/notebook.if-then-foretold-right', change: $say->first($one->change), cause: $one->cause, colour:
                    $say->label($one->course()->colour()), right: $one->right, of: Orbek\Core\Heat\HowSure::KITCHENS) }}</p>
            @else
                <p>{{ $th('pages/notebook.if-then-so-changed', change: $say->first($one->change), cause: $one->cause, before:
                    $one->before->course->colour(), colour: $one->course()->colour(), right: $one->right, of:
                    Orbek\Core\Heat\HowSure::KITCHENS, longer: abs($one->longerMin()), isLonger: $one->longerMin() > 0) }}</p>
            @endif
            @if ($one->faults() !== [])<p class="small">{{ $t('pages/notebook.still-foretold', fault: $say->sentences(array_map(fn ($fault)
                => $fault->says, $one->faults()))) }}</p>@endif
            @if ($one->path === null)
            @elseif ($dish === null)
                <p class="small">{{ $t('pages/notebook.the-dish-is-put-away-take') }}</p>
            @else
                <form method="post" action="{{ route('cook.next.take', $cook) }}">@csrf<input type="hidden" name="version" value="{{
                    $dish->version }}"><input type="hidden" name="path" value="{{ $one->path }}"><input type="hidden" name="value" value="{{
                    json_encode($one->value) }}"><button class="quiet">{{ $t('pages/notebook.make-it-so-in-the-dish') }}</button></form>
            @endif
        </div>
    @empty
        <p>{{ $t('pages/notebook.no-change-of-the-dish-meets') }}</p>
    @endforelse
@endif
