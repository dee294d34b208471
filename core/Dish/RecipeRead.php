<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** A recipe as far as it could be read, with every row that could not. */
final readonly class RecipeRead
{
    /**
     * @param  string  $name empty where it tells none
     * @param  list<RecipeLine>  $lines things with their amounts
     * @param  list<RecipeStep>  $steps what is done, in order
     * @param  list<string>  $unread rows and sentences that were not understood
     * @param  string  $school id of the school that its words speak of
     */
    public function __construct(
        public string $name, public int $eaters, public array $lines, public array $steps = [],
        public array $unread = [], public string $school = 'one-pot',
    ) {
    }

    public function called(string $name): self
    {
        return new self($name, $this->eaters, $this->lines, $this->steps, $this->unread, $this->school);
    }
}
