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

        return new self(Station::Water, Note::of('two-ways.rinse-the-drained-rice'), 'water/drain', [
            self::way(
                $rinsed ? Draining::Heap->value : $draining->value, Note::of('two-ways.never'),
                Note::of('two-ways.its-salt-and-flavour-stay-on'), true, ! $rinsed,
            ),
            self::way(
                Draining::Rinse->value, Note::of('two-ways.cold-at-once'),
                Note::of('two-ways.it-stops-cooking-and-surface-salt'), false, $rinsed,
            ),
        ]);
    }

    private static function spices(Dish $dish): ?self
    {
        $spices = $dish->grain->water->spices;

        return $dish->grain->cooking->isMeasured() || $spices === Spices::None ? null : new self(
            Station::Water, Note::of('two-ways.whole-spices'), 'water/spices', [
                self::way(
                    Spices::Fished->value, Note::of('two-ways.fished-out-after-ten-minutes'),
                    Note::of('two-ways.nobody-bites-on-a-clove'), true, $spices === Spices::Fished,
                ),
                self::way(
                    Spices::Left->value, Note::of('two-ways.left-in'),
                    Note::of('two-ways.they-go-on-giving-scent-under'), false, $spices === Spices::Left,
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
            Station::Filling, Note::of('two-ways.poultry-overnight-in-the-marinade'),
            "fillings/{$dish->fillings->mainPlace()}/marinade/minutes", [
                self::way(
                    240, Note::of('two-ways.h'), Note::of('two-ways.yogurt-and-lemon-do-not-turn'), true,
                    ! $marinade->isOvernight(),
                ),
                self::way(
                    720, Note::of('two-ways.overnight'), Note::of('two-ways.in-a-mild-marinade-it-seasons'), false,
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
            Station::Filling, Note::of('two-ways.yogurt-in-the-overnight-marinade'),
            "fillings/{$dish->fillings->mainPlace()}/marinade/yogurt", [
                self::way(
                    Yogurt::Morning->value, Note::of('two-ways.in-the-last-hour'),
                    Note::of('two-ways.salt-and-yogurt-draw-water-the'), true, $marinade->yogurt === Yogurt::Morning,
                ),
                self::way(
                    Yogurt::Now->value, Note::of('two-ways.from-the-start'),
                    Note::of('two-ways.the-meat-gets-softer'), false, $marinade->yogurt === Yogurt::Now,
                ),
            ],
        );
    }

    private static function stirring(Dish $dish): ?self
    {
        if (! in_array($dish->table->serving, [Serving::Scooped, Serving::Mixed], true) || $dish->build->folded) {
            return null;
        }

        return new self(Station::Serve, Note::of('two-ways.stir-before-serving'), 'serve', [
            self::way(
                Serving::Scooped->value, Note::of('two-ways.never'),
                Note::of('two-ways.each-plate-gets-all-layers-as'), true, $dish->table->serving === Serving::Scooped,
            ),
            self::way(
                Serving::Mixed->value, Note::of('two-ways.gently-with-a-broad-flat-spoon'),
                Note::of('two-ways.grains-of-several-colours-filling-in'), false,
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
