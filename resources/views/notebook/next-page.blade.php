<x-layouts.place :title="$cook->name" place="notebook">
    <div class="page record"><h1>{{ $cook->name }}</h1><h2>{{ $t('pages/notebook.likeliest-causes') }}</h2>@include('notebook.next')<p><a
        href="{{ route('cook.record',
        $cook) }}">{{ $t('pages/notebook.to-the-cook') }}</a></p></div>
</x-layouts.place>
