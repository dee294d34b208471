{{-- What is put ready before the first heat, in the order of the work. --}}
<details class="mise" data-keep-open><summary>{{ $t('pages/stove.put-ready-first-bowls', mise: count($mise)) }}</summary>
    <ul>@foreach ($mise as $one)<li><svg viewBox="0 0 40 26" aria-hidden="true"><path d="M3,4a17,19 0 0 0
        34,0z"/></svg>
        <span><strong>{{ $one['name'] }}</strong>@if ($one['of'] !== '')<span class="small">{{ $one['of'] }}</span>@endif
        @foreach ($one['things'] as $thing)<span class="small">{{ $thing }}</span>@endforeach</span></li>@endforeach</ul>
</details>
