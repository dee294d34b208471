<?php

declare(strict_types=1);

return [
    'rice-done' => 'rice done to {value, number, ::.} %{least, select, yes{, at least {from, number, ::.} %} other{}}{most, select, yes{, at most {to, number, ::.} %} other{}}',
    'rice-weight' => 'rice at {value, number, ::.00} times raw{least, select, yes{, at least {from, number, ::.00} times raw} other{}}{most, select, yes{, at most {to, number, ::.00} times raw} other{}}',
    'free-water' => 'free water {value, number, ::.00} of the raw rice{least, select, yes{, at least {from, number, ::.00} of the raw rice} other{}}{most, select, yes{, at most {to, number, ::.00} of the raw rice} other{}}',
    'safe-core' => 'core {value, number, ::.} °C{least, select, yes{, at least {from, number, ::.} °C} other{}}{most, select, yes{, at most {to, number, ::.} °C} other{}}',
    'tender' => 'filling {value, number, ::.0} times tender{least, select, yes{, at least {from, number, ::.0} times tender} other{}}{most, select, yes{, at most {to, number, ::.0} times tender} other{}}',
    'steamed' => 'the top of the rice in steam for {value, number, ::.} min{least, select, yes{, at least {from, number, ::.}} other{}}{most, select, yes{, at most {to, number, ::.}} other{}}',
    'crust-set' => 'crust dried {value, number, ::.0} mm deep{least, select, yes{, at least {from, number, ::.0} mm} other{}}{most, select, yes{, at most {to, number, ::.0} mm} other{}}',
    'crust' => 'crust browned {value, number, ::.00}{least, select, yes{, at least {from, number, ::.00}} other{}}{most, select, yes{, at most {to, number, ::.00}} other{}}',
];
