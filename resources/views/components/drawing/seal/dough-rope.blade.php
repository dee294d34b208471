<path class="seal dough" d="M{{ $left - $wall - 6 }},{{ $rim - 5 }}h14M{{ $right + $wall - 8 }},{{ $rim - 5 }}h14"/>
