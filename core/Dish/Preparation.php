<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Caution;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A way in which a topping is made beforehand, in steps (schema/craft/preparations.json). */
final readonly class Preparation
{
    /** @param  non-empty-list<PreparationStep>  $steps in order */
    private function __construct(
        public string $id,
        public string $name,
        /** Weight as it is used over the weight that is bought. */
        public float $yield,
        /** How many days ahead it can be made. */
        public int $keepsDays,
        /** A bag of spices flavours and is lifted out again. */
        public bool $isLiftedOut,
        public ?Caution $caution,
        public array $steps,
    ) {
    }

    public function needsRing(): bool
    {
        return array_filter($this->steps, static fn (PreparationStep $step): bool => $step->needsRing) !== [];
    }

    /** @throws Refused naming the field */
    public static function fromFields(Fields $fields): self
    {
        $steps = array_map(PreparationStep::fromFields(...), $fields->each('steps'));
        if ($steps === []) {
            throw Refused::because($fields->at('steps'), 'refused.no-part');
        }

        return new self(
            id: $fields->text('id'),
            name: $fields->text('name'),
            yield: $fields->number('yield', 0.05, 4, '', 1.0),
            keepsDays: $fields->whole('keeps_days', 0, 60),
            isLiftedOut: $fields->flag('is_lifted_out', false),
            caution: $fields->has('caution') ? $fields->one('caution', Caution::class) : null,
            steps: $steps,
        );
    }
}
