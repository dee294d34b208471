<x-dynamic-component :component="'layouts.'.($hasKitchen ? 'place' : 'bare')" :title="$t('pages/kitchen.an-archive')" place="kitchen">
    <div class="page">
        <h1>{{ $from !== '' ? $from : $t('pages/kitchen.an-archive-here') }}</h1>
        <p class="lead">{{ $t('pages/kitchen.so-it-would-come-in-nothing') }}</p>
        <table class="parts"><thead><tr><td></td><th scope="col">{{ $t('pages/kitchen.new') }}</th><th scope="col">{{
            $t('pages/kitchen.here-already') }}</th><th scope="col">{{ $t('pages/kitchen.here-in-another-version') }}</th><th scope="col">{{
            $t('pages/kitchen.another-households') }}</th></tr></thead>
            <tbody>@foreach ($found as $part => $count)@if (array_sum($count) > 0)<tr><th scope="row">{{ $t('pages/kitchen.archive-part',
                part: strtr($part, '-', '_')) }}</th><td>{{
                $count['new'] }}</td><td>{{ $count['here'] }}</td><td>{{ $count['differs'] }}</td><td>{{ $count['elsewhere']
                }}</td></tr>@endif @endforeach</tbody></table>
        <form method="post" action="{{ route('archive.take') }}">@csrf<input type="hidden" name="key" value="{{ $key }}">
            @if ($new > 0)<button class="act">{{ $t('pages/kitchen.bring-in-what-is-new') }}</button>@else<p>{{
                $t('pages/kitchen.all-of-it-is-here-already') }}</p>@endif <a href="{{
                route($hasKitchen ? 'kitchen' : 'begin') }}">{{ $t('pages/kitchen.leave-it') }}</a></form>
    </div>
</x-dynamic-component>
