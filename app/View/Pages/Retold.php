<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Household;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;

/** What is told, once, of cooks that were read again under other laws of the closed pot. */
final readonly class Retold
{
    /** Nearer than that nothing is told to have changed. */
    private const SAME = 0.005;

    /**
     * @param  int  $cooks that were read again
     * @param  list<array{pot: string, ring: string, was: float, is: float}>  $stoves what is thought of each pot on its
     *     ring otherwise than before, as shares of the ring's own heat
     */
    private function __construct(public int $cooks, public array $stoves)
    {
    }

    /** Null where there is nothing to tell, or it has been read. */
    public static function of(Household $household, Knowledge $known, Kitchen $kitchen): ?self
    {
        if ($household->retold === null) {
            return null;
        }
        $before = Knowledge::fromArray($household->retold['was']);
        $stoves = [];
        foreach ($kitchen->stovePots() as $pot) {
            foreach ($kitchen->equipment->rings as $ring) {
                [$was, $is] = [$before->stove($pot->id, $ring)->likely(), $known->stove($pot->id, $ring)->likely()];
                if (abs($is - $was) >= self::SAME) {
                    $stoves[] = ['pot' => $pot->name, 'ring' => $ring->name, 'was' => $was, 'is' => $is];
                }
            }
        }

        return new self($household->retold['cooks'], $stoves);
    }
}
