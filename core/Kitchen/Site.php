<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

use DateTimeZone;
use Exception;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** Where a kitchen stands: how high, how warm, by which clock. */
final readonly class Site
{
    private function __construct(
        public float $altitudeM,
        public float $roomC,
        public float $tapC,
        public DateTimeZone $timezone,
    ) {
    }

    /**
     * @param  Fields  $fields the kitchen's
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields): self
    {
        try {
            $timezone = new DateTimeZone($fields->text('timezone'));
        } catch (Exception) {
            throw Refused::because('timezone', 'refused.unknown-timezone', fields: $fields->text('timezone'));
        }

        return new self(
            $fields->number('altitude_m', -430, 5500, 'm'),
            $fields->number('room_c', 5, 45, '°C', 20),
            $fields->number('tap_c', 2, 40, '°C', 12),
            $timezone,
        );
    }
}
