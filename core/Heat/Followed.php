<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Steaming;

/** Pots that were followed some way already: none is followed twice. */
final class Followed
{
    /** @var array<string, array{list<array{float, float}>, list<float>}> */
    private array $along = [];

    /**
     * @param  string  $way by which it goes on
     * @param  callable(Steaming): array{list<array{float, float}>, list<float>}  $follow
     * @return array{list<array{float, float}>, list<float>} as of Way
     */
    public function along(string $way, Steaming $pot, callable $follow): array
    {
        return $this->along[$way.spl_object_id($pot)] ??= $follow($pot);
    }
}
