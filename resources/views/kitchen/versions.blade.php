<x-layouts.place :title="$t('pages/kitchen.what-changed-2', name: $row->document['name'])" place="kitchen">
    <div class="page">
        <h1>{{ $t('pages/kitchen.what-changed-2', name: $row->document['name']) }}</h1>
        <ul class="versions">
            @forelse ($changes as $change)
                <li>
                    <p><strong>{{ $say->dated($change['version']->at($zone), 'date') }} {{
                        $say->time($change['version']->at($zone)) }}</strong>{{ $comma }}{{ $change['version']->what }}</p>
                    <ul>@foreach ($change['says'] as $says)<li>{{ $say->difference($says, $names) }}</li>@endforeach</ul>
                    <form method="post" action="{{ route('kitchen.undo') }}">
                        @csrf<x-of-kitchen :$row /><input type="hidden" name="to" value="{{ $change['version']->id }}">
                        <button class="quiet" aria-label="{{ $t('pages/kitchen.go-back-to-before-2', change:
                            $say->dated($change['version']->at($zone), 'date-hour')) }}">{{ $t('pages/kitchen.go-back-to-before')
                                }}</button>
                    </form>
                </li>
            @empty
                <li><p>{{ $t('pages/kitchen.nothing-has-been-changed-yet') }}</p></li>
            @endforelse
        </ul>
        <p><a href="{{ route('kitchen.things') }}">{{ $t('pages/kitchen.to-pots-rings-and-plates') }}</a></p>
    </div>
</x-layouts.place>
