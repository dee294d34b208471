<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Measure\Note;

/** What colour the crust may come to: a colour moves far with little heat, so it is told as a range. */
final readonly class ColourRange
{
    public function __construct(public CrustColour $low, public CrustColour $likely, public CrustColour $high)
    {
    }

    public function words(): Note
    {
        return $this->low === $this->high
            ? Note::label($this->likely)
            : Note::of('colour-range.words', low: $this->low, high: $this->high, likely: $this->likely);
    }

    /** @return list<CrustColour> from the lightest to the darkest */
    public function all(): array
    {
        return array_values(array_filter(
            CrustColour::cases(),
            fn (
                CrustColour $colour,
            ): bool => $colour->begins() >= $this->low->begins() && $colour->begins() <= $this->high->begins(),
        ));
    }
}
