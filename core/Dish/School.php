<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/**
 * The schools whose rice is boiled in plenty of water, drained and layered.
 *
 * The absorption schools measure their water instead and are not planned by this core yet, so no
 * dish document may name them.
 */
enum School: string
{
    case RawFilling = 'raw-filling';
    case CookedFilling = 'cooked-filling';
    case LongSeal = 'long-seal';
    case DrainedAndSteamed = 'drained-and-steamed';

    public function label(): string
    {
        return match ($this) {
            self::RawFilling => 'Raw filling, sealed (kacchi)',
            self::CookedFilling => 'Cooked filling, layered (pakki)',
            self::LongSeal => 'Long seal (slow dum)',
            self::DrainedAndSteamed => 'Drained and steamed (polo)',
        };
    }

    /** What the word means, for its first use on a page. */
    public function gloss(): string
    {
        return match ($this) {
            self::RawFilling => 'the meat goes in raw from its marinade and cooks under the rice',
            self::CookedFilling => 'the filling is cooked first, then layered with the rice',
            self::LongSeal => 'cooked filling, sealed with dough and steamed very low for long',
            self::DrainedAndSteamed => 'long soak, short boil, drained, then steamed as a mound over a crust',
        };
    }

    /**
     * The stock heat line.
     *
     * @return non-empty-list<array{float, float, bool, ?string}> minutes, W per cm² of base net of
     *                                                            the burner's loss, on a plate or not, the cue that ends it
     */
    public function stockHeats(): array
    {
        return match ($this) {
            self::RawFilling => [[8.0, 2.0, false, 'steam shows at the seal'], [55.0, 0.8, true, null], [10.0, 0.0, false, null]],
            self::CookedFilling => [[10.0, 1.1, false, 'steam shows at the lid'], [20.0, 0.45, false, null], [8.0, 0.0, false, null]],
            self::LongSeal => [[5.0, 1.1, true, null], [105.0, 0.7, true, null], [10.0, 0.0, false, null]],
            self::DrainedAndSteamed => [[9.0, 1.14, false, 'steam meets the lid'], [45.0, 0.49, true, null], [8.0, 0.0, false, null]],
        };
    }
}
