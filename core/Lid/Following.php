<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** A sealed pot followed along its heat line, stretch by stretch, each till its cue or its minutes are up. */
final class Following
{
    /** A pot in which nothing has changed for so long, looked at over so many moments, changes no more. */
    private const STILL_MIN = 10.0;

    private const STILL_MOMENTS = 10;

    private Steaming $steaming;

    /** @var non-empty-list<Moment> */
    private array $moments;

    /** @var list<Stretch> */
    private array $heat = [];

    /** @var list<float|null> */
    private array $cueMin = [];

    private ?float $stillFromMin = null;

    /** @param  list<Lifted>  $lifted the first first */
    private function __construct(
        SealedPot $pot, private float $stepS, private float $everyS, private array $lifted,
    ) {
        $this->steaming = new Steaming($pot);
        $this->moments = [Moment::of($this->steaming)];
    }

    /**
     * @param  non-empty-list<Stretch>  $line
     * @param  list<Lifted>  $lifted
     */
    public static function of(SealedPot $pot, array $line, float $stepS, float $everyS, array $lifted): Course
    {
        $following = new self($pot, $stepS, $everyS, Lifted::inOrder($lifted));
        foreach ($line as $index => $stretch) {
            $following->stretch($stretch, ! isset($line[$index + 1]));
        }
        /** @var non-empty-list<Stretch> $heat */
        $heat = $following->heat;

        return Course::followed(
            $following->steaming, $heat, $following->cueMin, $following->moments, $following->stillFromMin,
        );
    }

    private function stretch(Stretch $stretch, bool $isLast): void
    {
        $began = $this->steaming->seconds;
        $shown = null;
        if ($stretch->till === null) {
            $this->run($stretch->flame, 60 * $stretch->minutes, null, $isLast);
        } else {
            $this->run($stretch->flame, 60 * Stretch::WAITED_FOR * $stretch->minutes, $stretch->till, false);
            $shown = $stretch->till->isShown($this->steaming) ? $this->steaming->seconds / 60 : null;
            $this->run($stretch->flame, 60 * $stretch->afterMin, null, false);
        }
        $minutes = $stretch->till === null ? $stretch->minutes : ($this->steaming->seconds - $began) / 60;
        $this->heat[] = $stretch->lasting(max(1 / 60, $minutes));
        $this->cueMin[] = $shown;
    }

    private function run(Flame $flame, float $seconds, ?Cue $till, bool $isLast): void
    {
        $left = $seconds;
        while ($left > 0.01 && ! ($till !== null && $till->isShown($this->steaming))) {
            $next = (floor($this->steaming->seconds / $this->everyS + 1e-6) + 1)
                * $this->everyS - $this->steaming->seconds;
            $left -= $this->steaming->advance($flame, min($left, $next), $this->stepS, $till);
            while ($this->lifted !== [] && 60 * $this->lifted[0]->minute <= $this->steaming->seconds) {
                array_shift($this->lifted)->from($this->steaming);
            }
            $this->moments[] = Moment::of($this->steaming);
            // Only off the heat, with no heat to come: else it goes on losing steam.
            if ($flame->isOff() && $isLast && $this->lifted === [] && $this->isStill()) {
                $this->stillFromMin = $left > 0.01 ? $this->steaming->seconds / 60 : null;

                return;
            }
        }
    }

    private function isStill(): bool
    {
        $last = $this->moments[count($this->moments) - 1];
        $before = $this->moments[max(0, count($this->moments) - 1 - self::STILL_MOMENTS)];

        return $last->minute - $before->minute >= self::STILL_MIN && $last->isLike($before);
    }
}
