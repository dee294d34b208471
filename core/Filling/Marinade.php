<?php

declare(strict_types=1);

namespace Orbek\Core\Filling;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;

/** What the filling lies in before it is cooked, and for how long (docs/model.md, section C). */
final readonly class Marinade
{
    private const OVERNIGHT_MIN = 480;

    /** Green papaya tenderises strongly: four hours at most. */
    private const PAPAYA_MOST_MIN = 240;

    private const PAPAYA_FACTOR = 0.65;

    /** Enough for salt and spice at the skin, where it is simmered in its marinade afterwards. */
    private const COOKED_THEN_MIN = 15;

    private const OVERNIGHT_FACTOR = 0.9;

    private function __construct(
        public int $minutes,
        public Acid $acid,
        public Yogurt $yogurt,
        /** Green-papaya paste over the meat, %. */
        public float $papayaPercent,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->whole('minutes', 5, 2880),
            $fields->one('acid', Acid::class, Acid::Mild),
            $fields->one('yogurt', Yogurt::class, Yogurt::None),
            $fields->number('papaya_percent', 0, 6, '% of the meat', 0),
        );
    }

    /**
     * Least, good and greatest time for a protein in this, minutes.
     *
     * @param  bool  $isCookedThen simmered before it is layered: what the marinade leaves undone, the pan does
     * @return array{least: int, good: int, most: int, why: Note}
     */
    public function times(FillingKind $kind, bool $isCookedThen = false): array
    {
        [$least, $good, $most, $why] = match (true) {
            $kind->group === FillingGroup::Poultry => [
                30, 210, $this->acid === Acid::Strong ? 240 : 1440,
                $this->acid === Acid::Strong
                    ? Note::of('marinade.poultry-in-acid')
                    : Note::of('marinade.poultry-overnight'),
            ],
            in_array($kind->group, [FillingGroup::RedMeat, FillingGroup::Minced], true) => [
                180, 1080, $this->acid === Acid::Strong ? 720 : 1440,
                Note::of('marinade.red-meat'),
            ],
            $kind->group === FillingGroup::Fish => [15, 20, 30, Note::of('marinade.fish-in-acid')],
            $kind->group === FillingGroup::Dairy => [30, 30, 720, Note::of('marinade.at-its-skin')],
            default => [10, 30, 240, Note::of('marinade.vegetables')],
        };
        $least = $isCookedThen ? min($least, self::COOKED_THEN_MIN) : $least;
        if ($this->papayaPercent > 0 && $most > self::PAPAYA_MOST_MIN) {
            return [
                'least' => min($least, self::PAPAYA_MOST_MIN),
                'good' => max(min($least, self::PAPAYA_MOST_MIN), min($good, 120)), 'most' => self::PAPAYA_MOST_MIN,
                'why' => Note::of('marinade.papaya'),
            ];
        }

        return ['least' => $least, 'good' => min($good, $most), 'most' => $most, 'why' => $why];
    }

    public function isOvernight(): bool
    {
        return $this->minutes >= self::OVERNIGHT_MIN;
    }

    /** What it does to the time to tender: papaya × 0.65, a mild overnight × 0.9 (section C). */
    public function tenderFactor(): float
    {
        return ($this->papayaPercent > 0 ? self::PAPAYA_FACTOR : 1.0) * (
            $this->isOvernight() && $this->acid !== Acid::Strong ? self::OVERNIGHT_FACTOR : 1.0
        );
    }

    /** Yogurt and salt draw water: free water it brings over the filling's weight. */
    public function freeShare(): float
    {
        return match ($this->yogurt) {
            Yogurt::None => 0.0,
            Yogurt::Morning => 0.03,
            Yogurt::Now => $this->isOvernight() ? 0.08 : 0.05,
        };
    }
}
