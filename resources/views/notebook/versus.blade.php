@if ($rows === null)
    <p>Of one of them it is not noted when the lid went on and came off.</p>
@else
    <div class="scrolls" tabindex="0" role="group" aria-label="Under the lid"><table
        class="versus"><thead><tr><td></td>@foreach ($cooks as $cook)<th scope="col">{{ $cook->started_at->format('j F Y')
        }}</th>@endforeach</tr></thead>
        <tbody>@foreach ($rows as $row)<tr @class(['differs' => $row['differs']])><th scope="row">{{ $row['what'] }}</th><td>{{ $row['one']
            }}</td><td>{{ $row['other'] }}</td></tr>@endforeach</tbody></table></div>
@endif
