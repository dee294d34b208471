<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use LogicException;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** Something that happened at the stove: made and dated by the cook's own device, never changed. */
abstract readonly class Event
{
    /** Every kind of event, by the name it is sent and kept under. */
    public const KINDS = [
        'started' => Events\Started::class,
        'done' => Events\Done::class,
        'lengthened' => Events\Lengthened::class,
        'tested' => Events\Tested::class,
        'weighed' => Events\Weighed::class,
        'glassed' => Events\Glassed::class,
        'back-at-boil' => Events\BackAtBoil::class,
        'scooped' => Events\Scooped::class,
        'tasted' => Events\Tasted::class,
        'heat-set' => Events\HeatSet::class,
        'steered' => Events\Steered::class,
        'opened' => Events\Opened::class,
        'cue' => Events\CueSeen::class,
        'late' => Events\Late::class,
        'sooner' => Events\Sooner::class,
        'caution-read' => Events\CautionRead::class,
        'served' => Events\Served::class,
        'taken' => Events\Taken::class,
        'eaters' => Events\Eaters::class,
        'left-out' => Events\LeftOut::class,
        'ring-failed' => Events\RingFailed::class,
        'hands' => Events\Hands::class,
        'noted' => Events\Noted::class,
        'crust-measured' => Events\CrustMeasured::class,
        'remarked' => Events\Remarked::class,
        'chilled' => Events\Chilled::class,
        'leftovers' => Events\LeftoversWent::class,
        'undone' => Events\Undone::class,
    ];

    /** What is of all that is cooked, and of no dish of it. */
    public const OF_ALL = [
        Events\Late::class, Events\Sooner::class, Events\Served::class, Events\Eaters::class,
        Events\LeftOut::class, Events\RingFailed::class, Events\Hands::class, Events\Undone::class,
    ];

    /** Seconds before a cook began, and ahead of the server, at which an event is still believed. */
    public const BEFORE_S = 3600;

    private const AHEAD_S = 600;

    protected function __construct(public string $id, public DateTimeImmutable $at)
    {
    }

    /** @throws Refused when the event's own fields cannot be so */
    abstract protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self;

    /** @return array<string, mixed> its own fields, as read() reads them */
    abstract protected function details(): array;

    /** What it does to the cook; whether it counted, and an undo would take it back. */
    abstract public function happenTo(State $state): bool;

    /** What it does to the sides of a meal, which have no pot; whether it counted. */
    public function happenToSides(Tasks $sides): bool
    {
        return false;
    }

    /**
     * @param  Fields  $fields id (a ULID), type, at (seconds since 1970) and what its kind has
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields): self
    {
        $id = $fields->text('id');
        if (preg_match('/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/', $id) !== 1) {
            throw Refused::because($fields->at('id'), 'refused.no-ulid', id: $id);
        }
        $kind = self::KINDS[$fields->text('type')]
            ?? throw Refused::unknown($fields->at('type'), $fields->text('type'), array_keys(self::KINDS));
        $at = $fields->number('at', 0, 4_000_000_000, 's since 1970');
        $moment = (new DateTimeImmutable('@'.(int) $at))->modify(
            sprintf('+%d microseconds', (int) round(1e6 * ($at - floor($at)))),
        );

        return $kind::read($id, $moment, $fields);
    }

    /**
     * The same, when it can have happened in a cook: a device's clock may be off, but not by hours.
     *
     * @throws Refused when it happened long before the cook began, or is yet to come
     */
    public function inCook(DateTimeImmutable $beganAt, DateTimeImmutable $now, string $field): self
    {
        $told = fn (): string => $this->at->setTimezone($now->getTimezone())->format('H:i \o\n j F Y');
        if ($this->at->getTimestamp() < $beganAt->getTimestamp() - self::BEFORE_S) {
            throw Refused::because($field, 'refused.before-the-cook', value: $told());
        }
        if ($this->at->getTimestamp() > $now->getTimestamp() + self::AHEAD_S) {
            throw Refused::because($field, 'refused.yet-to-come', value: $told());
        }

        return $this;
    }

    /**
     * The same, when what it names is known to the craft.
     *
     * @throws Refused naming the field
     */
    public function knownTo(Craft $craft, string $field): static
    {
        return $this;
    }

    /**
     * The same, where the kitchen has the ring and the plate that it names.
     *
     * @throws Refused naming the field
     */
    public function inKitchen(Kitchen $kitchen): static
    {
        return $this;
    }

    /** @return array<string, mixed> as fromFields() reads it, and nothing else */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'type' => $this->kind(),
            'at' => (float) $this->at->format('U.u'),
        ] + $this->details();
    }

    /** The name of its kind. */
    public function kind(): string
    {
        $kind = array_search(static::class, self::KINDS, true);

        return is_string($kind) ? $kind : throw new LogicException(static::class.' is no kind of event.');
    }
}
