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
        /** Which filling it is of, by its place. */
        public int $of = 0,
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
            $matter === Matter::Filling ? $fields->whole('of', 0, Fillings::MOST - 1, 0) : 0,
        );
    }

    /** A layer of what the dish has, without saffron or a target of its own. */
    public static function plain(Matter $matter, float $share, int $of = 0): self
    {
        return new self($matter, $share, false, null, $of);
    }

    public function withShare(float $share): self
    {
        return new self($this->matter, $share, $this->saffron, $this->stage, $this->of);
    }

    /** @return array<string, mixed> as fromFields() reads it */
    public function toArray(): array
    {
        return ['matter' => $this->matter->value, 'share' => $this->share]
            + ($this->saffron ? ['saffron' => true] : [])
            + ($this->stage === null ? [] : ['stage' => $this->stage->value])
            + ($this->of === 0 ? [] : ['of' => $this->of]);
    }

    /** Whether it is of the same rice or filling as another. */
    public function isLike(self $other): bool
    {
        return $this->matter === $other->matter && $this->of === $other->of;
    }
}
