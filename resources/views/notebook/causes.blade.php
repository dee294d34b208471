<x-layouts.place :title="$cook->name" place="notebook">
    <div class="page">
        <h1>{{ $cook->name }}</h1>
        @php $noted = $cook->summary ?? []; @endphp
        <p class="under">{{ $cook->started_at->setTimezone($plan->kitchen->timezone)->format('l j F Y') }}, for {{ $plan->dish->table->eaters }}, {{ $plan->totals->rice()->text() }} of rice</p>
        @if (isset($noted['rice']))
            <p class="lead">Rice <strong>{{ $say->label(Orbek\Core\Cook\RiceOutcome::from($noted['rice'])) }}</strong>, crust <span class="swatch crust-{{ $noted['crust'] }}"></span> <strong>{{ $noted['crust'] }}</strong>, filling <strong>{{ $say->label(Orbek\Core\Cook\FillingOutcome::from($noted['filling'])) }}</strong>.{{ ($noted['line'] ?? '') === '' ? '' : ' '.$noted['line'] }}</p>
        @endif
        @if ($course !== null)
            <h2>Its heat, as it was</h2>
            <x-drawing.heat :kitchen="$plan->kitchen" :ring="$plan->potted->first()->place->ring->id" :heat="$course->heat" :$course :starts="$fold->state->of(Orbek\Core\Plan\WorkKind::Layer)->doneAt->setTimezone($plan->kitchen->timezone)" :width="620" />
            <p>The model foretells a crust <strong>{{ $say->label($course->colour()) }}</strong>{{ isset($noted['crust']) ? '; it came out '.$noted['crust'] : '' }}.</p>
        @endif
        <h2>Likeliest causes</h2>
        @if ($causes === [])
            <p>{{ isset($noted['rice']) ? 'Nothing was off that cooking it again with one thing otherwise would explain.' : 'Note how it came out first.' }}</p>
        @else
            <p class="small">The cook is followed again with one thing other than it was thought; what comes nearest to how it came out stands first.</p>
            <ol>@foreach ($causes as $cause)<li><strong>{{ $say->first($cause['cause']) }}</strong>: {{ $cause['so'] }}.</li>@endforeach</ol>
        @endif
        <p><a href="{{ route('notebook') }}">To the Notebook</a> · <a href="{{ route('cook', $cook) }}">Change the note</a> · <a href="{{ route('stoves') }}">What the stove has learned</a></p>
    </div>
</x-layouts.place>
