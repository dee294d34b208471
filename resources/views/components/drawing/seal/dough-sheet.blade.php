<path class="seal dough" d="M{{ $left - $wall - 6 }},{{ $rim + 12 }}v-16H{{ $right + $wall + 6 }}v16"/>
