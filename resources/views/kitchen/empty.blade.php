@if ($left !== null && $pace !== null && $pace->emptyOn($left, $now) !== null)
    <p>{{ $th('pages/kitchen.at-this-pace-g-a-week', gPerDay: round(7 * $pace->gPerDay), emptyOn: $say->dated($pace->emptyOn($left,
        $now)->setTimezone($home->site->timezone), 'date')) }}</p>
@endif
