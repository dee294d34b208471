<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Wording\Wording;

/** One pot, ring or bag as it is asked for in the first minutes, with what was said of it. */
final readonly class FormRow
{
    /** @param  array<array-key, mixed>  $said */
    public function __construct(public string $in, public string $which, private array $said)
    {
    }

    /**
     * @param  array<array-key, mixed>  $said all that was said
     * @return non-empty-list<self> at least one
     */
    public static function all(array $said, string $list, Wording $say): array
    {
        $rows = is_array($said[$list] ?? null) ? array_values($said[$list]) : [];

        return array_map(
            static fn (mixed $row, int $at): self => new self(
                "{$list}[{$at}]",
                $say->say('pages/begin.row', of: $list, number: $at + 1), is_array($row) ? $row : [],
            ),
            $rows === [] ? [[]] : $rows, array_keys($rows === [] ? [[]] : $rows),
        );
    }

    public function of(string $name, string $else = ''): string
    {
        $told = $this->said[$name] ?? null;

        return is_scalar($told) ? (string) $told : $else;
    }
}
