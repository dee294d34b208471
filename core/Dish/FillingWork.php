<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Filling\FillingKind;

/**
 * The work of a filling follows what is in it: a kind that comes in brings its steps, one that goes takes them along.
 * Steps of the cook's own stay as they are.
 *
 * @phpstan-type Document array<array-key, mixed>
 */
final readonly class FillingWork
{
    public function __construct(private Craft $craft, private string $ring)
    {
    }

    /**
     * A filling's document with the steps of its parts' kinds, and of no others.
     *
     * @param  Document  $filling
     * @param  list<string>  $new ids of kinds that came in: theirs are put in; of others only what was there stays
     * @return Document
     */
    public function of(array $filling, array $new): array
    {
        $parts = self::rows($filling, 'parts');
        $kinds = array_column($parts, 'kind');
        $isBeside = ($filling['beside'] ?? false) === true;
        $kept = array_values(array_filter(self::rows($filling, 'steps'), static fn (array $step): bool => ! isset(
            $step['of'],
        ) || (in_array($step['of'], $kinds, true) && ! in_array($step['of'], $new, true))));
        $isRaw = ! $isBeside && self::isRaw($filling);
        $brought = [];
        foreach ($parts as $part) {
            $kind = $this->kind($part);
            if ($kind !== null && in_array($kind->id, $new, true) && ! isset($brought[$kind->id])) {
                $brought[$kind->id] = $kind->work(
                    is_string($part['name'] ?? null) ? $part['name'] : $kind->name, $this->ring, $isBeside, $isRaw,
                );
            }
        }
        // Steps of the cook's own make it as ready as the cook said.
        $isOwn = array_filter($kept, static fn (array $step): bool => ! isset($step['of'])) !== [];
        $ready = match (true) {
            $isBeside => 1.0,
            $isRaw, $isOwn => $filling['ready'] ?? 0.0,
            default => $this->ready($parts),
        };

        return [
            'steps' => array_reduce($brought, $this->inTurn(...), $kept), 'ready' => $ready,
        ] + $filling;
    }

    /**
     * All of it as its kinds have it.
     *
     * @param  Document  $filling
     * @return Document
     */
    public function afresh(array $filling): array
    {
        $kinds = array_column(self::rows($filling, 'parts'), 'kind');

        return $this->of($filling, array_values(array_filter($kinds, is_string(...))));
    }

    /**
     * The gravy before what it is the gravy of: work that comes in goes before that of kinds which come later into the
     * pan, and what is there stays in its order.
     *
     * @param  list<Document>  $steps
     * @param  list<Document>  $brought of one kind
     * @return list<Document>
     */
    private function inTurn(array $steps, array $brought): array
    {
        $comes = $brought === [] ? 0 : $this->comes($brought[0]);
        $later = array_filter($steps, fn (array $step): bool => isset($step['of']) && $this->comes($step) > $comes);
        array_splice($steps, array_key_first($later) ?? count($steps), 0, $brought);

        return $steps;
    }

    /** @param  Document  $step */
    private function comes(array $step): int
    {
        return is_string($step['of'] ?? null) ? $this->craft->fillings->all[$step['of']]->comes ?? 0 : 0;
    }

    /** @param  Document  $filling */
    private static function isRaw(array $filling): bool
    {
        $ready = $filling['ready'] ?? 1;

        return is_numeric($ready) && $ready < Filling::RAW
            && array_filter(self::rows($filling, 'steps'), static fn (array $step): bool => isset($step['of'])) === [];
    }

    /**
     * As far as its kinds are when they are layered, the least of those that there is anything to wait for.
     *
     * @param  list<Document>  $parts
     */
    private function ready(array $parts): float
    {
        $ready = 1.0;
        foreach ($parts as $part) {
            $ready = min($ready, $this->kind($part)->ready ?? 1.0);
        }

        return $ready;
    }

    /** @param  Document  $part */
    private function kind(array $part): ?FillingKind
    {
        return is_string($part['kind'] ?? null) ? $this->craft->fillings->all[$part['kind']] ?? null : null;
    }

    /**
     * @param  Document  $of
     * @return list<Document>
     */
    private static function rows(array $of, string $name): array
    {
        $rows = $of[$name] ?? [];

        /** @var list<Document> */
        return is_array($rows) ? array_values(array_filter($rows, is_array(...))) : [];
    }
}
