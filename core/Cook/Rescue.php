<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Lid\Aim;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\LayerState;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Pot\Matter;

/** What to do now about a fault, computed from where this pot is: each way is followed to its end. */
final class Rescue
{
    private const LOW_W_PER_CM2 = 0.5;

    private const STRONG_W_PER_CM2 = 1.2;

    private const STEP_S = 5.0;

    /** @return list<string> sentences, the first what to do */
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

    /** @return list<string> */
    private static function topHard(UnderTheLid $lid): array
    {
        $rawKg = array_sum(array_map(static fn ($layer): float => $layer->rawKg, $lid->pot->layers));
        foreach ([0.06, 0.12, 0.2, 0.3] as $share) {
            foreach ([8, 12, 18, 25] as $minutes) {
                $steaming = $lid->asItIs();
                $steaming->open();
                $steaming->sprinkle($share * $rawKg, 90.0);
                $steaming->advance(self::low($lid), 60.0 * $minutes, self::STEP_S);
                [$done, $uptake, $free] = self::top($steaming);
                if ($done >= Aim::DONE && $uptake >= 2.2 && $free <= 0.12) {
                    return [
                        sprintf('Sprinkle %d ml of hot water or milk over the top, close it again, %d min at %d %%.', (int) round(1000 * $share * $rawKg), $minutes, (int) round(100 * self::low($lid)->setting)),
                        sprintf('The top then is %d %% done and weighs %.2f times its raw weight; the crust comes to %s.', (int) round(100 * $done), $uptake, CrustColour::of($steaming->browning)->label()),
                    ];
                }
            }
        }
        $steaming = $lid->asItIs();
        $steaming->sprinkle(0.3 * $rawKg, 90.0);
        $steaming->advance(self::low($lid), 1500.0, self::STEP_S);

        return [sprintf('Sprinkle %d ml of hot water and give it 25 min at %d %%: the top then is %d %% done. More time, not more water, does the rest.', (int) round(300 * $rawKg), (int) round(100 * self::low($lid)->setting), (int) round(100 * self::top($steaming)[0]))];
    }

    /** @return list<string> */
    private static function bottomWet(UnderTheLid $lid): array
    {
        $before = self::wettest($lid->asItIs());
        foreach ([4, 8, 12, 18] as $minutes) {
            $steaming = $lid->asItIs();
            $steaming->open();
            $steaming->reseal(Seal::LooseLid);
            $steaming->advance(self::strong($lid), 60.0 * $minutes, self::STEP_S);
            if (self::wettest($steaming) <= 0.08 || $steaming->browning > $lid->aim()->mostBrowning()) {
                return [
                    sprintf('Lid ajar, %d min at %d %%: steam takes %d g of water off.', $minutes, (int) round(100 * self::strong($lid)->setting), (int) round(1000 * ($steaming->leakKg - $lid->asItIs()->leakKg))),
                    sprintf('Free water goes from %d to %d g a kg of raw rice; the crust comes to %s.', (int) round(1000 * $before), (int) round(1000 * self::wettest($steaming)), CrustColour::of($steaming->browning)->label()),
                ];
            }
        }

        return ['Eighteen minutes with the lid ajar do not dry it: lift the top rice off on a platter and keep the bottom as a risotto-like base.'];
    }

    /** @return list<string> */
    private static function pale(UnderTheLid $lid): array
    {
        $wanted = $lid->aim()->crust === CrustColour::Pale ? CrustColour::Straw : $lid->aim()->crust;
        $steaming = $lid->asItIs();
        if ($steaming->browning >= $wanted->begins()) {
            return [sprintf('By the model it is %s already: leave it as it is and look when it is turned out.', CrustColour::of($steaming->browning)->label())];
        }
        for ($half = 1; $half <= 40; $half++) {
            $steaming->advance(self::strong($lid), 30.0, self::STEP_S);
            if ($steaming->browning >= $wanted->begins() * 1.15) {
                $further = clone $steaming;
                $further->advance(self::strong($lid), 240.0, self::STEP_S);

                return [
                    sprintf('%s min at %d %% without the plate brings it to %s.', round($half / 2, 1), (int) round(100 * self::strong($lid)->setting), $wanted->label()),
                    sprintf('Four minutes more and it is %s: stand by it.', CrustColour::of($further->browning)->label()),
                ];
            }
        }

        return ['Twenty minutes of strong heat do not colour it: the base is too wet. Serve the rice, and fry the base alone in the pot.'];
    }

