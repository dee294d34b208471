<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;

/** What is measured out beside rice and filling: saffron, butter, nuts, fried onion. */
final readonly class Extra
{
    /** Where a share of it goes. */
    public const PARTS = ['marinade', 'layers', 'top'];

    private const SHARES_CLOSE = 0.005;

    /**
     * @param  array{marinade: float, layers: float, top: float}  $split shares, adding up to 1
     * @param  list<Allergen>  $holds
     */
    private function __construct(
        public string $name,
        public ExtraKind $kind,
        /** Grams, or drops for an essence, for each kg of raw rice. */
        public float $perKgRice,
        public array $split,
        public int $prepMinutes,
        public int $waitMinutes,
        public array $holds,
        public ?Bought $bought,
        /** The ring it is made on, if on one. */
        public ?string $ring,
        /** How it is made where that takes more than a step and a wait. */
        public ?Preparation $made,
        /** Steamed in one place on the rice, to be lifted off and put back for the table. */
        public bool $isSteamed,
        /** What one weighs, g, of what is counted: whole spices. */
        public ?float $pieceG,
    ) {
    }

    /**
     * @param  Known<Preparation>  $ways
     * @param  string  $ring the one it is made on where it needs one and names none
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields, Known $ways, string $ring): self
    {
        $made = $fields->has('made') ? $fields->known('made', $ways) : null;
        $kind = $fields->one('kind', ExtraKind::class, ExtraKind::Other);
        $split = [
            'marinade' => 0.0,
            'layers' => $fields->flag('at_table', false) ? 0.0 : 1.0,
            'top' => $fields->flag('at_table', false) ? 1.0 : 0.0,
        ];
        if ($fields->has('split')) {
            $told = $fields->object('split');
            foreach (self::PARTS as $part) {
                $split[$part] = $told->number($part, 0, 1, '', 0.0);
            }
            if (abs(array_sum($split) - 1) > self::SHARES_CLOSE) {
                throw Refused::because(
                    $fields->at('split'),
                    'refused.split-of-extras',
                    split: round(array_sum($split), 3),
                );
            }
        }

        return new self(
            name: $fields->text('name'),
            kind: $kind,
            perKgRice: $kind === ExtraKind::Essence
                ? $fields->number('drops_per_kg_rice', 0.5, 100, 'drops per kg of rice')
                : $fields->number('g_per_kg_rice', 0.01, 1000, 'g per kg of rice'),
            split: ['marinade' => $split['marinade'], 'layers' => $split['layers'], 'top' => $split['top']],
            prepMinutes: $made === null ? $fields->whole('prep_min', 0, 120, 0) : 0,
            waitMinutes: $made === null ? $fields->whole('wait_min', 0, 1440, 0) : 0,
            holds: $fields->many('holds', Allergen::class),
            bought: $fields->has('bought')
                ? Bought::fromFields($fields->object('bought'))
                : self::boughtFor($fields->text('name'), $kind, $made),
            ring: $fields->has('burner') ? $fields->text('burner') : ($made?->needsRing() === true ? $ring : null),
            made: $made,
            isSteamed: $fields->flag('steamed', false),
            pieceG: $fields->has('piece_g') ? $fields->number('piece_g', 0.005, 2000, 'g') : null,
        );
    }

    private static function boughtFor(string $name, ExtraKind $kind, ?Preparation $made): ?Bought
    {
        return $made !== null && $made->yield !== 1.0 ? Bought::as($name, $made->yield) : $kind->bought();
    }

    /** Whether there is work in it before it is used. */
    public function isMade(): bool
    {
        return $this->made !== null || $this->prepMinutes > 0;
    }

    public function unit(): string
    {
        return $this->kind === ExtraKind::Essence ? 'drops' : 'g';
    }

    /** Whether all of it goes on at the table. */
    public function isAtTable(): bool
    {
        return $this->split['top'] > 1 - self::SHARES_CLOSE;
    }
}
