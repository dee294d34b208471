<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Heat\Aim;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\LayerState;
use Orbek\Core\Lid\Lifted;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Measure\Note;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Seal;

/** What to do now about a fault, computed from where this pot is: each way is followed to its end. */
final class Rescue
{
    private const LOW_W_PER_CM2 = 0.5;

    private const STRONG_W_PER_CM2 = 1.2;

    private const STEP_S = 5.0;

    /** @return list<Note> sentences, the first what to do */
    public static function of(UnderTheLid $lid, Complaint $complaint): array
    {
        return match ($complaint) {
            Complaint::TopHard => self::topHard($lid),
            Complaint::BottomWet => self::bottomWet($lid),
            Complaint::Pale => self::pale($lid),
            Complaint::Burning => self::burning($lid),
            Complaint::Leaking => self::leaking($lid),
            Complaint::Tough => self::tough($lid),
        };
    }

    /** @return list<Note> */
    private static function topHard(UnderTheLid $lid): array
    {
        $rawKg = $lid->pot()->riceKg();
        foreach ([0.06, 0.12, 0.2, 0.3] as $share) {
            foreach ([8, 12, 18, 25] as $minutes) {
                $steaming = $lid->asItIs();
                $steaming->open();
                Lifted::sprinkle($steaming, $share * $rawKg);
                $steaming->advance(self::low($lid), 60.0 * $minutes, self::STEP_S);
                [$done, $uptake, $free] = self::top($steaming);
                if ($done >= Aim::DONE && $uptake >= 2.2 && $free <= 0.12) {
                    return [
                        Note::of(
                            'rescue.sprinkle-the-top', share: (int) round(1000 * $share * $rawKg),
                            minutes: $minutes, heat: self::said($lid, self::low($lid)),
                        ),
                        Note::of(
                            'rescue.top-then', done: (int) round(100 * $done), uptake: $uptake,
                            browning: CrustColour::of($steaming->browning),
                        ),
                    ];
                }
            }
        }
        $steaming = $lid->asItIs();
        Lifted::sprinkle($steaming, 0.3 * $rawKg);
        $steaming->advance(self::low($lid), 1500.0, self::STEP_S);

        return [
            Note::of(
                'rescue.sprinkle-and-wait', rawKg: (int) round(300 * $rawKg),
                heat: self::said($lid, self::low($lid)),
                steaming: (int) round(100 * self::top($steaming)[0]),
            ),
        ];
    }

    /** @return list<Note> */
    private static function bottomWet(UnderTheLid $lid): array
    {
        $before = self::wettest($lid->asItIs());
        foreach ([4, 8, 12, 18] as $minutes) {
            $steaming = $lid->asItIs();
            $steaming->open();
            $steaming->reseal(self::ajar($lid));
            $steaming->advance(self::strong($lid), 60.0 * $minutes, self::STEP_S);
            if (self::wettest($steaming) <= 0.08 || $steaming->browning > $lid->aim()->mostBrowning()) {
                return [
                    Note::of(
                        'rescue.lid-ajar', minutes: $minutes,
                        heat: self::said($lid, self::strong($lid)),
                        leakKg: (int) round(1000 * ($steaming->leakKg - $lid->asItIs()->leakKg)),
                    ),
                    Note::of(
                        'rescue.free-water-after', before: (int) round(1000 * $before),
                        steaming: (int) round(1000 * self::wettest($steaming)),
                        browning: CrustColour::of($steaming->browning),
                    ),
                ];
            }
        }

        return [Note::of('rescue.lid-ajar-is-not-enough')];
    }

    /** @return list<Note> */
    private static function pale(UnderTheLid $lid): array
    {
        $wanted = $lid->aim()->crust === CrustColour::Pale ? CrustColour::Straw : $lid->aim()->crust;
        $steaming = $lid->asItIs();
        if ($steaming->browning >= $wanted->begins()) {
            return [Note::of('rescue.coloured-already', browning: CrustColour::of($steaming->browning))];
        }
        for ($half = 1; $half <= 40; $half++) {
            $steaming->advance(self::strong($lid), 30.0, self::STEP_S);
            if ($steaming->browning >= $wanted->begins() * 1.15) {
                $further = clone $steaming;
                $further->advance(self::strong($lid), 240.0, self::STEP_S);

                return [
                    Note::of(
                        'rescue.strong-heat', half: round($half / 2, 1),
                        heat: self::said($lid, self::strong($lid)), wanted: $wanted,
                    ),
                    Note::of('rescue.stand-by-it', browning: CrustColour::of($further->browning)),
                ];
            }
        }

        return [Note::of('rescue.strong-heat-is-not-enough')];
    }

