<?php

declare(strict_types=1);

namespace App\Drawings;

use Orbek\Core\Filling\Looks;

/**
 * The hatch of a matter as a tile that meets itself at every edge, so that a page defines each once
 * and a pot is a few outlines filled with them.
 */
final readonly class Hatch
{
    private const WIDE = 48.0;

    private const HIGH = 37.0;

    private const WEAVE = 5.0;

    /** Doneness is told apart in so many steps. */
    private const STEPS = 6;

    private const GRAINS_PER_PX2 = 0.02;

    private const PIECES_PER_PX2 = 0.019;

    /** Pieces in the square of their own reach. */
    private const COVERED = 0.55;

    /** Between large pieces gravy is drawn, on tiles wider than this. */
    private const GRAVY_FROM = 40.0;

    /** Pieces of a tile. */
    private const PIECES = 6;

    private function __construct(public string $kind, public int $step, public float $wide, public float $high)
    {
    }

    /** Short strokes that grow longer and softer as the grain cooks. */
    public static function grains(float $doneness): self
    {
        return new self('rice', (int) round(self::STEPS * max(0.0, min(1.0, $doneness))), self::WIDE, self::HIGH);
    }

    /** The grains that saffron has coloured, over the others. */
    public static function saffron(float $doneness): self
    {
        return new self('saffron', (int) round(self::STEPS * max(0.0, min(1.0, $doneness))), self::WIDE, self::HIGH);
    }

    /** Pieces as what they are, in some gravy. */
    public static function filling(Looks $looks): self
    {
        return self::named($looks->value, 0);
    }

    /** Rice and filling folded together. */
    public static function mixed(float $doneness): self
    {
        return new self('mixed', (int) round(self::STEPS * max(0.0, min(1.0, $doneness))), self::WIDE, self::HIGH);
    }

    public static function crust(): self
    {
        return new self('crust', 0, self::WEAVE, self::WEAVE);
    }

    /** The hatch that id() names. */
    public static function named(string $kind, int $step): self
    {
        $looks = Looks::tryFrom($kind);
        if ($looks !== null) {
            // As large as so many pieces of it are: a page carries each tile once.
            $high = round(sqrt(self::PIECES / self::COVERED * self::HIGH / self::WIDE) * Shape::of($looks)->reach());

            return new self($kind, 0, round($high * self::WIDE / self::HIGH), $high);
        }

        return $kind === 'crust' ? self::crust() : new self($kind, $step, self::WIDE, self::HIGH);
    }

    public function id(): string
    {
        return "hatch-{$this->kind}-{$this->step}";
    }

    /** @return array<string, string> path data by class */
    public function paths(): array
    {
        $doneness = $this->step / self::STEPS;

        return match ($this->kind) {
            'rice' => ['strokes' => $this->strokes($doneness, 1.0)],
            'saffron' => ['dots' => $this->strokes($doneness, 0.3)],
            'mixed' => ['strokes' => $this->strokes($doneness, 0.7), 'dots' => $this->pieces('small', 0.35)],
            'crust' => ['strokes' => sprintf('M0,0L%1$d,%1$dM0,%1$dL%1$d,0', (int) self::WEAVE)],
            default => ['whole' => $this->shapes(Looks::from($this->kind))]
                + ($this->wide > self::GRAVY_FROM ? ['dots' => $this->pieces('small', 0.1)] : []),
        };
    }

    private function strokes(float $doneness, float $share): string
    {
        $length = 5.5 + 6 * $doneness;
        $bend = 1 + 4 * $doneness;
        $path = '';
        $random = new Strewing($this->id().$share);
        foreach ($this->scatter($random, $share * self::GRAINS_PER_PX2) as [$x, $y]) {
            $angle = $random->between(0, M_PI);
            $dx = $length * cos($angle);
            $dy = $length * sin($angle) * 0.7;
            $curve = ($random->between(0, 1) - 0.5) * 2 * $bend;
            $shape = sprintf(
                'q%s,%s %s,%s', self::short($dx / 2 - $curve * sin($angle)),
                self::short($dy / 2 + $curve * cos($angle)), self::short($dx), self::short($dy),
            );
            $path .= $this->whereItShows(
                $x - $dx / 2, $y - $dy / 2, [0.0, $dx / 2 - $curve * sin($angle), $dx],
                [0.0, $dy / 2 + $curve * cos($angle), $dy], $shape,
            );
        }

        return $path;
    }

    /** Whole pieces, each turned and sized a little otherwise. */
    private function shapes(Looks $looks): string
    {
        $shape = Shape::of($looks);
        $reach = $shape->reach();
        $random = new Strewing($this->id());
        $path = '';
        foreach ($this->scatter($random, self::COVERED / $reach ** 2) as [$x, $y]) {
            $path .= $this->whereItShows(
                $x, $y, [-$reach, $reach], [-$reach, $reach],
                $shape->path(
                    $random->between(-0.7, 0.7) + ($random->between(0, 1) > 0.5 ? M_PI : 0.0),
                    $random->between(0.85, 1.15),
                ),
            );
        }

        return $path;
    }

    /** Coarse stipple of rounded pieces. */
    private function pieces(string $which, float $share): string
    {
        $path = '';
        $random = new Strewing($this->id().$which);
        foreach ($this->scatter($random, $share * self::PIECES_PER_PX2) as [$x, $y]) {
            $rx = self::short($random->between(2.2, 4.4));
            $ry = self::short($random->between(1.8, 3.2));
            $shape = sprintf(
                'a%s,%s %d 1 0 %s,0a%s,%s 0 1 0 -%s,0', $rx, $ry, (int) $random->between(-40, 40), 2 * (float) $rx, $rx,
                $ry, 2 * (float) $rx,
            );
            $path .= $this->whereItShows(
                $x - (float) $rx, $y, [0.0, 2 * (float) $rx], [-1.2 * (float) $rx, 1.2 * (float) $rx], $shape,
            );
        }

        return $path;
    }

    /**
     * A shape that leaves the tile comes in again on the other side.
     *
     * @param  non-empty-list<float>  $xs how far it reaches from where it begins
     * @param  non-empty-list<float>  $ys
     */
    private function whereItShows(float $x, float $y, array $xs, array $ys, string $shape): string
    {
        $path = '';
        foreach ([0.0, -$this->wide, $this->wide] as $right) {
            foreach ([0.0, -$this->high, $this->high] as $down) {
                $isIn = $x + $right + max($xs) > -1 && $x + $right + min($xs) < $this->wide + 1
                    && $y + $down + max($ys) > -1 && $y + $down + min($ys) < $this->high + 1;
                $path .= $isIn ? sprintf('M%s,%s%s', self::short($x + $right), self::short($y + $down), $shape) : '';
            }
        }

        return $path;
    }

    /**
     * Points strewn evenly over the tile: one in each cell of a jittered grid.
     *
     * @return list<array{float, float}>
     */
    private function scatter(Strewing $random, float $density): array
    {
        $across = (int) max(2, round($this->wide * sqrt($density)));
        $down = (int) max(2, round($this->high * sqrt($density)));
        $points = [];
        for ($row = 0; $row < $down; $row++) {
            for ($column = 0; $column < $across; $column++) {
                $points[] = [
                    ($column + $random->between(0, 1)) * $this->wide / $across,
                    ($row + $random->between(0, 1)) * $this->high / $down,
                ];
            }
        }

        return $points;
    }

    private static function short(float $px): string
    {
        return (string) round($px, 1);
    }
}
