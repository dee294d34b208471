<path class="seal cloth" d="M{{ $left - $wall - 5 }},{{ $rim - 5 }}Q{{ $drawing->middle() }},{{ $rim + 3 }} {{ $right + $wall + 5 }},{{
    $rim - 5 }}"/>
