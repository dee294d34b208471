<x-layouts.place :title="'What changed in '.$row->document['name']" place="kitchen">
    <div class="page">
        <h1>What changed in {{ $row->document['name'] }}</h1>
        <ul class="versions">
            @forelse ($changes as $change)
                <li>
                    <p><strong>{{ $change['version']->at($zone)->format('j F') }} {{
                        $say->time($change['version']->at($zone)) }}</strong>, {{ $change['version']->what }}</p>
                    <ul>@foreach ($change['says'] as $says)<li>{{ $say->difference($says, $names) }}</li>@endforeach</ul>
                    <form method="post" action="{{ route('kitchen.undo') }}">
                        @csrf<x-of-kitchen :$row /><input type="hidden" name="to" value="{{ $change['version']->id }}">
                        <button class="quiet" aria-label="Go back to before {{ $change['version']->at($zone)->format('j F H:i') }}">Go back
                            to before</button>
                    </form>
                </li>
            @empty
                <li><p>Nothing has been changed yet.</p></li>
            @endforelse
        </ul>
        <p><a href="{{ route('kitchen.things') }}">To pots, rings and plates</a></p>
    </div>
</x-layouts.place>
