@props(['path', 'grams', 'label', 'most', 'salt', 'each'])
{{-- Salt for each litre or kilogram: by weight, or by the house's own spoon for those who have no scale. --}}
@if ($say->reading()->units === Orbek\Core\Measure\Units::Cups)<x-word.number :path="$path.':spoons'"
    :value="round($grams / $salt->gramsPerTeaspoon(), 1)" :label="$t('pages/drawings.teaspoons', label: $label, each: $each)" min="0"
        max="20" step="0.1" /> {{
        $t('pages/drawings.tsp-salt', each: $each) }}@else<x-word.number :$path :value="round($grams, 1)" :label="$label.', g '.$each"
        min="0" :max="$most" /> {{ $t('pages/drawings.g-salt', each: $each) }}@endif
