<x-layouts.place :title="$t('pages/shelf.a-recipe-from-a-file')" place="shelf">
    <div class="page">
        <h1>{{ $recipe->name }}</h1>
        <p class="lead">{{ $t('pages/shelf.of-lines-could-be-read-nothing', lines: count(array_filter($recipe->lines, fn ($line) =>
            $line->isRead())), all: count($recipe->lines)) }}</p>
        <form method="post" action="{{ route('dish.from-recipe') }}">
            @csrf
            <table class="recipe-lines">
                <thead><tr><th scope="col">{{ $t('pages/shelf.as-it-stands-there') }}</th><th scope="col">{{ $t('pages/shelf.read-as')
                    }}</th><th scope="col">{{ $t('pages/shelf.grams') }}</th><th scope="col">{{ $t('pages/shelf.goes-in')
                    }}</th></tr></thead>
                <tbody>
                    @foreach ($recipe->lines as $index => $line)
                        <tr @class(['unread' => ! $line->isRead()])>
                            <td>{{ $line->text }}<input type="hidden" name="lines[{{ $index }}][text]" value="{{ $line->text }}"><input
                                type="hidden" name="lines[{{ $index }}][for]" value="{{ $line->for }}"><input type="hidden" name="lines[{{
                                $index }}][piece_g]" value="{{ $line->pieceG() }}"></td>
                            <td><input name="lines[{{ $index }}][of]" value="{{ $line->of }}" maxlength="80" required aria-label="{{
                                $t('pages/shelf.line-what', index: $index + 1) }}"><span class="small">{{ $t('pages/shelf.line-read',
                                    isFood: $line->food !== null && $line->guess === null, food: $line->food?->names[0] ?? '', note:
                                    $line->note, isGuess: $line->guess !== null, guess: $line->guess ?? '') }}</span></td>
                            <td><input name="lines[{{ $index }}][grams]" type="number" min="0" max="20000" step="0.1" value="{{ $line->grams
                                === null ? '' : round($line->grams, 1) }}" aria-label="{{ $t('pages/shelf.line-grams', index: $index + 1)
                                    }}"></td>
                            <td><select name="lines[{{ $index }}][role]" aria-label="{{ $t('pages/shelf.line-goes', index: $index + 1)
                                }}">@foreach ($roles as $role => $label)<option value="{{ $role }}" @selected($role ===
                                ($line->isUnderstood() ? $line->role : 'nowhere'))>{{ $label }}</option>@endforeach</select></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($recipe->unread !== [])
                <h2>{{ $t('pages/shelf.not-understood') }}</h2>
                <ul>@foreach ($recipe->unread as $row)<li class="clash"><p>{{ $row }}</p></li>@endforeach</ul>
            @endif
            @if ($recipe->steps !== [])
                <h2>{{ $t('pages/shelf.its-method') }}</h2>
                <p class="small">{{ $t('pages/shelf.each-sentence-and-what-becomes') }}</p>
                <ol class="recipe-steps">
                    @foreach ($recipe->steps as $index => $step)
                        <li>
                            <input type="hidden" name="steps[{{ $index }}][text]" value="{{ $step->text }}">
                            <input type="hidden" name="steps[{{ $index }}][ring]" value="{{ $step->ring }}">
                            <p>{{ $step->text }}</p>
                            <div class="becomes">
                                <select name="steps[{{ $index }}][goes]" aria-label="{{ $t('pages/shelf.step-what-becomes', index: $index +
                                    1) }}">@foreach ($goes as $one => $label)<option value="{{ $one }}" @selected($one ===
                                    $places[$index]->value)>{{ $label }}</option>@endforeach</select>
                                <label><input name="steps[{{ $index }}][least]" type="number" min="0.1" max="2880" step="any" value="{{
                                    $step->minutes[0] ?? '' }}" aria-label="{{ $t('pages/shelf.step-least-minutes', index: $index + 1) }}">
                                        {{ $t('pages/shelf.to') }} <input name="steps[{{
                                    $index }}][most]" type="number" min="0.1" max="2880" step="any" value="{{ $step->minutes[1] ?? ''
                                    }}" aria-label="{{ $t('pages/shelf.step-most-minutes', index: $index + 1) }}"> {{ $t('pages/shelf.min')
                                        }}</label>
                                <label>{{ $t('pages/shelf.till') }} <input name="steps[{{ $index }}][look]" value="{{ $step->look }}"
                                    maxlength="80"
                                    aria-label="{{ $t('pages/shelf.step-till-what-is-seen', index: $index + 1) }}"
                                        autocomplete="off"></label>
                            </div>
                        </li>
                    @endforeach
                </ol>
            @endif
            <div class="plain pair-form">
                <label>{{ $t('pages/shelf.name') }} <input name="name" value="{{ $recipe->name }}" maxlength="180" required></label>
                <label>{{ $t('pages/shelf.for-how-many') }} <input name="eaters" type="number" min="1" max="60" value="{{ $recipe->eaters
                    }}" required></label>
                <label>{{ $t('pages/shelf.school') }} <select name="school">@foreach (app(Orbek\Core\Dish\Craft::class)->schools->all
                    as $school)<option value="{{
                    $school->id }}" @selected($school->id === $recipe->school)>{{ $school->label }}</option>@endforeach</select></label>
            </div>
            <p><button class="act">{{ $t('pages/shelf.put-it-on-the-shelf') }}</button> <a href="{{ route('shelf') }}">{{
                $t('pages/shelf.leave-it') }}</a></p>
        </form>
    </div>
</x-layouts.place>
