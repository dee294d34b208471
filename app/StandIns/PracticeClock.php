<?php

declare(strict_types=1);

namespace App\StandIns;

use App\Models\MealCook;
use DateTimeImmutable;
use Illuminate\Contracts\Cache\Repository;
use Orbek\Core\Measure\Refused;
use Psr\Clock\ClockInterface;

/**
 * The kitchen clock's stand-in: the system's time until it is put forward or sped up, so that an
 * evening's cook can be walked through in minutes.
 */
final readonly class PracticeClock implements ClockInterface
{
    private const KEY = 'practice-clock';

    private const FASTEST = 240.0;

    private const FURTHEST_S = 14 * 86400;

    public function __construct(private Repository $cache, private string $of = '')
    {
    }

    /** A clock of its own, for what is cooked for practice beside the household's days. */
    public function of(string $cook): self
    {
        return new self($this->cache, "-{$cook}");
    }

    /** What is cooked for practice has a clock of its own; all else goes by the household's. */
    public function ofCook(MealCook $cook): self
    {
        return $cook->practice === null ? $this : $this->of($cook->id);
    }

    public function now(): DateTimeImmutable
    {
        $face = $this->face();
        $seconds = $face['shown'] + (microtime(true) - $face['real']) * $face['speed'];

        return new DateTimeImmutable('@'.(int) floor($seconds));
    }

    /**
     * What a page needs to go on counting alone: the time shown at a real time, and the speed.
     *
     * @return array{shown: float, real: float, speed: float} seconds since 1970
     */
    public function face(): array
    {
        $face = $this->cache->get(self::KEY.$this->of);
        $now = microtime(true);

        return is_array($face) && isset($face['shown'], $face['real'], $face['speed'])
            ? ['shown' => (float) $face['shown'], 'real' => (float) $face['real'], 'speed' => (float) $face['speed']]
            : ['shown' => $now, 'real' => $now, 'speed' => 1.0];
    }

    /** @return array{shown: float, speed: float} for a page that goes on counting alone */
    public function shown(): array
    {
        $face = $this->face();

        return [
            'shown' => $face['shown'] + (microtime(true) - $face['real']) * $face['speed'], 'speed' => $face['speed'],
        ];
    }

    public function isReal(): bool
    {
        return ! $this->cache->has(self::KEY.$this->of);
    }

    /** @throws Refused */
    public function putForward(float $seconds): void
    {
        Refused::unlessBetween('forward_s', $seconds, 0, self::FURTHEST_S, 's');
        $this->set($seconds, $this->face()['speed']);
    }

    /** @throws Refused */
    public function runAt(float $speed): void
    {
        $this->set(0, Refused::unlessBetween('speed', $speed, 1, self::FASTEST, 'times'));
    }

    public function beReal(): void
    {
        $this->cache->forget(self::KEY.$this->of);
    }

    private function set(float $forwardS, float $speed): void
    {
        $real = microtime(true);
        $face = $this->face();
        $shown = $face['shown'] + ($real - $face['real']) * $face['speed'] + $forwardS;
        $this->cache->forever(self::KEY.$this->of, ['shown' => $shown, 'real' => $real, 'speed' => $speed]);
    }
}
