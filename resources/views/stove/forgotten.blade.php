@if ($cook->isForgotten($now))
    <section class="simulated" aria-label="Was it eaten?">
        <p>It was to be on the table on <strong>{{ ($cook->table_at ?? $cook->started_at)->setTimezone($zone)->format('l j F') }} at {{
            $local(($cook->table_at ?? $cook->started_at)) }}</strong>, and
            nothing has been heard of it since. Was it eaten then? If it is cooked only now, go on below.</p>
        <button type="button" class="beside" data-event="served" data-at="{{ ($cook->table_at ?? $cook->started_at)->getTimestamp()
            }}">It was eaten then</button>
    </section>
@endif
