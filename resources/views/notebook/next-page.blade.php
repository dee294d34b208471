<x-layouts.place :title="$cook->name" place="notebook">
    <div class="page record"><h1>{{ $cook->name }}</h1><h2>Likeliest causes</h2>@include('notebook.next')<p><a href="{{ route('cook.record',
        $cook) }}">To the cook</a></p></div>
</x-layouts.place>
