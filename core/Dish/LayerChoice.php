<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\Stage;

/** One layer over the base, as a share of all the rice or all the filling. */
final readonly class LayerChoice
{
    private function __construct(
        public Matter $matter,
        public float $share,
        public bool $saffron,
        /** Doneness of this layer's rice where it differs from the dish's own. */
        public ?Stage $stage,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $matter = $fields->one('matter', Matter::class);
        if ($matter === Matter::Crust || $matter === Matter::Mixed) {
            throw Refused::unknown($fields->at('matter'), $matter->value, ['rice', 'filling']);
        }

        return new self(
            $matter,
            $fields->number('share', 0.01, 1),
            $fields->flag('saffron', false),
            $fields->has('stage') && $matter === Matter::Rice ? $fields->one('stage', Stage::class) : null,
        );
    }

    /** A layer of what the dish has, without saffron or a target of its own. */
    public static function plain(Matter $matter, float $share): self
    {
        return new self($matter, $share, false, null);
    }

    public function withShare(float $share): self
    {
        return new self($this->matter, $share, $this->saffron, $this->stage);
    }

    /** @return array<string, mixed> as fromFields() reads it */
    public function toArray(): array
    {
        return ['matter' => $this->matter->value, 'share' => $this->share]
            + ($this->saffron ? ['saffron' => true] : [])
            + ($this->stage === null ? [] : ['stage' => $this->stage->value]);
    }
}
