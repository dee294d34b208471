<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;

/**
 * Onion, saffron, fat or herbs shared out anew over marinade, layers and top: the other two parts make room in
 * proportion.
 */
final readonly class SplitEdit implements Edit
{
    private function __construct(private int $index, private string $part, private float $share, private string $path)
    {
    }

    /** @param  mixed  $value the wanted share, % */
    public static function read(int $index, string $part, string $path, mixed $value): self
    {
        if (! in_array($part, Extra::PARTS, true)) {
            throw Refused::unknown($path, $part, Extra::PARTS);
        }

        return new self($index, $part, Fields::of([$path => $value])->number($path, 0, 100, '%') / 100, $path);
    }

    public function on(Plan $plan): Dish
    {
        $extras = $plan->dish->build->extras;
        $extra = $extras[$this->index]
            ?? throw Refused::because($this->path, 'refused.no-such-extra', extras: count($extras) - 1);
        $others = 1 - $extra->split[$this->part];
        // All of it was here: what is let go of goes to the layers, or from there to the top.
        $heir = $this->part === 'layers' ? 'top' : 'layers';
        $split = [];
        foreach (Extra::PARTS as $name) {
            $split[$name] = match (true) {
                $name === $this->part => $this->share,
                $others > 1e-9 => (1 - $this->share) * $extra->split[$name] / $others,
                default => $name === $heir ? 1 - $this->share : 0.0,
            };
        }

        return $plan->dish->changed("extras/{$this->index}/split", $split);
    }
}
