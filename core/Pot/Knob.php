<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A ring's knob: its marks, or where it has none any share of full down to the least the ring holds steadily. */
final readonly class Knob
{
    /** Where a knob has no marks it is set by eye, in steps of so much. */
    private const STEP = 0.05;

    private const LEAST_SHARE = 0.02;

    /** Marks as knobs are sold, from low to high. */
    public const SOLD = [
        'none' => [],
        'words' => ['low', 'medium', 'high'],
        'sizes' => ['small', 'medium', 'large'],
        'flame' => ['pearl', 'small', 'half', 'full'],
        'six' => ['1', '2', '3', '4', '5', '6'],
        'nine' => ['1', '2', '3', '4', '5', '6', '7', '8', '9'],
        'boost' => ['1', '2', '3', '4', '5', '6', '7', '8', '9', 'boost'],
    ];

    /** What the mark below boost gives of full. */
    private const BELOW_BOOST = 0.8;

    /** @param  list<Mark>  $marks from low to high; none where it is told in per cent */
    private function __construct(public float $least, public array $marks)
    {
    }

    /**
     * @param  float  $least the least steady heat, share of full
     *
     * @throws Refused when a mark gives less than that
     */
    public static function fromFields(Fields $fields, float $least): self
    {
        $least = $fields->number('least', 0, 0.6, '', $least);
        $marks = array_map(
            static fn (Fields $mark): Mark => new Mark(
                $mark->text('mark'), $mark->number('share', self::LEAST_SHARE, 1),
            ),
            $fields->each('marks'),
        );
        if (count($marks) === 1) {
            throw Refused::because($fields->at('marks'), 'refused.one-mark-is-no-knob', mark: $marks[0]->name);
        }
        foreach (array_slice($marks, 1) as $at => $mark) {
            if ($mark->share <= $marks[$at]->share) {
                throw Refused::because(
                    $fields->at('marks'), 'refused.marks-out-of-order', mark: $mark->name, before: $marks[$at]->name,
                );
            }
        }

        if ($marks !== [] && $marks[0]->share < $least - 1e-9) {
            throw Refused::because(
                $fields->at('marks'), 'refused.a-mark-gives-less', mark: $marks[0]->name, least: $least,
            );
        }

        return new self($least, $marks);
    }

    /**
     * What marks give until they are taught: even steps up from the least to full.
     *
     * @param  list<string>  $words from low to high
     * @return list<array{mark: string, share: float}>
     */
    public static function evenly(array $words, float $least): array
    {
        $last = count($words) - 1;
        $hasBoost = $last > 0 && mb_strtolower($words[$last]) === 'boost';
        [$most, $steps] = $hasBoost ? [self::BELOW_BOOST, $last - 1] : [1.0, $last];
        $from = max($least, $most / max(1, $steps + 1));

        return array_map(static fn (string $word, int $at): array => [
            'mark' => $word, 'share' => $hasBoost && $at === $last
                ? 1.0
                : round($from + ($most - $from) * $at / max(1, $steps), 2),
        ], $words, array_keys($words));
    }

    /**
     * Marks as a hand writes them: "pearl, small, half, full", or each with the per cent that it gives, where that is
     * known: "pearl 25, small 40, half 60, full 100".
     *
     * @param  float  $least that the ring holds steadily, share of full
     * @return list<array{mark: string, share: float}>
     *
     * @throws Refused naming what cannot be read
     */
    public static function readMarks(string $text, string $field, float $least): array
    {
        $marks = [];
        $written = array_map(trim(...), explode(',', $text));
        $written = array_values(array_filter($written, static fn (string $one): bool => $one !== ''));
        if (preg_grep('/[\s:=]\d|%/u', $written) === []) {
            return self::evenly($written, $least);
        }
        foreach ($written as $one) {
            if (preg_match('/^(.+?)[\s:=]+(\d{1,3}(?:\.\d)?)\s*%?$/u', $one, $read) !== 1) {
                throw Refused::because($field, 'refused.a-mark-is-a-word-and-per-cent', read: $one);
            }
            $marks[] = ['mark' => trim($read[1]), 'share' => round((float) $read[2] / 100, 3)];
        }

        return $marks;
    }

    /** The marks as readMarks() reads them. */
    public function written(): string
    {
        return implode(', ', array_map(
            static fn (Mark $mark): string => $mark->name.' '.round(100 * $mark->share, 1), $this->marks,
        ));
    }

    /** A knob without marks. */
    public static function plain(float $least): self
    {
        return new self($least, []);
    }

    /** The least that it gives without going out, share of full. */
    public function lowest(): float
    {
        return $this->marks === [] ? max($this->least, self::STEP) : $this->marks[0]->share;
    }

    /**
     * Every share that it can be set to.
     *
     * @return non-empty-list<float> from low to high
     */
    public function shares(): array
    {
        if ($this->marks !== []) {
            return array_map(static fn (Mark $mark): float => $mark->share, $this->marks);
        }
        $shares = [];
        for ($share = ceil($this->lowest() / self::STEP - 1e-9) * self::STEP; $share < 1 - 1e-9; $share += self::STEP) {
            $shares[] = round($share, 2);
        }

        return [...$shares, 1.0];
    }

    /** The share nearest to one that is wanted: by factors, as heat is felt. */
    public function nearest(float $share): float
    {
        $shares = $this->shares();
        usort(
            $shares,
            static fn (float $a, float $b): int => abs(
                log($a / max(0.01, $share)),
            ) <=> abs(log($b / max(0.01, $share))),
        );

        return $shares[0];
    }

    /** The mark of a name, however it is written. */
    public function named(string $name): ?Mark
    {
        foreach ($this->marks as $mark) {
            if (mb_strtolower($mark->name) === mb_strtolower(trim($name))) {
                return $mark;
            }
        }

        return null;
    }

    /** The mark at a share; null where it is told in per cent, or stands between marks. */
    public function mark(float $share): ?Mark
    {
        foreach ($this->marks as $mark) {
            if (abs($mark->share - $share) < 0.005) {
                return $mark;
            }
        }

        return null;
    }
}
