<x-layouts.place :title="$t('pages/notebook.cooks-from-a-table')" place="notebook">
    <div class="page">
        <h1>{{ $t('pages/notebook.cooks-from-a-table') }}</h1>
        <p class="lead">{{ $t('pages/notebook.would-be-new', new: count($found['new']), here: $found['here']) }}</p>
        @if ($found['new'] !== [])
            <div class="scrolls" tabindex="0" role="group" aria-label="{{ $t('pages/notebook.new-cooks') }}"><table
                class="parts"><thead><tr><th
                scope="col">{{ $t('pages/notebook.date') }}</th><th scope="col">{{ $t('pages/notebook.dish-2') }}</th><th scope="col">{{
                    $t('pages/notebook.people') }}</th><th scope="col">{{ $t('pages/notebook.lifted') }}</th><th
                scope="col">{{ $t('pages/notebook.late') }}</th><th scope="col">{{ $t('pages/notebook.rice-3') }}</th><th scope="col">{{
                    $t('pages/notebook.crust-2') }}</th><th scope="col">{{ $t('pages/notebook.filling-3') }}</th><th
                scope="col">{{ $t('pages/notebook.line') }}</th></tr></thead>
                <tbody>@foreach ($found['new'] as $row)<tr><th scope="row">{{ $say->dated($row['at']->setTimezone($zone), 'short-hour')
                    }}</th><td>{{ $row['dish']->name }}</td><td>{{ $row['people'] }}</td><td>{{ $row['lifted'] === null ? '' :
                    $say->clock($row['lifted']) }}</td><td>{{ $row['late'] }}</td><td>{{ $row['outcome']['rice']
                    }}</td><td>{{ isset($row['outcome']['crust'])
                    ? $say->label(Orbek\Core\Lid\CrustColour::from($row['outcome']['crust'])) : '' }}</td><td>{{ $row['outcome']['filling']
                        }}</td><td>{{ $row['outcome']['line'] ??
                    '' }}</td></tr>@endforeach</tbody></table></div>
            <form method="post" action="{{ route('cooks.take') }}">@csrf<input type="hidden" name="table" value="{{ $table }}"><button
                class="act">{{ $t('pages/notebook.write-them-into-the-notebook') }}</button> <a href="{{ route('notebook') }}">{{
                    $t('pages/notebook.leave-it') }}</a></form>
        @else
            <p><a href="{{ route('notebook') }}">{{ $t('pages/notebook.back-to-the-notebook') }}</a></p>
        @endif
    </div>
</x-layouts.place>
