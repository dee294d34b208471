<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Plan\Plan;

/**
 * A part of a filling becomes another kind: its work comes along, and that of what it was goes. A part renamed to a
 * food of another kind becomes that kind; steps that took it in by its name take it by the new one.
 */
final readonly class PartEdit implements Edit
{
    /** The path of a part's kind, or name. */
    public const PATH = '#^fillings/(\d)/parts/(\d+)/(kind|name)$#';

    public function __construct(private string $path, private mixed $value)
    {
    }

    public function on(Plan $plan): Dish
    {
        preg_match(self::PATH, $this->path, $found);
        [$place, $index, $field] = [(int) ($found[1] ?? 0), (int) ($found[2] ?? 0), $found[3] ?? 'kind'];
        $changed = $plan->dish->changed($this->path, $this->value);
        if ($field === 'kind') {
            return self::follow($plan, $changed, $place, is_string($this->value) ? [$this->value] : []);
        }
        $part = $plan->dish->fillings->all[$place]->parts[$index] ?? null;
        if ($part === null || ! is_string($this->value)) {
            return $changed;
        }
        $changed = self::renamed($changed, $place, $part->name, $this->value);
        $role = $plan->dish->craft->foods->named($this->value)->role ?? '';
        $kind = str_starts_with($role, 'part:') ? substr($role, strlen('part:')) : $part->kind->id;

        return $kind === $part->kind->id || $plan->dish->craft->foods->named($part->name)?->role === $role ? $changed
            : self::follow($plan, $changed->changed("fillings/{$place}/parts/{$index}/kind", $kind), $place, [$kind]);
    }

    private static function renamed(Dish $dish, int $place, string $from, string $to): Dish
    {
        foreach ($dish->fillings->get($place)->steps as $index => $step) {
            if ($step->takes($from)) {
                $dish = $dish->changed("fillings/{$place}/steps/{$index}/with", array_map(
                    static fn (string $one): string => mb_strtolower($one) === mb_strtolower($from) ? $to : $one,
                    $step->with,
                ));
            }
        }

        return $dish;
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
