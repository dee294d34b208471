<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;

/** A part or a step of a filling, a topping or a side: added, taken off, moved among its like, or a step in two. */
final readonly class ListEdit implements Edit
{
    /** Where each list stands in the document. */
    public const LISTS = [
        'parts' => 'fillings/0/parts', 'parts-2' => 'fillings/1/parts', 'parts-3' => 'fillings/2/parts',
        'parts-4' => 'fillings/3/parts', 'parts-5' => 'fillings/4/parts', 'parts-6' => 'fillings/5/parts',
        'steps' => 'fillings/0/steps', 'steps-2' => 'fillings/1/steps', 'steps-3' => 'fillings/2/steps',
        'steps-4' => 'fillings/3/steps', 'steps-5' => 'fillings/4/steps', 'steps-6' => 'fillings/5/steps',
        'boiled' => 'boiled', 'poured' => 'poured', 'extras' => 'extras', 'sides' => 'sides',
    ];

    private const WORDS = ['add', 'remove', 'up', 'down', 'split'];

    private const MOST = 20;

    private function __construct(
        private string $list, private string $word, private int $index, private mixed $entry, private string $path,
    ) {
    }

    /** @param  mixed  $value the entry's document where one is added; how long its first half keeps where split */
    public static function read(string $list, string $word, int $index, string $path, mixed $value): self
    {
        return in_array($word, self::WORDS, true)
            ? new self(self::LISTS[$list], $word, $index, $value, $path)
            : throw Refused::unknown($path, $word, self::WORDS);
    }

    /**
     * A step in two, the first of which can be done ahead: it takes in all that goes in and keeps so long; its look
     * ends the second.
     *
     * @param  array<array-key, mixed>  $step
     * @return list<array<array-key, mixed>>
     *
     * @throws Refused where there is too little of it to be two
     */
    private function inTwo(array $step): array
    {
        $minutes = is_numeric($step['minutes'] ?? null) ? (int) $step['minutes'] : 0;
        if ($minutes < 2) {
            throw Refused::because($this->path, 'refused.too-short-for-two', minutes: $minutes);
        }
        $first = intdiv($minutes + 1, 2);
        $looks = ['till' => 0, 'least_min' => 0, 'most_min' => 0, 'tastes' => 0];

        return [
            ['minutes' => $first, 'keeps' => Fields::of(['keeps' => $this->entry])->text('keeps')]
            + array_diff_key($step, $looks),
            ['minutes' => $minutes - $first] + array_diff_key(
                $step, ['with' => 0, 'pours' => 0, 'fat_ml_per_kg' => 0, 'least_min' => 0, 'most_min' => 0],
            ),
        ];
    }

    public function on(Plan $plan): Dish
    {
        $list = $plan->dish->toArray();
        foreach (explode('/', $this->list) as $name) {
            $list = is_array($list[$name] ?? null) ? $list[$name] : [];
        }
        $list = array_values($list);
        $adds = $this->word === 'add';
        if (! $adds && ! isset($list[$this->index])) {
            throw Refused::because($this->path, 'refused.no-such-entry');
        }
        if ($adds && count($list) >= self::MOST) {
            throw Refused::because($this->list, 'refused.most-entries', list: count($list));
        }
        $entry = $adds ? $this->entry : array_splice($list, $this->index, 1)[0];
        if ($this->word !== 'remove') {
            array_splice($list, match ($this->word) {
                'up' => max(0, $this->index - 1),
                'down' => $this->index + 1,
                'split' => $this->index,
                default => count($list),
            }, 0, $this->word === 'split' && is_array($entry) ? $this->inTwo($entry) : [$entry]);
        }
        $changed = $plan->dish->changed($this->list, $list);
        $kind = $adds && is_array($this->entry) ? $this->entry['kind'] ?? null : null;

        return str_starts_with($this->list, 'fillings/')
            ? PartEdit::follow($plan, $changed, (int) explode('/', $this->list)[1], is_string($kind) ? [$kind] : [])
            : $changed;
    }
}
