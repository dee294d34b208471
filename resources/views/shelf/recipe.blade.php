<x-layouts.place title="A recipe from a file" place="shelf">
    <div class="page">
        <h1>{{ $recipe->name }}</h1>
        <p class="lead">{{ count(array_filter($recipe->lines, fn ($line) => $line->isRead())) }} of {{
            count($recipe->lines) }} lines could be read; nothing is kept yet. Put right what is wrong, and say what the others are.</p>
        <form method="post" action="{{ route('dish.from-recipe') }}">
            @csrf
            <table class="recipe-lines">
                <thead><tr><th scope="col">as it stands there</th><th scope="col">read as</th><th scope="col">grams</th><th scope="col">goes
                    in as</th></tr></thead>
                <tbody>
                    @foreach ($recipe->lines as $index => $line)
                        <tr @class(['unread' => ! $line->isRead()])>
                            <td>{{ $line->text }}<input type="hidden" name="lines[{{ $index }}][text]" value="{{ $line->text }}"><input
                                type="hidden" name="lines[{{ $index }}][for]" value="{{ $line->for }}"><input type="hidden" name="lines[{{
                                $index }}][piece_g]" value="{{ $line->pieceG() }}"></td>
                            <td><input name="lines[{{ $index }}][of]" value="{{ $line->of }}" maxlength="80" required aria-label="Line {{
                                $index + 1 }}: what it is"><span class="small">{{ $line->food === null || $line->guess !== null ? '' :
                                $line->food->names[0].', ' }}{{ $line->note }}{{ $line->guess === null ? '' : '; taken for '.$line->guess
                                }}</span></td>
                            <td><input name="lines[{{ $index }}][grams]" type="number" min="0" max="20000" step="0.1" value="{{ $line->grams
                                === null ? '' : round($line->grams, 1) }}" aria-label="Line {{ $index + 1 }}: grams"></td>
                            <td><select name="lines[{{ $index }}][role]" aria-label="Line {{ $index + 1
                                }}: goes in as">@foreach ($roles as $role => $label)<option value="{{ $role }}" @selected($role ===
                                ($line->isUnderstood() ? $line->role : 'nowhere'))>{{ $label }}</option>@endforeach</select></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($recipe->unread !== [])
                <h2>Not understood</h2>
                <ul>@foreach ($recipe->unread as $row)<li class="clash"><p>{{ $row }}</p></li>@endforeach</ul>
            @endif
            @if ($recipe->steps !== [])
                <h2>Its method</h2>
                <p class="small">Each sentence, and what becomes of it here. What is told beside ours stands on the Pot, to be taken with a
                    tap.</p>
                <ol class="recipe-steps">
                    @foreach ($recipe->steps as $index => $step)
                        <li>
                            <input type="hidden" name="steps[{{ $index }}][text]" value="{{ $step->text }}">
                            <input type="hidden" name="steps[{{ $index }}][ring]" value="{{ $step->ring }}">
                            <p>{{ $step->text }}</p>
                            <div class="becomes">
                                <select name="steps[{{ $index }}][goes]" aria-label="Step {{ $index + 1
                                    }}: what becomes of it">@foreach ($goes as $one => $label)<option value="{{ $one }}" @selected($one ===
                                    $places[$index]->value)>{{ $label }}</option>@endforeach</select>
                                <label><input name="steps[{{ $index }}][least]" type="number" min="0.1" max="2880" step="any" value="{{
                                    $step->minutes[0] ?? '' }}" aria-label="Step {{ $index + 1 }}: least minutes"> to <input name="steps[{{
                                    $index }}][most]" type="number" min="0.1" max="2880" step="any" value="{{ $step->minutes[1] ?? ''
                                    }}" aria-label="Step {{ $index + 1 }}: most minutes"> min</label>
                                <label>till <input name="steps[{{ $index }}][look]" value="{{ $step->look }}" maxlength="80"
                                    aria-label="Step {{ $index + 1 }}: till what is seen" autocomplete="off"></label>
                            </div>
                        </li>
                    @endforeach
                </ol>
            @endif
            <div class="plain pair-form">
                <label>Name <input name="name" value="{{ $recipe->name }}" maxlength="180" required></label>
                <label>For how many <input name="eaters" type="number" min="1" max="60" value="{{ $recipe->eaters }}" required></label>
                <label>School <select name="school">@foreach (app(Orbek\Core\Dish\Craft::class)->schools->all as $school)<option value="{{
                    $school->id }}" @selected($school->id === $recipe->school)>{{ $school->label }}</option>@endforeach</select></label>
            </div>
            <p><button class="act">Put it on the shelf</button> <a href="{{ route('shelf') }}">Leave it</a></p>
        </form>
    </div>
</x-layouts.place>