    /** @return list<Note> */
    private static function burning(UnderTheLid $lid): array
    {
        $now = $lid->asItIs();
        $off = clone $now;
        $off->advance(Flame::off(), 300.0, self::STEP_S);
        $on = clone $now;
        $on->advance($lid->flame(), 300.0, self::STEP_S);
        $says = [
            Note::of(
                'rescue.heat-off-base-in-water', colour: CrustColour::of($now->browning),
                isSame: CrustColour::of($now->browning) === CrustColour::of($off->browning),
                off: CrustColour::of($off->browning), longer: CrustColour::of($on->browning),
            ),
        ];
        [$done] = self::top($off);
        $says[] = $done >= Aim::DONE
            ? Note::of('rescue.rice-done-leave-base')
            : Note::of(
                'rescue.lift-rice-off',
                done: (int) round(100 * $done),
                layers: (int) round(60 * $lid->pot()->riceKg()),
            );

        return $says;
    }

    private static function ajar(UnderTheLid $lid): Seal
    {
        return $lid->plan->dish->craft->seals->get(Seal::LOOSE_LID, 'lid/seal');
    }

    /** @return list<Note> */
    private static function leaking(UnderTheLid $lid): array
    {
        $tight = $lid->asItIs();
        $loose = $lid->asItIs();
        $loose->reseal(self::ajar($lid));
        foreach ($lid->left() as $stretch) {
            $tight->advance($stretch->flame, 60 * $stretch->minutes, self::STEP_S);
            $loose->advance($stretch->flame, 60 * $stretch->minutes, self::STEP_S);
        }
        $lost = 1000 * ($loose->leakKg - $tight->leakKg);

        return [
            Note::of('rescue.close-the-rim', lost: (int) round($lost)),
            $lost > 15
                ? Note::of('rescue.sprinkle-what-leaks', lost: (int) round($lost))
                : Note::of('rescue.leaks-little'),
        ];
    }

    /** @return list<Note> */
    private static function tough(UnderTheLid $lid): array
    {
        $steaming = $lid->asItIs();
        $start = self::toughest($steaming);
        for ($minutes = 5; $minutes <= 90; $minutes += 5) {
            $steaming->advance(self::low($lid), 300.0, self::STEP_S);
            if (self::toughest($steaming) >= 1.0) {
                return [
                    Note::of(
                        'rescue.longer-till-tender', minutes: $minutes,
                        heat: self::said($lid, self::low($lid)), start: (int) round(100 * $start),
                    ),
                    Note::of(
                        'rescue.meanwhile',
                        browning: CrustColour::of($steaming->browning),
                        steaming: self::top($steaming)[2] > 0.1,
                    ),
                ];
            }
        }

        return [Note::of('rescue.not-tender-in-time')];
    }

    /** @return array{float, float, float} doneness, uptake and free water of the uppermost rice */
    private static function top(Steaming $steaming): array
    {
        $rice = array_values(
            array_filter(
                LayerState::of($steaming),
                static fn (LayerState $state): bool => $state->matter === Matter::Rice,
            ),
        );
        $top = $rice[count($rice) - 1] ?? null;

        return $top === null ? [1.0, 2.4, 0.0] : [$top->doneness, $top->uptake, $top->freeShare];
    }

    /** Free water of the wettest rice, kg per kg raw. */
    private static function wettest(Steaming $steaming): float
    {
        return array_reduce(
            LayerState::of($steaming),
            static fn (float $most, LayerState $state): float => $state->matter === Matter::Rice
                ? max($most, $state->freeShare)
                : $most,
            0.0,
        );
    }

    private static function toughest(Steaming $steaming): float
    {
        return array_reduce(
            LayerState::of($steaming),
            static fn (float $least, LayerState $state): float => $state->matter === Matter::Filling
                && $steaming->pot->layers !== []
                && $state->tenderness > 0
                ? min($least, $state->tenderness)
                : $least,
            INF,
        );
    }

    private static function low(UnderTheLid $lid): Flame
    {
        return self::flame($lid, self::LOW_W_PER_CM2);
    }

    private static function strong(UnderTheLid $lid): Flame
    {
        return self::flame($lid, self::STRONG_W_PER_CM2);
    }

    /** So much heat on the base, as near as this ring's knob comes to it. */
    private static function flame(UnderTheLid $lid, float $wattsPerCm2): Flame
    {
        $ring = $lid->plan->potted->first()->place->ring;
        $share = $wattsPerCm2 * 1e4 * $lid->pot()->areaM2() / $lid->pot()->netW($ring->id);

        return Flame::on($ring->id, $ring->knob->nearest(min(1.0, $share)));
    }

    private static function said(UnderTheLid $lid, Flame $flame): Note
    {
        return $lid->plan->kitchen->says($flame, $flame->ring);
    }
}
