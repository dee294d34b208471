<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Measure\Fields;
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
        public ?string $burner,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
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
                    'refused.the-shares-add-up-to-let',
                    split: round(array_sum($split), 3),
                );
            }
        }

        return new self(
            $fields->text('name'),
            $kind,
            $kind === ExtraKind::Essence
                ? $fields->number('drops_per_kg_rice', 0.5, 100, 'drops per kg of rice')
                : $fields->number('g_per_kg_rice', 0.01, 1000, 'g per kg of rice'),
            ['marinade' => $split['marinade'], 'layers' => $split['layers'], 'top' => $split['top']],
            $fields->whole('prep_min', 0, 120, 0),
            $fields->whole('wait_min', 0, 1440, 0),
            $fields->many('holds', Allergen::class),
            $fields->has('bought') ? Bought::fromFields($fields->object('bought')) : $kind->bought(),
            $fields->has('burner') ? $fields->text('burner') : null,
        );
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
