<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use LogicException;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/**
 * How long each kind of work takes, whose hands it wants, and how long what it makes bears to wait: data of the craft
 * (schema/craft/work.json), by kind. Minutes.
 */
final readonly class WorkTimes
{
    private const MOST_MIN = 1440;

    /**
     * @param  array<string, array<string, int>>  $minutes by kind and name
     * @param  array<string, Attention>  $hands by kind
     */
    private function __construct(private array $minutes, private array $hands)
    {
    }

    /**
     * @param  array<string, array<string, mixed>>  $rows as in schema/craft/work.json
     *
     * @throws Refused naming the kind and its field
     */
    public static function fromArray(array $rows): self
    {
        $minutes = $hands = [];
        foreach ($rows as $kind => $row) {
            $fields = Fields::of($row, "work/{$kind}");
            foreach (array_keys($row) as $name) {
                if ($name === 'hands') {
                    $hands[$kind] = $fields->one('hands', Attention::class);
                } else {
                    $minutes[$kind][$name] = $fields->whole($name, 0, self::MOST_MIN);
                }
            }
        }

        return new self($minutes, $hands);
    }

    /** How long it takes; of some kinds `$what` is a part, or another wait than the usual one. */
    public function minutes(string $kind, string $what = 'minutes'): int
    {
        return $this->minutes[$kind][$what]
            ?? throw new LogicException("schema/craft/work.json does not say {$what} of {$kind}.");
    }

    /** How long what it makes bears to wait for what follows. */
    public function waits(string $kind): int
    {
        return $this->minutes($kind, 'waits');
    }

    /** When it wants hands; throughout where nothing is said. */
    public function hands(string $kind): Attention
    {
        return $this->hands[$kind] ?? Attention::Throughout;
    }
}
