{{-- Every hatch that a drawing of this page is filled with, once; rendered after them all. --}}
<svg id="hatches" width="0" height="0" aria-hidden="true" focusable="false"><defs>
    @foreach (app(App\Drawings\Hatches::class)->all() as $hatch)
        <pattern id="{{ $hatch->id() }}" class="hatch {{ $hatch->kind }}" width="{{ $hatch->wide }}" height="{{ $hatch->high }}"
            patternUnits="userSpaceOnUse">@unless (in_array($hatch->kind, ['crust', 'saffron'], true))<rect class="ground" width="{{
            $hatch->wide }}" height="{{ $hatch->high }}"/>@endunless @foreach ($hatch->paths() as $class => $path)<path class="{{ $class }}"
            d="{{ $path }}"/>@endforeach</pattern>
    @endforeach
</defs></svg>
