<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Rice\Stage;

/** Something that happened at the stove: made and dated by the cook's own device, never changed. */
final readonly class Event
{
    private function __construct(
        public string $id,
        public EventType $type,
        public DateTimeImmutable $at,
        /** The task, the caution or the event it is about. */
        public ?string $subject,
        /** Minutes a task is lengthened by. */
        public int $minutes,
        public ?Outcome $outcome,
        /** What a tested grain was like. */
        public ?Stage $stage,
        /** A drained spoonful's weight over its raw weight. */
        public float $ratio,
        /** What the ring was turned to, %. */
        public float $setting,
    ) {
    }

    /**
     * @param  Fields  $fields id (a ULID), type, at (seconds since 1970), subject, minutes, outcome, stage, raw_g and drained_g, setting
     *
     * @throws OutOfRange
     */
    public static function fromFields(Fields $fields): self
    {
        $id = $fields->text('id');
        if (preg_match('/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/', $id) !== 1) {
            throw OutOfRange::because($fields->at('id'), "\"{$id}\" is no ULID;", 'give 26 characters of Crockford\'s base 32');
        }
        $type = $fields->one('type', EventType::class);
        $at = $fields->number('at', 0, 4_000_000_000, 's since 1970');
        $needsSubject = ! in_array($type, [EventType::Served, EventType::Noted, EventType::Late, EventType::Opened], true);

        return new self(
            $id,
            $type,
            (new DateTimeImmutable('@'.(int) $at))->modify(sprintf('+%d microseconds', (int) round(1e6 * ($at - floor($at))))),
            $type === EventType::Cue ? $fields->one('subject', Cue::class)->value : ($needsSubject ? $fields->text('subject') : null),
            match ($type) {
                EventType::Lengthened => $fields->whole('minutes', -60, 60),
                EventType::Late => $fields->whole('minutes', 1, 120),
                default => 0,
            },
            $type === EventType::Noted ? Outcome::fromFields($fields->object('outcome')) : null,
            $type === EventType::Tested ? $fields->one('stage', Stage::class) : null,
            $type === EventType::Weighed ? self::ratio($fields) : 0.0,
            $type === EventType::HeatSet ? $fields->number('setting', 0, 100, '%') : 0.0,
        );
    }

    /** A drained spoonful's weight over its raw weight: rice weighs between itself and three and a half times itself. */
    private static function ratio(Fields $fields): float
    {
        $raw = $fields->number('raw_g', 1, 200, 'g');

        return OutOfRange::unlessBetween($fields->at('drained_g').' over raw_g', $fields->number('drained_g', 0, 2000, 'g') / $raw, 1.0, 3.5);
    }
}
