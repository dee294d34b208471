{{-- How each of the kitchens ends, the palest crust first; what is right has a line under it, every colour its word. --}}
<table class="strips">
    <caption>{{ $wantsCrust ? 'The crust' : 'The base' }} in {{ Orbek\Core\Heat\HowSure::KITCHENS }} kitchens like yours</caption>
    <tbody>
        @foreach ($strips as $strip)
            <tr>
                <th scope="row">{{ $say->label($strip['known']) }}</th>
                <td><span class="strip" aria-hidden="true">@foreach ($strip['ends'] as $end)<i class="crust-{{ $end->colour()->value }} {{
                    $end->isRight ? 'is-right' : '' }}"></i>@endforeach</span><span class="small">{{ $strip['words'] }}</span></td>
                <td class="count"><strong>{{ $strip['right'] }}</strong> right{{ $strip['good'] > $strip['right'] ?
                    ", {$strip['good']} good" : '' }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
