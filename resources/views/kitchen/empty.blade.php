@if ($left !== null && $pace !== null && $pace->emptyOn($left, $now) !== null)
    <p>At this pace ({{ round(7 * $pace->gPerDay) }} g a week) it is empty about <strong>{{ $pace->emptyOn($left,
        $now)->setTimezone($home->site->timezone)->format('j F') }}</strong>.</p>
@endif
