<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Ring;

/**
 * knowledge = fold(lessons): what each bag of rice and each pot on its ring has taught, and how much rice is gone.
 *
 * Kept as a running result: evidence is the sum of the logarithms of its likelihoods, so that one
 * lesson more or one taken back is one addition, whatever came before or after it.
 *
 * @phpstan-type Lesson array{
 *     taught?: array{lot: string, likelihood: list<float>}, used?: array{lot: string, g: float},
 *     stove?: array{pot: string, burner: string, likelihood: list<float>},
 *     eye?: array{who: string, evidence: list<float>, readings: int},
 *     notes?: list<array{of: string, likelihood: list<float>}>,
 *     boiled?: array{pot: string, burner: string, likelihood: list<float>},
 *     heats?: list<array{of: string, likelihood: list<float>}>
 * }
 */
final readonly class Knowledge
{
    /** The edition of the closed pot's laws that lessons of closed pots are made under (docs/model.md, section F). */
    public const LAWS = 3;

    /** What notes tell of: how salt it is liked, and of a kind of filling what makes it tender. */
    public const SALT = 'salt';

    public const TENDER = 'tender:';

    /** What closed pots tell of beside their ring: of a low mark, of how fast a pot browns. */
    public const MARK = 'mark:';

    public const BROWNS = 'browns:';

    private const MARK_SD = 0.20;

    private const BROWN_SD = 0.25;

    /** A pot's own part in what it gets of a ring, sd of ln (our own: width, thickness, how it stands). */
    public const POT_SD = 0.08;

    /**
     * @param  array<string, list<float>>  $bags ln likelihood on the grid of FactorBelief, by lot id
     * @param  array<string, float>  $usedG grams cooked, by lot id
     * @param  array<string, list<float>>  $stoves ln likelihood, by "pot@burner"
     * @param  array<string, array{evidence: list<float>, readings: int}>  $eyes ln likelihood on the grid of Eye, by
     *     who reads
     * @param  string  $reads who reads the grains
     * @param  array<string, list<float>>  $notes ln likelihood of what notes tell of, by that
     * @param  array<string, list<float>>  $heats ln likelihood of low marks and of pots' browning, by that
     */
    private function __construct(
        private array $bags, private array $usedG, private array $stoves, private array $eyes = [],
        public string $reads = '', private array $notes = [], private array $heats = [],
    ) {
    }

    public static function none(): self
    {
        return new self([], [], []);
    }

    /** @param  iterable<Lesson>  $lessons of cooks and tests, in any order */
    public static function fold(iterable $lessons): self
    {
        $knowledge = self::none();
        foreach ($lessons as $lesson) {
            $knowledge = $knowledge->with($lesson);
        }

        return $knowledge;
    }

    /**
     * After one lesson more.
     *
     * @param  Lesson  $lesson
     */
    public function with(array $lesson): self
    {
        return $this->plus($lesson, 1);
    }

    /**
     * As if a lesson had never been.
     *
     * @param  Lesson  $lesson
     */
    public function without(array $lesson): self
    {
        return $this->plus($lesson, -1);
    }

    /**
     * @param  array<string, mixed>  $kept as toArray() gave it; of an older edition with beliefs instead of evidence
     *
     * @throws Refused
     */
    public static function fromArray(array $kept): self
    {
        $bags = [];
        $used = [];
        foreach (Fields::of($kept)->each('lots') as $bag) {
            $id = $bag->text('lot');
            $evidence = self::evidence($bag);
            if ($evidence !== null) {
                $bags[$id] = $evidence;
            }
            $used[$id] = $bag->number('used_g', 0, 1e8, 'g', 0);
        }
        $stoves = [];
        foreach (Fields::of($kept)->each('stoves') as $stove) {
            $stoves[$stove->text('stove')] = self::evidence($stove)
                ?? throw Refused::because(
                    $stove->at('evidence'),
                    'refused.no-numbers',
                    points: FactorBelief::POINTS,
                );
        }

        $eyes = [];
        foreach (Fields::of($kept)->each('eyes') as $eye) {
            // Where nobody signs in, it is nobody's.
            $eyes[$eye->isText('who') ? $eye->document('who') : ''] = [
                'evidence' => array_map(floatval(...), $eye->numbers('evidence')),
                'readings' => $eye->whole('readings', 0, 1_000_000_000),
            ];
        }

        $notes = [];
        foreach (Fields::of($kept)->each('notes') as $note) {
            $notes[$note->text('of')] = self::evidence($note) ?? [];
        }
        $heats = [];
        foreach (Fields::of($kept)->each('heats') as $heat) {
            $heats[$heat->text('of')] = self::evidence($heat) ?? [];
        }

        return new self(
            bags: $bags, usedG: $used, stoves: $stoves, eyes: $eyes,
            reads: is_string($kept['reads'] ?? null) ? $kept['reads'] : '', notes: $notes, heats: $heats,
        );
    }

    /**
     * @return array{
     *     lots: list<array{lot: string, evidence?: list<float>, used_g: float}>,
     *     stoves: list<array{stove: string, evidence: list<float>}>,
     *     eyes?: list<array{who: string, evidence: list<float>, readings: int}>, reads?: string,
     *     notes?: list<array{of: string, evidence: list<float>}>,
     *     heats?: list<array{of: string, evidence: list<float>}>
     * }
     */
    public function toArray(): array
    {
        $bags = [];
        foreach (array_unique([...array_keys($this->bags), ...array_keys($this->usedG)]) as $id) {
            $bags[] = ['lot' => $id] + (
                isset($this->bags[$id]) ? ['evidence' => self::rounded($this->bags[$id])] : []
            ) + ['used_g' => round($this->usedG($id), 1)];
        }
        $stoves = [];
        foreach ($this->stoves as $id => $evidence) {
            $stoves[] = ['stove' => $id, 'evidence' => self::rounded($evidence)];
        }

        $eyes = [];
        foreach ($this->eyes as $who => $eye) {
            $eyes[] = [
                'who' => (string) $who, 'evidence' => self::rounded($eye['evidence']), 'readings' => $eye['readings'],
            ];
        }

        return ['lots' => $bags, 'stoves' => $stoves] + ($eyes === [] ? [] : ['eyes' => $eyes])
            + ($this->reads === '' ? [] : ['reads' => $this->reads])
            + ($this->notes === [] ? [] : ['notes' => array_map(
                static fn (string $of, array $evidence): array => ['of' => $of, 'evidence' => self::rounded($evidence)],
                array_keys($this->notes), $this->notes,
            )])
            + ($this->heats === [] ? [] : ['heats' => array_map(
                static fn (string $of, array $evidence): array => ['of' => $of, 'evidence' => self::rounded($evidence)],
                array_keys($this->heats), $this->heats,
            )]);
    }

    /**
     * @param  list<float>  $evidence
     * @return list<float>
     */
    private static function rounded(array $evidence): array
    {
        return array_map(static fn (float $ln): float => round($ln, 8), $evidence);
    }

    /** The belief of a bag; that of its kind where it has taught nothing. */
    public function bag(string $id): FactorBelief
    {
        return isset($this->bags[$id]) ? FactorBelief::after($this->bags[$id]) : FactorBelief::ofItsKind();
    }

    /**
     * The belief of a pot on a ring: what it has taught, and what other pots have taught of the ring, less sure by each
     * pot's own part; that of its kind where nothing has been taught.
     */
    public function stove(string $pot, Ring $ring): FactorBelief
    {
        $sd = $ring->kind->priorSd();
        $sum = [];
        foreach ($this->stoves as $id => $evidence) {
            [$of, $on] = explode('@', $id, 2);
            if ($on === $ring->id) {
                $said = $of === $pot ? $evidence : FactorBelief::ofAnother($evidence, M_SQRT2 * self::POT_SD);
                $sum = $sum === [] ? $said : array_map(
                    static fn (float $one, float $other): float => $one + $other, $sum, $said,
                );
            }
        }

        return $sum === [] ? FactorBelief::ofItsKind($sd) : FactorBelief::after($sum, $sd);
    }

    /** What a ring's low mark gives over its share of the ring's own heat, as a factor. */
    public function mark(string $ring, float $setting): FactorBelief
    {
        return $this->heat(self::MARK.SealedPot::markKey($ring, $setting), self::MARK_SD);
    }

    /** How fast a pot browns over what its base does, as a factor. */
    public function browning(string $pot, string $base): FactorBelief
    {
        return $this->heat(self::BROWNS."{$pot}@{$base}", self::BROWN_SD);
    }

    private function heat(string $of, float $sd): FactorBelief
    {
        return isset($this->heats[$of]) ? FactorBelief::after($this->heats[$of], $sd) : FactorBelief::ofItsKind($sd);
    }

    /** The same, the grains read by somebody. */
    public function readBy(string $who): self
    {
        return new self(
            bags: $this->bags, usedG: $this->usedG, stoves: $this->stoves, eyes: $this->eyes, reads: $who,
            notes: $this->notes, heats: $this->heats,
        );
    }

    /** The eye of who reads the grains. */
    public function eye(): Eye
    {
        $eye = $this->eyes[$this->reads] ?? null;

        return $eye === null ? Eye::unknown() : Eye::after($eye['evidence'], $eye['readings']);
    }

    /** How much longer a kind of filling takes to be tender in this household, as a factor. */
    public function tender(string $kind): FactorBelief
    {
        return $this->note(self::TENDER.$kind, FromTheNote::TENDER_SD);
    }

    /** How salt this household likes it, as a factor on the usual. */
    public function salt(): FactorBelief
    {
        return $this->note(self::SALT, FromTheNote::SALT_SD);
    }

    /** The kind of filling that a lesson's name is of; null where it is of salt. */
    public static function kindOf(string $of): ?string
    {
        return $of === self::SALT ? null : substr($of, strlen(self::TENDER));
    }

    /** What notes tell of something, by its name as a lesson has it. */
    public function noted(string $of): FactorBelief
    {
        return $this->note($of, $of === self::SALT ? FromTheNote::SALT_SD : FromTheNote::TENDER_SD);
    }

    private function note(string $of, float $sd): FactorBelief
    {
        return isset($this->notes[$of]) ? FactorBelief::after($this->notes[$of], $sd) : FactorBelief::ofItsKind($sd);
    }

    /** Raw rice taken from a bag by all cooks, g. */
    public function usedG(string $id): float
    {
        return max(0.0, $this->usedG[$id] ?? 0.0);
    }

    /** How far two results lie apart at most: in ln likelihood over its best, and in kilograms used. */
    public function distance(self $other): float
    {
        $apart = 0.0;
        $kinds = [[$this->bags, $other->bags], [$this->stoves, $other->stoves], [$this->notes, $other->notes]];
        $kinds[] = [$this->heats, $other->heats];
        foreach ($kinds as [$mine, $theirs]) {
            foreach (array_keys($mine + $theirs) as $id) {
                $apart = max(
                    $apart,
                    ...array_map(
                        static fn (float $a, float $b): float => abs($a - $b),
                        self::overBest($mine[$id] ?? null),
                        self::overBest($theirs[$id] ?? null),
                    ),
                );
            }
        }
        foreach (array_keys($this->eyes + $other->eyes) as $who) {
            $apart = max($apart, abs(($this->eyes[$who]['readings'] ?? 0) - ($other->eyes[$who]['readings'] ?? 0)));
        }
        foreach (array_keys($this->usedG + $other->usedG) as $id) {
            $apart = max($apart, abs($this->usedG($id) - $other->usedG($id)) / 1000);
        }

        return $apart;
    }

    private static function stoveId(string $pot, string $ring): string
    {
        return "{$pot}@{$ring}";
    }

    /**
     * @param  Lesson  $lesson
     * @param  1|-1  $sign
     */
    private function plus(array $lesson, int $sign): self
    {
        [$bags, $used, $stoves, $eyes] = [$this->bags, $this->usedG, $this->stoves, $this->eyes];
        $notes = $this->notes;
        foreach ($lesson['notes'] ?? [] as ['of' => $of, 'likelihood' => $likelihood]) {
            $notes[$of] = self::sum($notes[$of] ?? null, $likelihood, $sign);
        }
        $heats = $this->heats;
        foreach ($lesson['heats'] ?? [] as ['of' => $of, 'likelihood' => $likelihood]) {
            $heats[$of] = self::sum($heats[$of] ?? null, $likelihood, $sign);
        }
        if (isset($lesson['eye'])) {
            ['who' => $who, 'evidence' => $evidence, 'readings' => $readings] = $lesson['eye'];
            $before = $eyes[$who] ?? ['evidence' => array_fill(0, count($evidence), 0.0), 'readings' => 0];
            $eyes[$who] = [
                'evidence' => array_map(
                    static fn (float $sum, float $ln): float => $sum + $sign * $ln, $before['evidence'], $evidence,
                ),
                'readings' => max(0, $before['readings'] + $sign * $readings),
            ];
        }
        foreach (array_filter([$lesson['stove'] ?? null, $lesson['boiled'] ?? null]) as $one) {
            $id = self::stoveId($one['pot'], $one['burner']);
            $stoves[$id] = self::sum($stoves[$id] ?? null, $one['likelihood'], $sign);
        }
        if (isset($lesson['taught'])) {
            $id = $lesson['taught']['lot'];
            $bags[$id] = self::sum($bags[$id] ?? null, $lesson['taught']['likelihood'], $sign);
        }
        if (isset($lesson['used'])) {
            $used[$lesson['used']['lot']] = ($used[$lesson['used']['lot']] ?? 0.0) + $sign * $lesson['used']['g'];
        }

        return new self(
            bags: $bags, usedG: $used, stoves: $stoves, eyes: $eyes, reads: $this->reads, notes: $notes, heats: $heats,
        );
    }

    /**
     * @param  list<float>|null  $evidence
     * @param  list<float>  $likelihood of a day's factor
     * @return list<float>
     */
    private static function sum(?array $evidence, array $likelihood, int $sign): array
    {
        $lesson = FactorBelief::lesson($likelihood);

        return $evidence === null
            ? array_map(static fn (float $ln): float => $sign * $ln, $lesson)
            : array_map(static fn (float $sum, float $ln): float => $sum + $sign * $ln, $evidence, $lesson);
    }

    /**
     * @return list<float>|null
     *
     * @throws Refused
     */
    private static function evidence(Fields $kept): ?array
    {
        if ($kept->has('belief')) {
            return FactorBelief::evidenceOf($kept->numbers('belief'));
        }
        if (! $kept->has('evidence')) {
            return null;
        }
        $evidence = FactorBelief::onGrid(array_map(floatval(...), $kept->numbers('evidence')));

        return count($evidence) === FactorBelief::POINTS
            ? $evidence
            : throw Refused::because(
                $kept->at('evidence'), 'refused.number-of-numbers', evidence: count($evidence),
                points: FactorBelief::POINTS,
            );
    }

    /**
     * @param  list<float>|null  $evidence
     * @return non-empty-list<float>
     */
    private static function overBest(?array $evidence): array
    {
        $evidence = $evidence === null || $evidence === [] ? array_fill(0, FactorBelief::POINTS, 0.0) : $evidence;
        $best = max($evidence);

        return array_map(static fn (float $ln): float => max(-30.0, $ln - $best), $evidence);
    }
}
