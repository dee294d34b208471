{{-- What a cook does to a closed pot, and asks of it. --}}
<section class="lid" aria-label="{{ $t('pages/stove.what-was-done', dish: $lid->plan->dish->name) }}">
    <form class="turned" data-event="heat-set" data-subject="{{ $id ?? 'heat' }}"><label
        for="setting{{ $place }}">{{ $t('pages/stove.i-turned') }}</label>@if ($marks !== [])<select
        id="setting{{ $place }}" name="setting" autocomplete="off">@foreach ($marks as $percent
        => $mark)<option value="{{ $percent }}" @selected((string) $percent === (string) round(100 * $lid->flame()->setting))>{{ $mark
        }}</option>@endforeach</select>@else<input id="setting{{ $place }}" name="setting" type="number" inputmode="numeric" min="0"
        max="100" step="1" value="{{ round(100 * $lid->flame()->setting) }}" required> {{
        $t('units.percent-sign') }}@endif @if (($failed ?? []) !== [])<select
        name="ring" aria-label="{{ $t('pages/stove.on-which-ring') }}" autocomplete="off"><option value="">{{
            $t('pages/stove.where-it-stands') }}</option>@foreach ($lid->plan->kitchen->equipment->rings
                as $ring)@unless (in_array($ring->id, $failed, true))<option
            value="{{
        $ring->id }}">{{ $t('pages/stove.on', ring: $ring->name) }}</option>@endunless @endforeach</select>@endif <button>{{
            $t('pages/stove.turned') }}<span
        class="visually-hidden">: {{ $lid->plan->dish->name }}</span></button></form>
    <div class="cues">
        <button type="button" data-event="opened" data-subject="lid">{{ $t('pages/stove.i-opened') }}<span class="visually-hidden">: {{
            $lid->plan->dish->name }}</span></button>
        @if ($at->hasProbe)<button type="button" data-probe="{{ $at->probes === [] ? '1' : '0' }}">{{ $t('pages/stove.probe-in-or-out',
            isIn: $at->probes !== []) }}</button>@endif
    </div>
    @include('stove.photograph', ['home' => $home, 'shows' => App\Models\Shows::Lid])
    <details class="rescue" data-keep-open><summary>{{ $t('pages/stove.something-is-wrong') }}</summary>
        <div class="cues">@foreach (Orbek\Core\Cook\Complaint::cases() as $complaint)<button type="button" data-rescue="{{ $complaint->value
            }}">{{ $say->first($say->label($complaint)) }}</button>@endforeach</div>
    </details>
    <div class="rescued" aria-live="polite" x-ignore data-kept></div>
</section>
