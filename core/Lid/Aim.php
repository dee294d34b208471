<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Pot\Matter;

/** What a sealed pot is to end with: rice done and tender, filling safe and tender, the crust as wanted. */
final readonly class Aim
{
    public const DONE = 0.98;

    /** Above a filling's safe core, °C: the computed one is not the thermometer's. */
    public const TO_SPARE_C = 3.0;

    public const CRUST = 'crust browned';

    private const FALLS_APART = 2.5;

    private const DRIEST = 2.15;

    private const WETTEST = 2.80;

    private function __construct(public CrustColour $crust)
    {
    }

    public static function crust(CrustColour $wanted): self
    {
        return new self($wanted);
    }

    /**
     * @param  list<SealedLayer>  $layers of the pot
     * @return list<Limit>
     */
    public function limits(Moment $end, array $layers): array
    {
        $limits = [];
        foreach ($end->layers as $index => $state) {
            if ($state->matter === Matter::Rice) {
                $limits[] = new Limit('rice done to', 100 * $state->doneness, 100 * self::DONE, INF, '%', 0, 0.1);
                $limits[] = new Limit('rice at', $state->uptake, self::DRIEST, self::WETTEST, 'times raw', 2, 4.0);
                $limits[] = new Limit('free water', $state->freeShare, 0.0, Texture::FREE, 'of the raw rice', 2, 5.0);
            }
            if ($state->matter === Matter::Filling) {
                $safe = $layers[$index]->safeC;
                if ($safe !== null) {
                    $limits[] = new Limit('core', $state->coreC, $safe + self::TO_SPARE_C, INF, '°C', 0, 0.2);
                }
                if ($layers[$index]->tenderS > 0) {
                    $limits[] = new Limit('filling', $state->tenderness, 1.0, $safe === null ? INF : max(self::FALLS_APART, 1.6 * $layers[$index]->tenderness), 'times tender', 1, 2.0, pastWeight: 0.2);
                }
            }
        }
        $limits[] = new Limit(self::CRUST, $end->browning, $this->crust === CrustColour::Pale ? 0.0 : $this->crust->begins(), $this->mostBrowning(), '', 2, 2.0, byFactor: true);

        return $limits;
    }

    /** A clean base may take a little colour. */
    public function mostBrowning(): float
    {
        return $this->crust === CrustColour::Pale ? CrustColour::Straw->ends() : $this->crust->ends();
    }

    /** @param  list<SealedLayer>  $layers of the pot */
    public function miss(Moment $end, array $layers): float
    {
        return array_sum(array_map(static fn (Limit $limit): float => $limit->miss(), $this->limits($end, $layers)));
    }

    /**
     * Whether all but the crust is as it should be, so that low heat may end.
     *
     * @param  float  $slack by how much rice and tenderness may fall short; a safe core never
     */
    public function isCooked(Steaming $steaming, float $slack = 0.0): bool
    {
        foreach (LayerState::of($steaming) as $index => $state) {
            $layer = $steaming->pot->layers[$index];
            if ($state->matter === Matter::Rice && $state->doneness < self::DONE - $slack) {
                return false;
            }
            if ($state->matter === Matter::Filling && (($layer->safeC !== null && $state->coreC < $layer->safeC + self::TO_SPARE_C) || ($layer->tenderS > 0 && $state->tenderness < 1.0 - 2 * $slack))) {
                return false;
            }
        }

        return true;
    }
}
