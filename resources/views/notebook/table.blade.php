<x-layouts.place title="Cooks from a table" place="notebook">
    <div class="page">
        <h1>Cooks from a table</h1>
        <p class="lead">{{ count($found['new']) }} would be new{{ $found['here'] > 0 ?
            ', '.$found['here'].' are here already and stay as they are' : '' }}. Nothing is kept yet.</p>
        @if ($found['new'] !== [])
            <div class="scrolls" tabindex="0" role="group" aria-label="New cooks"><table class="parts"><thead><tr><th
                scope="col">date</th><th scope="col">dish</th><th scope="col">people</th><th scope="col">lifted</th><th
                scope="col">late</th><th scope="col">rice</th><th scope="col">crust</th><th scope="col">filling</th><th
                scope="col">line</th></tr></thead>
                <tbody>@foreach ($found['new'] as $row)<tr><th scope="row">{{ $row['at']->setTimezone($zone)->format('j M Y H:i')
                    }}</th><td>{{ $row['dish']->name }}</td><td>{{ $row['people'] }}</td><td>{{ $row['lifted'] === null ? '' :
                    Orbek\Core\Measure\Figure::clock($row['lifted']) }}</td><td>{{ $row['late'] }}</td><td>{{ $row['outcome']['rice']
                    }}</td><td>{{ $row['outcome']['crust'] ?? ''
                    }}</td><td>{{ $row['outcome']['filling'] }}</td><td>{{ $row['outcome']['line'] ??
                    '' }}</td></tr>@endforeach</tbody></table></div>
            <form method="post" action="{{ route('cooks.take') }}">@csrf<input type="hidden" name="table" value="{{ $table }}"><button
                class="act">Write them into the Notebook</button> <a href="{{ route('notebook') }}">Leave it</a></form>
        @else
            <p><a href="{{ route('notebook') }}">Back to the Notebook</a></p>
        @endif
    </div>
</x-layouts.place>
