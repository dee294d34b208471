<x-layouts.place title="A kitchen from a file" place="kitchen">
    <div class="page">
        <h1>{{ $other->name }}</h1>
        <p class="lead">So it would be. Nothing is kept yet.</p>
        @if ($older)<p>The file is of an older edition; it is brought up to date.</p>@endif
        <x-drawing.kitchen :home="$other" />
        <p>{{ count($other->pantry->bags) }} {{ Str::plural('bag', count($other->pantry->bags)) }} of rice, {{
            round($other->site->altitudeM) }} m above the
            sea.</p>
        <form method="post" action="{{ route('kitchens.import') }}">@csrf
            <input type="hidden" name="document" value="{{ json_encode($other->toArray(), JSON_UNESCAPED_UNICODE |
                JSON_PRESERVE_ZERO_FRACTION) }}">
            <button class="act">Keep it beside the others</button> <a href="{{ route('kitchen') }}">Leave it</a>
        </form>
    </div>
</x-layouts.place>
