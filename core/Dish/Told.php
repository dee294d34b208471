<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** What the cook's recipe says of boil and heat, kept beside what is found for this kitchen. */
final readonly class Told
{
    /**
     * @param  array{float, float}|null  $boilMin least and most
     * @param  list<array{says: string, heat: string|null, minutes: array{float, float}|null}>  $heats of the closed pot
     * @param  array{float, float}|null  $restMin
     */
    private function __construct(public ?array $boilMin, public array $heats, public ?array $restMin)
    {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            self::minutes($fields, 'boil_min'),
            array_map(static fn (Fields $heat): array => [
                'says' => $heat->text('says'), 'heat' => $heat->has('heat') ? $heat->text('heat') : null,
                'minutes' => self::minutes($heat, 'minutes'),
            ], $fields->each('heats')),
            self::minutes($fields, 'rest_min'),
        );
    }

    /**
     * The document of it.
     *
     * @param  list<array{step: RecipeStep, goes: StepGoes}>  $method
     * @return array<string, mixed> empty where nothing is told
     */
    public static function document(array $method): array
    {
        $boil = $rest = null;
        $heats = [];
        foreach ($method as ['step' => $step, 'goes' => $goes]) {
            if ($goes === StepGoes::Boil) {
                $boil ??= $step->minutes;
            } elseif ($goes === StepGoes::Rest) {
                $rest ??= $step->minutes;
            } elseif ($goes === StepGoes::Heat) {
                $heats[] = array_filter([
                    'says' => mb_strimwidth($step->text, 0, 200, '…'), 'heat' => $step->ring,
                    'minutes' => $step->minutes,
                ], static fn (mixed $value): bool => $value !== null);
            }
        }

        return array_filter([
            'boil_min' => $boil, 'heats' => $heats === [] ? null : array_slice($heats, 0, 8), 'rest_min' => $rest,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /**
     * @return array{float, float}|null
     *
     * @throws Refused
     */
    private static function minutes(Fields $fields, string $name): ?array
    {
        $minutes = $fields->has($name) ? $fields->numbers($name) : [];
        if ($minutes !== [] && (count($minutes) !== 2 || $minutes[0] <= 0 || $minutes[1] < $minutes[0])) {
            throw Refused::because($fields->at($name), 'refused.least-and-most');
        }

        return $minutes === [] ? null : [(float) $minutes[0], (float) $minutes[1]];
    }
}
