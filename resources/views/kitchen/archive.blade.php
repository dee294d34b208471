<x-dynamic-component :component="'layouts.'.($hasKitchen ? 'place' : 'bare')" title="An archive" place="kitchen">
    <div class="page">
        <h1>{{ $from === '' ? 'An archive' : $from }}</h1>
        <p class="lead">So it would come in. Nothing is kept yet; what is here stays as it is.</p>
        <table class="parts"><thead><tr><td></td><th scope="col">new</th><th scope="col">here already</th><th scope="col">here in another
            version</th><th scope="col">another household’s</th></tr></thead>
            <tbody>@foreach ($found as $part => $count)@if (array_sum($count) > 0)<tr><th scope="row">{{ $words[$part] }}</th><td>{{
                $count['new'] }}</td><td>{{ $count['here'] }}</td><td>{{ $count['differs'] }}</td><td>{{ $count['elsewhere']
                }}</td></tr>@endif @endforeach</tbody></table>
        <form method="post" action="{{ route('archive.take') }}">@csrf<input type="hidden" name="key" value="{{ $key }}">
            @if ($new > 0)<button class="act">Bring in what is new</button>@else<p>All of it is here already.</p>@endif <a href="{{
                route($hasKitchen ? 'kitchen' : 'begin') }}">Leave it</a></form>
    </div>
</x-dynamic-component>
