<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;

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
    ) {
    }

    /**
     * @param  Fields  $fields id (a ULID), type, at (seconds since 1970), subject, minutes, outcome
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
        $needsSubject = in_array($type, [EventType::Started, EventType::Done, EventType::Lengthened, EventType::CautionRead, EventType::Undone], true);

        return new self(
            $id,
            $type,
            (new DateTimeImmutable('@'.(int) $at))->modify(sprintf('+%d microseconds', (int) round(1e6 * ($at - floor($at))))),
            $needsSubject ? $fields->text('subject') : null,
            $type === EventType::Lengthened ? $fields->whole('minutes', -60, 60) : 0,
            $type === EventType::Noted ? Outcome::fromFields($fields->object('outcome')) : null,
        );
    }
}
