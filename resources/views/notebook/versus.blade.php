@if ($rows === null)
    <p>{{ $t('pages/notebook.of-one-of-them') }}</p>
@else
    <div class="scrolls" tabindex="0" role="group" aria-label="{{ $t('pages/notebook.under-the-lid') }}"><table
        class="versus"><thead><tr><td></td>@foreach ($cooks as $cook)<th scope="col">{{ $say->dated($cook->started_at, 'date-year')
        }}</th>@endforeach</tr></thead>
        <tbody>@foreach ($rows as $row)<tr @class(['differs' => $row['differs']])><th scope="row">{{ $row['what'] }}</th><td>{{ $row['one']
            }}</td><td>{{ $row['other'] }}</td></tr>@endforeach</tbody></table></div>
@endif
