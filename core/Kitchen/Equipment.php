<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Oven;
use Orbek\Core\Pot\Plate;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;

/** What a kitchen cooks with, and how many hands use it. */
final readonly class Equipment
{
    /**
     * @param  non-empty-array<string, Pot>  $pots by id
     * @param  non-empty-array<string, Ring>  $rings by id
     * @param  array<string, Plate>  $plates by id
     */
    private function __construct(
        public array $pots,
        public array $rings,
        public array $plates,
        public ?Oven $oven,
        public Cup $cup,
        /** Pairs of hands that usually cook. */
        public int $hands,
        public bool $hasThermometer,
        public bool $hasScale,
        /** Of the tray that drained rice is spread on; null where nobody told. */
        public ?float $trayCm2,
    ) {
    }

    /** Whether a pot, ring or plate has this id. */
    public function has(string $id): bool
    {
        return isset($this->pots[$id]) || isset($this->rings[$id]) || isset($this->plates[$id]);
    }

    /**
     * @param  Fields  $fields the kitchen's
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields): self
    {
        $pots = $fields->byId('pots', Pot::fromFields(...));
        $rings = $fields->byId('burners', Ring::fromFields(...));
        if (array_filter($pots, static fn (Pot $pot): bool => $pot->cooker === null) === []) {
            throw Refused::because('pots', 'refused.no-pot-for-a-ring');
        }

        return new self(
            pots: $pots,
            rings: $rings,
            plates: $fields->each('plates') === [] ? [] : $fields->byId('plates', Plate::fromFields(...)),
            oven: $fields->has('oven') ? Oven::fromFields($fields->object('oven')) : null,
            cup: $fields->one('cup', Cup::class, Cup::Metric),
            hands: $fields->whole('hands', 1, 6, 1),
            hasThermometer: $fields->flag('thermometer', false),
            hasScale: $fields->flag('scale', true),
            trayCm2: $fields->has('tray_cm2') ? $fields->number('tray_cm2', 100, 10000, 'cm²') : null,
        );
    }
}
