<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;

/** A part or a step of a filling, a topping or a side: added to a dish, taken off it, or moved among its like. */
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

    private const WORDS = ['add', 'remove', 'up', 'down'];

    private const MOST = 20;

    private function __construct(
        private string $list, private string $word, private int $index, private mixed $entry, private string $path,
    ) {
    }

    /** @param  mixed  $value the entry's document, where one is added */
    public static function read(string $list, string $word, int $index, string $path, mixed $value): self
    {
        return in_array($word, self::WORDS, true)
            ? new self(self::LISTS[$list], $word, $index, $value, $path)
            : throw Refused::unknown($path, $word, self::WORDS);
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
                default => count($list),
            }, 0, [$entry]);
        }
        $changed = $plan->dish->changed($this->list, $list);
        $kind = $adds && is_array($this->entry) ? $this->entry['kind'] ?? null : null;

        return str_starts_with($this->list, 'fillings/')
            ? PartEdit::follow($plan, $changed, (int) explode('/', $this->list)[1], is_string($kind) ? [$kind] : [])
            : $changed;
    }
}
