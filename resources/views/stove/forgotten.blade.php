@if ($cook->isForgotten($now))
    <section class="simulated" aria-label="{{ $t('pages/stove.was-it-eaten') }}">
        <p>{{ $th('pages/stove.it-was', format: $say->dated(($cook->table_at ?? $cook->started_at)->setTimezone($zone), 'day'), it:
            $local(($cook->table_at ?? $cook->started_at))) }}</p>
        <button type="button" class="beside" data-event="served" data-at="{{ ($cook->table_at ?? $cook->started_at)->getTimestamp()
            }}">{{ $t('pages/stove.it-was-eaten-then') }}</button>
    </section>
@endif
