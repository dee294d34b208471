<h3>{{ $t('pages/heat.what-if') }}</h3>
<form data-ask="whatif" class="plain pair-form">
    <label>{{ $t('pages/heat.seal') }} <select name="seal">@foreach ($plan->dish->craft->seals->all as $seal)<option value="{{ $seal->id }}"
        @selected($seal->id === $asked->dish->lid->seal->id)>{{ $seal->name }}</option>@endforeach</select></label>
    <label>{{ $t('pages/heat.pot') }} <select name="pot">@foreach ($plan->kitchen->stovePots() as $pot)<option value="{{ $pot->id }}"
        @selected($pot->id ===
        $asked->dish->lid->pot)>{{ $pot->name }}</option>@endforeach</select></label>
    <label>{{ $t('pages/heat.ring') }} <select name="burner">@foreach ($plan->kitchen->equipment->rings as $ring)<option value="{{ $ring->id
        }}"
        @selected($ring->id
        === $asked->dish->lid->ring)>{{ $ring->label() }}</option>@endforeach</select></label>
    <label>{{ $t('pages/heat.heat-line') }} <select name="line"><option value="same">{{ $t('pages/heat.this-one') }}</option><option
        value="school" @selected($line === 'school')>{{ $t('pages/heat.the-schools-own') }}</option><option value="found" @selected($line
        === 'found')>{{ $t('pages/heat.the-one-found') }}</option></select></label>
    <button class="quiet">{{ $t('pages/heat.compare') }}</button>
</form>
@if ($rows !== [])
    <table class="parts versus">
        <thead><tr><th scope="col">{{ $t('pages/heat.what') }}</th><th scope="col">{{ $t('pages/heat.as-planned') }}</th><th scope="col">{{
            $t('pages/heat.as-asked') }}</th></tr></thead>
        <tbody>@foreach ($rows as $row)<tr @class(['differs' => $row['differs']])><th scope="row">{{ $row['what'] }}</th><td>{{ $row['one']
            }}</td><td>{{ $row['other'] }}</td></tr>@endforeach</tbody>
    </table>
    @if (collect($rows)->every(fn ($row) => ! $row['differs']))<p class="small">{{ $t('pages/heat.nothing-differs-change-a-word-above')
        }}</p>@endif
@else
    <p>{{ $t('pages/heat.the-food-does-not-go-into-2') }}</p>
@endif
