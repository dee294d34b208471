<p class="small">{{ $d->school->label }}: {{ $d->school->gloss }}.</p>
@if ($d->table->guests !== [])
    <ul class="guests">
        @foreach ($d->table->guests as $index => $guest)
            @php $warnings = $guest->warnings($d); @endphp
            <li @class(['warned' => $warnings !== []])>
                <span><strong>{{ $guest->who }}</strong>, {{ $say->label($guest->diet) }}@if ($guest->avoids !== []), no {{ collect($guest->avoids)->map(fn ($a) => $say->label($a))->implode(', ') }}@endif{{ $guest->isSmallChild ? ', a small child' : '' }}:
                    {{ $warnings === [] ? 'may eat all of it.' : 'not without care: '.$say->list($warnings).'.' }}</span>
                <button type="button" data-mend data-path="guests:remove:{{ $index }}" data-value="null" aria-label="{{ $guest->who }}: take off the list">Take off</button>
            </li>
        @endforeach
    </ul>
@endif
<details class="adding" data-keep-open><summary>Someone who must not eat everything</summary>
    <form data-add="guests">
        <label>Who <input name="who" maxlength="60" required autocomplete="off"></label>
        <label>Eats <select name="diet">@foreach (Orbek\Core\Dish\Diet::cases() as $diet)<option value="{{ $diet->value }}">{{ $say->label($diet) }}</option>@endforeach</select></label>
        <fieldset><legend>Must not have</legend>@foreach (Orbek\Core\Care\Allergen::cases() as $allergen)<label class="tick"><input type="checkbox" name="avoids" data-list value="{{ $allergen->value }}"> {{ $say->label($allergen) }}</label>@endforeach</fieldset>
        <label class="tick"><input type="checkbox" name="small_child" data-flag> a small child</label>
        <button class="quiet">Note it</button>
    </form>
</details>
