<h3>What if</h3>
<form data-ask="whatif" class="plain pair-form">
    <label>Seal <select name="seal">@foreach ($plan->dish->craft->seals->all as $seal)<option value="{{ $seal->id }}"
        @selected($seal->id === $asked->dish->lid->seal->id)>{{ $seal->name }}</option>@endforeach</select></label>
    <label>Pot <select name="pot">@foreach ($plan->kitchen->stovePots() as $pot)<option value="{{ $pot->id }}" @selected($pot->id ===
        $asked->dish->lid->pot)>{{ $pot->name }}</option>@endforeach</select></label>
    <label>Ring <select name="burner">@foreach ($plan->kitchen->equipment->rings as $ring)<option value="{{ $ring->id }}"
        @selected($ring->id
        === $asked->dish->lid->ring)>{{ $ring->label() }}</option>@endforeach</select></label>
    <label>Heat line <select name="line"><option value="same">this one</option><option value="school" @selected($line === 'school')>the
        school's own</option><option value="found" @selected($line === 'found')>the one found for it</option></select></label>
    <button class="quiet">Compare</button>
</form>
@if ($rows !== [])
    <table class="parts versus">
        <thead><tr><th scope="col">what</th><th scope="col">as planned</th><th scope="col">as asked</th></tr></thead>
        <tbody>@foreach ($rows as $row)<tr @class(['differs' => $row['differs']])><th scope="row">{{ $row['what'] }}</th><td>{{ $row['one']
            }}</td><td>{{ $row['other'] }}</td></tr>@endforeach</tbody>
    </table>
    @if (collect($rows)->every(fn ($row) => ! $row['differs']))<p class="small">Nothing differs: change a word above.</p>@endif
@else
    <p>The food does not go into that pot.</p>
@endif
