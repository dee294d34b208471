<svg class="drawing platter" viewBox="0 0 {{ $drawing->width() }} {{ $drawing->height() }}" width="{{ $drawing->width() }}" height="{{
    $drawing->height() }}" role="img">
    <title>{{ $t('pages/drawings.platter-in-section', bands: array_column($drawing->bands(), 'label'), isTopped: $drawing->onTop() !== [],
        top: $drawing->onTop()) }}</title>
    @foreach ($drawing->bands() as $band)
        <path class="hatched" d="{{ $band['outline'] }}" fill="url(#{{ $hatches->use($band['hatch']) }})"/>
        <text x="{{ $drawing->labelX() }}" y="{{ $band['labelY'] }}">{{ Str::limit($say($band['label']), 24) }}</text>
    @endforeach
    @if ($drawing->onTop() !== [])<text x="{{ $drawing->labelX() }}" y="{{ $drawing->topY() }}">{{ Str::limit($say->first(implode($comma,
        $drawing->onTop())), 30) }}</text>@endif
    <path class="pot-wall" d="{{ $drawing->rim() }}"/>
</svg>
