{{-- How each of the kitchens ends, the palest crust first; what is right has a line under it, every colour its word. --}}
<table class="strips">
    <caption>{{ $t('pages/heat.crusts-in-kitchens', hasCrust: $wantsCrust, of: Orbek\Core\Heat\HowSure::KITCHENS) }}</caption>
    <tbody>
        @foreach ($strips as $strip)
            <tr>
                <th scope="row">{{ $say->label($strip['known']) }}</th>
                <td><span class="strip" aria-hidden="true">@foreach ($strip['ends'] as $end)<i class="crust-{{ $end->colour()->value }} {{
                    $end->isRight ? 'is-right' : '' }}"></i>@endforeach</span><span class="small">{{ $strip['words'] }}</span></td>
                <td class="count">{{ $th('pages/heat.right-and-good', right: $strip['right'], isMore: $strip['good'] > $strip['right'],
                    good: $strip['good']) }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
