<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;

/**
 * Something that eye, hand, ear or nose tell of a closed pot: a row of schema/craft/cues.json. What it is, when it is
 * asked for, what it teaches and whether it may end a stretch of heat stand there and nowhere else.
 */
final readonly class Cue
{
    /** What a first heat that is found for a pot ends at. */
    public const STEAM = 'steam';

    /** @param  list<string>  $olderWords by which documents of before told it as the end of a stretch */
    private function __construct(
        public string $id,
        /** As it is tapped at the stove; null where nobody is asked for it. */
        public ?string $says,
        /** The same beside others of its sense. */
        public string $short,
        /** As the end of a stretch, after "till"; null where it may not end one. */
        public ?string $as,
        /** The same, come. */
        public ?string $seen,
        /** In practice, where it is felt for: come, and not yet; null where there is nothing to feel, or to say. */
        public ?string $felt,
        public ?string $notFelt,
        private array $olderWords,
        /** What it tells of; null where it only denies another. */
        public ?Sign $sign,
        /** From what value of its sign on it shows. */
        public float $from,
        /** Up to what value; infinite where it shows from then on. */
        public float $to,
        /** What looks like it sooner is something else. */
        private float $settledMin,
        public ?Asked $asked,
        /** Id of the cue that has not come yet, where that is what it says. */
        public ?string $denies,
        public ?Teaches $teaches,
        /** How far it misleads, in its sign's own unit; of browning, its logarithm. */
        public float $noise,
        /** Of a minute, a share of it more. */
        private float $noiseShare,
        /** How it is told of: a colour seen, a smell, a sound; null where it is none of them. */
        public ?Sense $sense,
        /** The lid is lifted for it, and steam gets out. */
        public bool $opens,
        /** Whether it may be tapped; what only older cooks said is still understood. */
        public bool $isOffered,
    ) {
    }

    /** @throws Refused naming the field */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            id: $fields->text('id'),
            says: $fields->has('says') ? $fields->text('says') : null,
            short: $fields->has('short') ? $fields->text('short') : ($fields->has('says') ? $fields->text('says') : ''),
            as: $fields->has('as') ? $fields->text('as') : null,
            seen: $fields->has('as') ? $fields->text('seen') : null,
            felt: $fields->has('felt') ? $fields->text('felt') : null,
            notFelt: $fields->has('not_felt') ? $fields->text('not_felt') : null,
            olderWords: $fields->texts('older_words'),
            sign: ! $fields->has('sign') ? null : $fields->one('sign', Sign::class),
            from: ! $fields->has('sign') ? 0.0 : $fields->number('from', 0, 400),
            to: $fields->has('to') ? $fields->number('to', 0, 400) : INF,
            settledMin: $fields->number('settled_min', 0, 60, 'min', 0),
            asked: $fields->has('asked') ? Asked::fromFields($fields->object('asked')) : null,
            denies: $fields->has('denies') ? $fields->text('denies') : null,
            teaches: $fields->has('teaches') ? $fields->one('teaches', Teaches::class) : null,
            noise: $fields->number('noise', 0.01, 100, '', 1),
            noiseShare: $fields->number('noise_share', 0, 1, '', 0),
            sense: $fields->has('sense') ? $fields->one('sense', Sense::class) : null,
            opens: $fields->flag('opens', false),
            isOffered: $fields->flag('offered', true),
        );
    }

    /**
     * The cue that ends a stretch, by its id or in the words of an older document.
     *
     * @param  Known<Cue>  $cues
     *
     * @throws Refused when none of them may end one
     */
    public static function ending(Known $cues, string $text, string $field): self
    {
        $ends = array_filter($cues->all, static fn (self $cue): bool => $cue->as !== null);
        foreach ($ends as $cue) {
            $told = array_filter($cue->olderWords, static fn (string $word): bool => str_contains($text, $word));
            if ($cue->id === $text || $told !== []) {
                return $cue;
            }
        }

        return str_contains($text, ' ') ? $cues->get(self::STEAM, $field)
            : throw Refused::unknown($field, $text, array_keys($ends));
    }

    /** Whether it says anything of where a pot is. */
    public function tells(): bool
    {
        return $this->denies !== null || $this->teaches !== null;
    }

    /** Whether it is one of what a look at the crust tells, or that there was none. */
    public function isOfLook(): bool
    {
        return $this->sense !== null;
    }

    /** The minute at which it came in a pot that is followed; null where it has not. */
    public function cameAtMin(Steaming $steaming): ?float
    {
        return match ($this->sign) {
            Sign::Steam => $steaming->steamAtLidS === null ? null : $steaming->steamAtLidS / 60 + $this->from,
            Sign::Lid => $steaming->lidHotS === null ? null : $steaming->lidHotS / 60,
            default => null,
        };
    }

    /** Sd of the minute at which it is seen. */
    public function sdAt(float $minute): float
    {
        return $this->noise + $this->noiseShare * $minute;
    }

    /** From and up to where it lies, as its noise is told: of browning, logarithms. */
    public function scaledFrom(): float
    {
        return $this->from <= 0 ? -INF : $this->sign?->scaled($this->from) ?? -INF;
    }

    public function scaledTo(): float
    {
        return is_infinite($this->to) ? INF : $this->sign?->scaled($this->to) ?? INF;
    }

    /** Whether a pot shows it now. */
    public function isShown(Steaming $steaming): bool
    {
        return $this->sign !== null && $steaming->seconds >= 60 * $this->settledMin
            && $this->isWithin($this->sign->now($steaming));
    }

    /** The first minute at which a course shows it; null where it never does. */
    public function minuteIn(Course $course): ?float
    {
        if ($this->sign === Sign::Steam) {
            return $course->steamAtLidMin() === null ? null : $course->steamAtLidMin() + $this->from;
        }

        if ($this->sign === Sign::Lid) {
            return $course->lidHotMin();
        }

        return $this->sign === null
            ? null : $course->firstMinute(fn (Moment $moment): bool => $this->isIn($course, $moment));
    }

    /** Whether a course shows it at a minute. */
    public function isAt(Course $course, float $minute): bool
    {
        return $this->isIn($course, $course->at($minute));
    }

    private function isIn(Course $course, Moment $moment): bool
    {
        return $this->sign !== null && $moment->minute >= $this->settledMin
            && $this->isWithin($this->sign->in($course, $moment));
    }

    private function isWithin(float $value): bool
    {
        return $value >= $this->from && $value < $this->to;
    }

    /** Whether it is worth asking for at a minute, as far as the course goes. */
    public function isDue(Course $course, float $minute): bool
    {
        if ($this->says === null || $this->asked === null) {
            return false;
        }
        if ($this->asked->beforeMin !== null) {
            $comes = $this->minuteIn($course);

            return $comes === null ? $minute > $this->asked->atLatestMin : $minute >= $comes - $this->asked->beforeMin;
        }

        return $this->sign === null || $this->sign->at($course, $minute) >= $this->from;
    }
}
