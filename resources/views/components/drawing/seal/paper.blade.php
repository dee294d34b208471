<path class="seal paper" d="M{{ $left - $wall - 2 }},{{ $rim - 5 }}H{{ $right + $wall + 2 }}"/>
