<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Plan\Plan;

/** A part of a filling becomes another kind: its work comes along, and that of what it was goes. */
final readonly class PartEdit implements Edit
{
    /** The path of a part's kind. */
    public const PATH = '#^fillings/(\d)/parts/\d+/kind$#';

    public function __construct(private string $path, private mixed $kind)
    {
    }

    public function on(Plan $plan): Dish
    {
        preg_match(self::PATH, $this->path, $found);
        $changed = $plan->dish->changed($this->path, $this->kind);

        return self::follow($plan, $changed, (int) ($found[1] ?? 0), is_string($this->kind) ? [$this->kind] : []);
    }

    /**
     * A filling's steps follow what is in it.
     *
     * @param  list<string>  $new ids of kinds that came in
     */
    public static function follow(Plan $plan, Dish $changed, int $place, array $new): Dish
    {
        $fillings = $changed->toArray()['fillings'] ?? [];
        $one = is_array($fillings) && is_array($fillings[$place] ?? null) ? $fillings[$place] : null;

        return $one === null
            ? $changed : $changed->changed("fillings/{$place}", FillingsEdit::work($plan)->of($one, $new));
    }
}
