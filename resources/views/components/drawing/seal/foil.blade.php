<path class="seal foil" d="M{{ $left - $wall - 6 }},{{ $rim + 12 }}v-15H{{ $right + $wall + 6 }}v15"/>
