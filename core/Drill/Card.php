<?php

declare(strict_types=1);

namespace Orbek\Core\Drill;

use Orbek\Core\Rice\Stage;

/** One thing to learn to see: a stage in a form. */
final readonly class Card
{
    public function __construct(public Stage $stage, public Form $form)
    {
    }

    /** @return list<self> every one there is */
    public static function all(): array
    {
        $cards = [];
        foreach (Stage::cases() as $stage) {
            foreach (Form::cases() as $form) {
                $cards[] = new self($stage, $form);
            }
        }

        return $cards;
    }

    public function id(): string
    {
        return "{$this->stage->value} {$this->form->value}";
    }
}