    /** @return list<string> */
    private static function burning(UnderTheLid $lid): array
    {
        $now = $lid->asItIs();
        $off = clone $now;
        $off->advance(new HeatBlock(5, 0.0, false, null, 0.0), 300.0, self::STEP_S);
        $on = clone $now;
        $on->advance($lid->left()[0] ?? self::low($lid), 300.0, self::STEP_S);
        $says = [
            sprintf('Heat off now, the base into a finger of cold water: by the model the crust is %s (%.1f); it creeps to %.1f off the heat, in five minutes more of this heat to %.1f.', CrustColour::of($now->browning)->label(), $now->browning, $off->browning, $on->browning),
        ];
        [$done] = self::top($off);
        $says[] = $done >= Aim::DONE
            ? 'The rice is done: let it rest, lift it off and leave the base where it is.'
            : sprintf('The rice is %d %% done: lift it off the base into another pot with %d ml of hot water and finish it on low heat.', (int) round(100 * $done), (int) round(60 * array_sum(array_map(static fn ($layer): float => $layer->rawKg, $lid->pot->layers))));

        return $says;
    }

    /** @return list<string> */
    private static function leaking(UnderTheLid $lid): array
    {
        $tight = $lid->asItIs();
        $loose = $lid->asItIs();
        $loose->reseal(Seal::LooseLid);
        foreach ($lid->left() as $block) {
            $tight->advance($block, 60 * $block->minutes, self::STEP_S);
            $loose->advance($block, 60 * $block->minutes, self::STEP_S);
        }
        $lost = 1000 * ($loose->leakKg - $tight->leakKg);

        return [
            sprintf('Press a damp cloth or foil round the rim. Left as it is, %d g more steam gets out by the end.', (int) round($lost)),
            $lost > 15 ? sprintf('If it cannot be closed, sprinkle %d ml of hot water over the top and turn the heat down a fifth.', (int) round($lost)) : 'That is little: it can stay as it is.',
        ];
    }

    /** @return list<string> */
    private static function tough(UnderTheLid $lid): array
    {
        $steaming = $lid->asItIs();
        $start = self::toughest($steaming);
        for ($minutes = 5; $minutes <= 90; $minutes += 5) {
            $steaming->advance(self::low($lid), 300.0, self::STEP_S);
            if (self::toughest($steaming) >= 1.0) {
                return [
                    sprintf('%d min more at %d %% make it tender: it is %d %% of the way by the model.', $minutes, (int) round(100 * self::low($lid)->setting), (int) round(100 * $start)),
                    sprintf('The crust comes to %s meanwhile, and %s.', CrustColour::of($steaming->browning)->label(), self::top($steaming)[2] > 0.1 ? 'the rice gets wet: lift the top off first' : 'the rice bears it'),
                ];
            }
        }

        return ['An hour and a half under the lid does not do it. Lift the rice off, and give the meat its time in its gravy, or a pressure cooker by its maker\'s instructions.'];
    }

    /** @return array{float, float, float} doneness, uptake and free water of the uppermost rice */
    private static function top(Steaming $steaming): array
    {
        $rice = array_values(array_filter(LayerState::of($steaming), static fn (LayerState $state): bool => $state->matter === Matter::Rice));
        $top = $rice[count($rice) - 1] ?? null;

        return $top === null ? [1.0, 2.4, 0.0] : [$top->doneness, $top->uptake, $top->freeShare];
    }

    /** Free water of the wettest rice, kg per kg raw. */
    private static function wettest(Steaming $steaming): float
    {
        return array_reduce(LayerState::of($steaming), static fn (float $most, LayerState $state): float => $state->matter === Matter::Rice ? max($most, $state->freeShare) : $most, 0.0);
    }

    private static function toughest(Steaming $steaming): float
    {
        return array_reduce(LayerState::of($steaming), static fn (float $least, LayerState $state): float => $state->matter === Matter::Filling && $steaming->pot->layers !== [] && $state->tenderness > 0 ? min($least, $state->tenderness) : $least, INF);
    }

    private static function low(UnderTheLid $lid): HeatBlock
    {
        $setting = self::setting($lid, self::LOW_W_PER_CM2);

        return new HeatBlock(10, $setting, false, null, $setting);
    }

    private static function strong(UnderTheLid $lid): HeatBlock
    {
        $setting = self::setting($lid, self::STRONG_W_PER_CM2);

        return new HeatBlock(10, $setting, false, null, $setting);
    }

    /** So much heat on the base as a setting of this ring. */
    private static function setting(UnderTheLid $lid, float $wattsPerCm2): float
    {
        return min(1.0, round($wattsPerCm2 * 1e4 * $lid->pot->areaM2() / $lid->pot->netW, 2));
    }
}
