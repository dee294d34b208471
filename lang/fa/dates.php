<?php

declare(strict_types=1);

return [
    'day' => 'EEEE d MMMM',
    'date' => 'd MMMM',
    'date-year' => 'd MMMM y',
    'day-year' => 'EEEE d MMMM y',
    'date-hour' => 'd MMMM، HH:mm',
    'date-year-hour' => 'd MMMM y، HH:mm',
    'date-and-hour' => 'd MMMM، HH:mm',
    'weekday' => 'EEEE',
    'month' => 'MMMM y',
    'short' => 'd MMM',
    'short-hour' => 'd MMM y HH:mm',
    'weekday-hour' => 'EEEE HH:mm',
    'day-hour' => 'EEEE d MMMM، HH:mm',
];
