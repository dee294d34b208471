<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Dish\Serving;
use Orbek\Core\Dish\Spices;
use Orbek\Core\Filling\Acid;
use Orbek\Core\Filling\Yogurt;
use Orbek\Core\Rice\Draining;

/** Where good cooks disagree: both ways are choices with their reason, one of them the default. */
final readonly class TwoWays
{
    /**
     * @param  list<array{value: string|int, label: string, why: string, isDefault: bool, isChosen: bool}>  $ways
     */
    private function __construct(public Station $station, public string $question, public string $path, public array $ways)
    {
    }

    /** @return list<self> those that this dish can be made in two ways about */
    public static function of(Dish $dish): array
    {
        $all = [];
        if (! $dish->school->isMeasured()) {
            $rinsed = $dish->water->draining === Draining::Rinse;
            $all[] = new self(Station::Water, 'Rinse the drained rice?', 'water/drain', [
                self::way($rinsed ? Draining::Tray->value : $dish->water->draining->value, 'never', 'its salt and flavour stay on it', true, ! $rinsed),
                self::way(Draining::Rinse->value, 'cold, at once', 'it stops cooking and surface salt goes off', false, $rinsed),
            ]);
            if ($dish->water->spices !== Spices::None) {
                $all[] = new self(Station::Water, 'Whole spices?', 'water/spices', [
                    self::way(Spices::Fished->value, 'fished out after ten minutes', 'nobody bites on a clove', true, $dish->water->spices === Spices::Fished),
                    self::way(Spices::Left->value, 'left in', 'they go on giving scent under the lid', false, $dish->water->spices === Spices::Left),
                ]);
            }
        }
        $marinade = $dish->filling->marinade;
        $poultry = array_filter($dish->filling->parts, static fn (FillingPart $part): bool => $part->kind->isPoultry()) !== [];
        if ($marinade !== null && $poultry && $marinade->acid !== Acid::Strong) {
            $all[] = new self(Station::Filling, 'Poultry overnight in the marinade?', 'filling/marinade/minutes', [
                self::way(240, '4 h', 'yogurt and lemon do not turn its skin chalky', true, ! $marinade->isOvernight()),
                self::way(720, 'overnight', 'in a mild marinade it seasons through', false, $marinade->isOvernight()),
            ]);
        }
        if ($marinade !== null && $marinade->isOvernight() && $marinade->yogurt !== Yogurt::None) {
            $all[] = new self(Station::Filling, 'Yogurt in the overnight marinade?', 'filling/marinade/yogurt', [
                self::way(Yogurt::Morning->value, 'in the last hour', 'salt and yogurt draw water: the pot stays drier', true, $marinade->yogurt === Yogurt::Morning),
                self::way(Yogurt::Now->value, 'from the start', 'the meat gets softer', false, $marinade->yogurt === Yogurt::Now),
            ]);
        }
        if (in_array($dish->serving, [Serving::Scooped, Serving::Mixed], true)) {
            $all[] = new self(Station::Serve, 'Stir before serving?', 'serve', [
                self::way(Serving::Scooped->value, 'never', 'each plate gets all layers as they lay', true, $dish->serving === Serving::Scooped),
                self::way(Serving::Mixed->value, 'gently, with a broad flat spoon', 'grains of several colours, filling in every bite', false, $dish->serving === Serving::Mixed),
            ]);
        }

        return $all;
    }

    /** @return array{value: string|int, label: string, why: string, isDefault: bool, isChosen: bool} */
    private static function way(string|int $value, string $label, string $why, bool $isDefault, bool $isChosen): array
    {
        return ['value' => $value, 'label' => $label, 'why' => $why, 'isDefault' => $isDefault, 'isChosen' => $isChosen];
    }
}
