<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Filling\Wetness;
use Orbek\Core\Heat\Heating;
use Orbek\Core\Heat\HeatPlan;
use Orbek\Core\Heat\HowSure;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Rice\Stage;

/**
 * What to change next time: each cause of what was off taken for true, and the changes of the dish tried
 * under it; those that mend it, with what they cost.
 */
final readonly class NextTime
{
    private const SHOWN = 3;

    private const STEP_S = 8.0;

    /** A change that leaves more than this of what is missed mends nothing. */
    private const MENDS = 0.7;

    private function __construct(private Plan $plan, private Planner $planner)
    {
    }

    /**
     * @param  Plan  $plan of the dish as it is to be changed, in the cook's kitchen and with what was known then
     * @param  Planner  $planner that it was planned by
     * @param  list<array{cause: Note, so: Note, otherwise: Otherwise}>  $causes of Causes, likeliest first
     * @return list<Proposal> of the likeliest cause first
     */
    public static function of(Plan $plan, Planner $planner, array $causes): array
    {
        $found = [];
        foreach ($causes as ['otherwise' => $otherwise]) {
            $best = (new self($plan, $planner))->against($otherwise);
            if ($best !== null) {
                $found[] = $best;
            }
        }

        return array_slice($found, 0, self::SHOWN);
    }

    /** The change that mends most of what this cause spoils; null where none does, or it spoils nothing. */
    private function against(Otherwise $otherwise): ?Proposal
    {
        $pot = $this->plan->sealedPot();
        if ($pot === null) {
            return null;
        }
        $before = HeatPlan::of(
            $otherwise->pot($pot), $this->plan->dish->aim(), $otherwise->heat($this->plan->potted->first()->line()),
            self::STEP_S,
        );
        $best = $this->unchanged($otherwise, $before);
        foreach ($this->changes($otherwise) as [$change, $path, $value]) {
            $one = $this->tried($otherwise, $before, [$change, $path, $value]);
            $best = $one !== null && $this->isBetter($one, $best) ? $one : $best;
        }

        return $best;
    }

    /** @param  array{Note, string, mixed}  $change */
    private function tried(Otherwise $otherwise, HeatPlan $before, array $change): ?Proposal
    {
        [$says, $path, $value] = $change;
        try {
            $changed = $this->planner->plan($this->plan->dish->changed($path, $value));
        } catch (Refused) {
            return null;
        }
        $sealed = $changed->sealedPot();
        $after = $sealed === null ? null : HeatPlan::of(
            $otherwise->pot($sealed), $changed->dish->aim(), $changed->potted->first()->line(), self::STEP_S,
        );

        return $after === null || $after->miss() > self::MENDS * $before->miss() ? null : new Proposal(
            cause: $otherwise->cause,
            change: $says,
            path: $path,
            value: $value,
            dish: $changed->dish,
            before: $before,
            after: $after,
            right: $this->right($otherwise, $changed),
        );
    }

    /** Missing less comes first; of two that miss nothing, the one that is right in clearly more kitchens. */
    private function isBetter(Proposal $one, ?Proposal $best): bool
    {
        return $best === null || $one->after->miss() < $best->after->miss() - 1e-6
            || (abs($one->after->miss() - $best->after->miss()) < 1e-6 && $one->right > $best->right + 1);
    }

    /** Where the dish as it is planned now takes it, or where only the cue was not waited for. */
    private function unchanged(Otherwise $otherwise, HeatPlan $before): ?Proposal
    {
        $isAtTheStove = $otherwise->sway === Sway::FirstHeat && $this->plan->dish->lid->heat === [];
        if (! $before->isRight() && ! $isAtTheStove) {
            return null;
        }
        $pot = $this->plan->sealedPot();
        $line = $this->plan->potted->first()->line();

        return $pot === null ? null : new Proposal(
            cause: $otherwise->cause,
            change: $isAtTheStove ? Note::of('next-time.keep-to-the-cue') : Note::of('next-time.as-it-is-planned'),
            path: null,
            value: null,
            dish: $this->plan->dish,
            before: $before,
            after: $isAtTheStove ? HeatPlan::of($pot, $this->plan->dish->aim(), $line, self::STEP_S) : $before,
            right: $this->right($otherwise, $this->plan),
        );
    }

    /** In how many kitchens the changed dish comes out, the cause as it was. */
    private function right(Otherwise $otherwise, Plan $changed): int
    {
        $sealed = $changed->sealedPot();

        return $sealed === null ? 0 : HowSure::of(
            $otherwise->pot($sealed), $changed->potted->first()->line(), $changed->dish->aim(),
            $changed->odds(), $changed->bag()->today()->sd(),
        )->right;
    }

    /** @return list<array{Note, string, mixed}> the change in words, its path and value; the plainest first */
    private function changes(Otherwise $otherwise): array
    {
        return match ($otherwise->sway) {
            Sway::Ring, Sway::Mark => $this->heat($otherwise),
            Sway::Filling => [...$this->heat($otherwise), ...$this->wetness($otherwise->by > 0)],
            Sway::Rice => [...$this->stage($otherwise->by < 0), ...$this->heat($otherwise)],
            Sway::FirstHeat => $this->plan->dish->lid->heat === [] ? [] : [
                [Note::of('next-time.the-heat-found'), 'lid/heat', null],
            ],
            Sway::Lid => [...$this->seals(), ...$this->heat($otherwise)],
        };
    }

    /** @return list<array{Note, string, mixed}> the heat found for the pot as it was */
    private function heat(Otherwise $otherwise): array
    {
        $load = $this->plan->potted->first();
        if ($load->sealed === null || $load->stove === null || HeatLine::usesOven($load->line())) {
            return [];
        }
        $line = Heating::found(
            $otherwise->pot($load->sealed), $this->plan->dish->aim(), $load->stove, $this->plan->dish->bounds(),
            $this->plan->stove()->today()->sd(),
        )->line();
        $told = $this->told($load->line(), $line);

        return $told === null ? [] : [[$told, 'lid/heat', HeatLine::toArray($line)]];
    }

    /**
     * How a heat line differs, as a cook would say it.
     *
     * @param  non-empty-list<Stretch>  $was
     * @param  non-empty-list<Stretch>  $is
     * @return Note|null null where it does not
     */
    private function told(array $was, array $is): ?Note
    {
        $first = round($is[0]->length() - $was[0]->length(), 1);
        $past = round($is[0]->afterMin - $was[0]->afterMin, 1);
        $low = round(self::minutes(array_slice($is, 1)) - self::minutes(array_slice($was, 1)), 1);
        $isSameHeat = self::flames($was) === self::flames($is);

        return match (true) {
            $isSameHeat && $first === 0.0 && $low === 0.0 => null,
            ! $isSameHeat => Note::of(
                'next-time.another-heat', heats: $this->heats($is), first: round($first), low: round($low),
            ),
            $is[0]->till !== null && $was[0]->till?->id === $is[0]->till->id && $past !== 0.0 => Note::of(
                'next-time.after-the-cue', minutes: abs($past), more: $past > 0, till: $is[0]->till->as ?? '',
                low: abs($low), lowMore: $low > 0,
            ),
            default => Note::of(
                'next-time.minutes', first: abs($first), firstMore: $first > 0, low: abs($low), lowMore: $low > 0,
            ),
        };
    }

    /**
     * @param  list<Stretch>  $line
     * @return list<Note> its heats in the knob's marks, without the rest
     */
    private function heats(array $line): array
    {
        $ring = $this->plan->potted->first()->place->ring->id;

        return array_map(
            fn (Stretch $stretch): Note => $this->plan->kitchen->says($stretch->flame, $ring),
            array_values(array_filter($line, static fn (Stretch $stretch): bool => ! $stretch->isRest())),
        );
    }

    /** @param  list<Stretch>  $line */
    private static function minutes(array $line): float
    {
        return array_sum(array_map(static fn (Stretch $stretch): float => $stretch->length(), $line));
    }

    /**
     * @param  list<Stretch>  $line
     * @return list<string>
     */
    private static function flames(array $line): array
    {
        return array_map(
            static fn (Stretch $stretch): string => "{$stretch->flame->ring} ".round($stretch->flame->setting, 2)
                .' '.($stretch->flame->plate->id ?? ''),
            $line,
        );
    }

    /** @return list<array{Note, string, mixed}> a filling layered a step drier, or wetter */
    private function wetness(bool $drier): array
    {
        $place = $this->plan->dish->fillings->inPot()->mainPlace();
        if ($place === null) {
            return [];
        }
        $scale = Wetness::cases();
        $at = (int) array_search($this->plan->dish->fillings->get($place)->wetness, $scale, true);
        $next = $scale[$at + ($drier ? -1 : 1)] ?? null;

        return $next === null ? [] : [
            [Note::of('mending.filling', wetness: $next), "fillings/{$place}/wetness", $next->value],
        ];
    }

    /** @return list<array{Note, string, mixed}> rice lifted a stage later, or earlier */
    private function stage(bool $later): array
    {
        if (! $this->plan->potted->rice instanceof BoilPlan) {
            return [];
        }
        $scale = Stage::cases();
        $at = (int) array_search($this->plan->dish->grain->water->stage, $scale, true);
        $next = $scale[$at + ($later ? 1 : -1)] ?? null;

        return $next === null ? [] : [
            [Note::of('mending.lifted', stage: Note::label($next, 'words')), 'water/stage', $next->value],
        ];
    }

    /** @return list<array{Note, string, mixed}> */
    private function seals(): array
    {
        $dish = $this->plan->dish;
        $tighter = array_filter($dish->craft->seals->all, static fn (Seal $seal): bool => $seal->isOffered
            && ($seal->hasFoil || $seal->dough !== null) && $seal->leakShare < $dish->lid->seal->leakShare);
        usort($tighter, static fn (Seal $a, Seal $b): int => $b->leakShare <=> $a->leakShare);

        return array_map(
            static fn (Seal $seal): array => [
                Note::of('mending.sealed-with', seal: $seal->name), 'lid/seal', $seal->id,
            ],
            $tighter,
        );
    }
}
