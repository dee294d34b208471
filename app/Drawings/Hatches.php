<?php

declare(strict_types=1);

namespace App\Drawings;

/** The hatches that a page's drawings use, to be defined once on it. */
final class Hatches
{
    /** @var array<string, Hatch> by id */
    private array $used = [];

    public function use(Hatch $hatch): string
    {
        $this->used[$hatch->id()] = $hatch;

        return $hatch->id();
    }

    /** The hatches that a drawing kept as HTML is filled with. */
    public function useIn(string $html): void
    {
        preg_match_all('/url\(#hatch-([a-z]+)-(\d+)\)/', $html, $found, PREG_SET_ORDER);
        foreach ($found as [, $kind, $step]) {
            $this->use(Hatch::named($kind, (int) $step));
        }
    }

    /** @return list<Hatch> */
    public function all(): array
    {
        ksort($this->used);

        return array_values($this->used);
    }
}
