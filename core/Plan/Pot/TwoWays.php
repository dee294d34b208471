<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Pot;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Dish\Serving;
use Orbek\Core\Dish\Spices;
use Orbek\Core\Filling\Acid;
use Orbek\Core\Filling\FillingGroup;
use Orbek\Core\Filling\Yogurt;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Station;
use Orbek\Core\Rice\Draining;

/** Where good cooks disagree: both ways are choices with their reason, one of them the default. */
final readonly class TwoWays
{
    /**
     * @param  list<array{value: string|int, label: Note, why: Note, isDefault: bool, isChosen: bool}>  $ways
     */
    private function __construct(
        public Station $station, public Note $question, public string $path, public array $ways,
    ) {
    }

    /** @return list<self> those that this dish can be made in two ways about */
    public static function of(Dish $dish): array
    {
        return array_values(array_filter([
            self::rinsing($dish), self::spices($dish), self::poultryOvernight($dish), self::yogurt($dish),
            self::stirring($dish),
        ]));
    }

    private static function rinsing(Dish $dish): ?self
    {
        if ($dish->grain->cooking->isMeasured()) {
            return null;
        }
        $draining = $dish->grain->water->draining;
        $rinsed = $draining === Draining::Rinse;

        return new self(Station::Water, Note::of('two-ways.rinse'), 'water/drain', [
            self::way(
                $rinsed ? Draining::Heap->value : $draining->value, Note::of('two-ways.never'),
                Note::of('two-ways.never-why'), true, ! $rinsed,
            ),
            self::way(
                Draining::Rinse->value, Note::of('two-ways.cold'),
                Note::of('two-ways.cold-why'), false, $rinsed,
            ),
        ]);
    }

    private static function spices(Dish $dish): ?self
    {
        $spices = $dish->grain->water->spices;

        return $dish->grain->cooking->isMeasured() || $spices === Spices::None ? null : new self(
            Station::Water, Note::of('two-ways.whole-spices'), 'water/spices', [
                self::way(
                    Spices::Fished->value, Note::of('two-ways.fished-out'),
                    Note::of('two-ways.fished-out-why'), true, $spices === Spices::Fished,
                ),
                self::way(
                    Spices::Left->value, Note::of('two-ways.left-in'),
                    Note::of('two-ways.left-in-why'), false, $spices === Spices::Left,
                ),
            ],
        );
    }

    private static function poultryOvernight(Dish $dish): ?self
    {
        $marinade = $dish->fillings->main()?->marinade;
        $poultry = array_filter(
            $dish->fillings->main()->parts ?? [],
            static fn (FillingPart $part): bool => $part->kind->group === FillingGroup::Poultry,
        );

        return $marinade === null || $poultry === [] || $marinade->acid === Acid::Strong ? null : new self(
            Station::Filling, Note::of('two-ways.poultry-overnight'),
            "fillings/{$dish->fillings->mainPlace()}/marinade/minutes", [
                self::way(
                    240, Note::of('two-ways.four-hours'), Note::of('two-ways.four-hours-why'), true,
                    ! $marinade->isOvernight(),
                ),
                self::way(
                    720, Note::of('two-ways.overnight'), Note::of('two-ways.overnight-why'), false,
                    $marinade->isOvernight(),
                ),
            ],
        );
    }

    private static function yogurt(Dish $dish): ?self
    {
        $marinade = $dish->fillings->main()?->marinade;
        if ($marinade === null || ! $marinade->isOvernight() || $marinade->yogurt === Yogurt::None) {
            return null;
        }

        return new self(
            Station::Filling, Note::of('two-ways.yogurt-overnight'),
            "fillings/{$dish->fillings->mainPlace()}/marinade/yogurt", [
                self::way(
                    Yogurt::Morning->value, Note::of('two-ways.last-hour'),
                    Note::of('two-ways.last-hour-why'), true, $marinade->yogurt === Yogurt::Morning,
                ),
                self::way(
                    Yogurt::Now->value, Note::of('two-ways.from-the-start'),
                    Note::of('two-ways.from-the-start-why'), false, $marinade->yogurt === Yogurt::Now,
                ),
            ],
        );
    }

    private static function stirring(Dish $dish): ?self
    {
        if (! in_array($dish->table->serving, [Serving::Scooped, Serving::Mixed], true) || $dish->build->folded) {
            return null;
        }

        return new self(Station::Serve, Note::of('two-ways.stir'), 'serve', [
            self::way(
                Serving::Scooped->value, Note::of('two-ways.never'),
                Note::of('two-ways.unstirred-why'), true, $dish->table->serving === Serving::Scooped,
            ),
            self::way(
                Serving::Mixed->value, Note::of('two-ways.stirred'),
                Note::of('two-ways.stirred-why'), false,
                $dish->table->serving === Serving::Mixed,
            ),
        ]);
    }

    /** @return array{value: string|int, label: Note, why: Note, isDefault: bool, isChosen: bool} */
    private static function way(string|int $value, Note $label, Note $why, bool $isDefault, bool $isChosen): array
    {
        return [
            'value' => $value, 'label' => $label, 'why' => $why, 'isDefault' => $isDefault, 'isChosen' => $isChosen,
        ];
    }
}
