<?php

declare(strict_types=1);

return [
    // The practice clock and the other stand-ins for outside devices can be steered by anyone who
    // can open the page: on for a demo at home and for tests.
    'stand_ins' => (bool) env('ORBEK_STAND_INS', false),
    // Names it answers to; others are refused, lest a page elsewhere reach it under a name of its own.
    'hosts' => array_values(array_filter(array_map(
        static fn (string $host): string => strtolower(trim($host)),
        ['127.0.0.1', 'localhost', '[::1]', ...explode(',', (string) env('ORBEK_HOSTS', ''))],
    ))),
    // Where a home network is served every page wants a sign-in (./orbek start --home sets it).
    'sign_in' => (bool) env('ORBEK_SIGN_IN', false),
    // Where it can be opened from a phone, as ./orbek start --home found them.
    'addresses' => array_values(array_filter(explode(' ', (string) env('ORBEK_ADDRESSES', '')))),
    // What pages are written in; qps is the made-up language that tests walk through.
    'locale' => (string) env('ORBEK_LOCALE', 'en'),
    'timezone' => env('ORBEK_TIMEZONE', 'UTC'),
];
