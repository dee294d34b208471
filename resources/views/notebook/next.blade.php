@foreach ($mishaps as $one)
    <div class="proposal">
        <p><strong>{{ $say->label($one->what) }}.</strong> {{ $say->first($one->cause) }}. <strong>{{ $say->first($one->change)
            }}.</strong></p>
        @if ($one->path !== null && $dish !== null)<form method="post" action="{{ route('cook.next.take', $cook) }}">@csrf<input
            type="hidden" name="version" value="{{ $dish->version }}"><input type="hidden" name="path" value="{{ $one->path }}"><input
            type="hidden" name="value" value="{{ json_encode($one->value) }}"><button class="quiet">Make it so in the
            dish</button></form>@endif
    </div>
@endforeach
@if ($causes === [])
    @if ($mishaps === [])<p>{{ $isNoted ? 'Nothing was off that cooking it again with one thing otherwise would explain.' :
        'Note how it came out first.' }}</p>@endif
@else
    <p class="small">The cook is followed again with one thing other than it was thought; what comes nearest to how it came out stands
        first.</p>
    <ol class="causes">@foreach ($causes as $cause)<li><strong>{{ $say->first($cause['cause']) }}</strong>: {{ $cause['so']
        }}.</li>@endforeach</ol>
    <h2>What to change next time</h2>
    @forelse ($proposals as $one)
        <div class="proposal">
            @if ($one->path === null)
                <p><strong>{{ $say->first($one->change) }}.</strong> If {{ $one->cause }}: then foretold <strong>{{
                    $say->label($one->course()->colour()) }}</strong>, right in <strong>{{ $one->right }}</strong> of {{
                    Orbek\Core\Heat\HowSure::KITCHENS }}.</p>
            @else
                <p><strong>{{ $say->first($one->change) }}.</strong> If {{ $one->cause }}, it would come out {{
                    $say->label($one->before->course->colour()) }} again; so changed it is foretold <strong>{{
                    $say->label($one->course()->colour()) }}</strong>, right in <strong>{{ $one->right }}</strong> of {{
                    Orbek\Core\Heat\HowSure::KITCHENS }}{{ $one->longerMin() === 0 ? '' :
                        ', and takes '.abs($one->longerMin()).' min '.($one->longerMin() > 0 ? 'longer'
                    : 'less').' under the lid' }}.</p>
            @endif
            @if ($one->faults() !== [])<p class="small">Still foretold: {{ $say->sentences(array_map(fn ($fault) => $fault->says,
                $one->faults()))
                }}</p>@endif
            @if ($one->path === null)
            @elseif ($dish === null)
                <p class="small">The dish is put away: take it out on the Shelf to change it.</p>
            @else
                <form method="post" action="{{ route('cook.next.take', $cook) }}">@csrf<input type="hidden" name="version" value="{{
                    $dish->version }}"><input type="hidden" name="path" value="{{ $one->path }}"><input type="hidden" name="value" value="{{
                    json_encode($one->value) }}"><button class="quiet">Make it so in the dish</button></form>
            @endif
        </div>
    @empty
        <p>No change of the dish meets them better than what has been learned already: planned anew, its heat takes that into account.</p>
    @endforelse
@endif
