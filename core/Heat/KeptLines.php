<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Cue;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Plate;

/**
 * The heats that a cook began with: the same whatever the laws of the closed pot become. They are asked for in the
 * order in which its dishes are planned, each by the ring of its pot.
 */
final class KeptLines implements FoundLines
{
    /** @var list<array{string, FoundLine}> */
    private array $given = [];

    /**
     * @param  array<int, array{string, FoundLine}>  $kept each with its ring
     * @param  FoundLines  $other what is not among them
     */
    private function __construct(private array $kept, private readonly FoundLines $other)
    {
    }

    /**
     * @param  list<Fields>  $kept as toArray() gave them; none of a cook of which none were kept
     * @param  Known<Cue>  $cues
     * @param  array<string, Plate>  $plates of the kitchen, by id
     *
     * @throws Refused
     */
    public static function of(array $kept, Known $cues, array $plates, FoundLines $other): self
    {
        return new self(array_map(
            static fn (Fields $one): array => [$one->text('on'), FoundLine::fromFields($one, $cues, $plates)], $kept,
        ), $other);
    }

    public function line(string $of, string $ring, callable $find): FoundLine
    {
        $found = $this->next($ring) ?? $this->other->line($of, $ring, $find);
        $this->given[] = [$ring, $found];

        return $found;
    }

    private function next(string $ring): ?FoundLine
    {
        foreach ($this->kept as $at => [$on, $line]) {
            if ($on === $ring) {
                unset($this->kept[$at]);

                return $line;
            }
        }

        return null;
    }

    /** @return list<array<string, mixed>> all that were asked for, to be kept */
    public function toArray(): array
    {
        return array_map(static fn (array $one): array => ['on' => $one[0]] + $one[1]->toArray(), $this->given);
    }
}
