<label>{{ $t('pages/kitchen.its-name') }} <input name="name" maxlength="80" required autocomplete="off" value="{{ $one?->name }}"></label>
@switch($thing)
    @case(Orbek\Core\Kitchen\Thing::Pot)
        <div class="pair"><label>{{ $t('pages/kitchen.made-of') }} <select
            name="material">@foreach ($say->options(Orbek\Core\Pot\PotMaterial::cases()) as $value =>
            $label)<option value="{{ $value }}" @selected($one?->material->value === $value)>{{ $label
            }}</option>@endforeach</select></label><label>{{ $t('pages/kitchen.its-lid') }} <select
            name="lid">@foreach ($say->options(Orbek\Core\Pot\LidFit::cases()) as $value => $label)<option value="{{ $value }}"
            @selected(($one?->lid->value ?? 'tight') === $value)>{{ $label }}</option>@endforeach</select></label></div>
        <div class="pair"><label>{{ $t('pages/kitchen.across-cm') }} <input name="diameter_cm" type="number" min="10" max="60" step="0.1"
            required value="{{
            $one?->diameterCm }}"></label><label>{{ $t('pages/kitchen.litres') }} <input name="litres" type="number" min="0.5" max="60"
                step="0.1" value="{{
            $one?->litres }}"></label></div>
        <div class="pair"><label>{{ $t('pages/kitchen.or-high-inside-cm') }} <input name="height_cm" type="number" min="4" max="60"
            step="0.1"></label><label>{{ $t('pages/kitchen.handles') }} <select name="handles"><option value="2" @selected(($one?->handles
            ?? 2) === 2)>{{ $t('pages/kitchen.two') }}</option><option value="1"
            @selected($one?->handles === 1)>{{ $t('pages/kitchen.one') }}</option></select></label></div>
        <label>{{ $t('pages/kitchen.on-induction') }} <select name="induction"><option value="">{{ $t('pages/kitchen.as-its-material-does')
            }}</option><option value="1" @selected($one !== null
            && $one->isMagnetic && ! $one->material->isMagnetic())>{{ $t('pages/kitchen.it-works') }}</option><option value="0"
                @selected($one !== null && !
            $one->isMagnetic && $one->material->isMagnetic())>{{ $t('pages/kitchen.it-stays-cold') }}</option></select></label>
        <details class="adding" @if ($one?->cooker !== null) open @endif><summary>{{ $t('pages/kitchen.it-is-a-rice-cooker') }}</summary>
            <div class="pair"><label>{{ $t('pages/kitchen.its-power-w') }} <input name="cooker_watts" type="number" min="100" max="5000"
                step="10" value="{{
                $one?->cooker?->watts }}"></label><label>{{ $t('pages/kitchen.its-cup-ml') }} <input name="cooker_cup_ml" type="number"
                    min="50" max="400" step="1"
                value="{{ $one?->cooker?->cupMl }}"></label></div>
            <label>{{ $t('pages/kitchen.lines-of-its-scale-where-they') }} <input name="cooker_lines" maxlength="200"
                placeholder="{{ $t('pages/kitchen.2-cups-3-4-cups-5') }}" autocomplete="off" value="{{ collect($one?->cooker?->lines ??
                    [])->map(fn ($line, $cups)
                => $cups.' cups '.$line)->implode(', ') }}"></label>
        </details>
        @break
    @case(Orbek\Core\Kitchen\Thing::Ring)
        <div class="pair"><label>{{ $t('pages/kitchen.kind') }} <select
            name="kind">@foreach ($say->options(Orbek\Core\Pot\RingKind::cases()) as $value =>
            $label)<option
            value="{{ $value }}" @selected($one?->kind->value === $value)>{{ $label }}</option>@endforeach</select></label><label>{{
                $t('pages/kitchen.watts') }} <input name="watts" type="number" min="200" max="15000" step="50" required value="{{
                $one?->watts }}"></label></div>
        <label>{{ $t('pages/kitchen.marks-of-its-knob-from-low') }} <input name="marks" maxlength="300" list="knobs" placeholder="{{
            $t('pages/kitchen.low-medium-high') }}"
            value="{{ $one?->knob->written() }}" autocomplete="off"></label>
        <label>{{ $t('pages/kitchen.across-its-flame-or-field-cm') }} <input name="across_cm" type="number" min="4" max="40" step="0.5"
            value="{{ $one === null ? '' : round($one->acrossCm, 1) }}"></label>
        <details class="adding"><summary>{{ $t('pages/kitchen.it-was-measured') }}</summary>
            <label>{{ $t('pages/kitchen.least-steady-heat-of-full') }} <input name="least" type="number" min="0" max="60" step="1" value="{{
                $one === null ? '' :
                round(100 * $one->knob->least) }}"></label>
        </details>
        @break
    @case(Orbek\Core\Kitchen\Thing::Plate)
        <label>{{ $t('pages/kitchen.weight-kg') }} <input name="kg" type="number" min="0.1" max="10" step="0.1" required value="{{ $one?->kg
            }}"></label>
        @break
@endswitch
