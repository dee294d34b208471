<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Lid\CrustColour;

/** What a cook saw that tells how hot a pot on a ring really gets. */
final readonly class StoveReport
{
    public function __construct(
        /** As it was turned out. */
        public ?CrustColour $crust = null,
        /** Minutes sealed when steam showed. */
        public ?float $steamAtLidMin = null,
        /** Minutes sealed by which there was none yet. */
        public ?float $noSteamByMin = null,
        /** Minutes sealed when it smelled toasted. */
        public ?float $toastedAtMin = null,
        /** The crust as a photograph has it; teaches instead of the picked colour. */
        public ?MeasuredCrust $measured = null,
        /** The rice came out hard (true), as it should (false), or nobody said. */
        public ?bool $riceHard = null,
    ) {
    }

    public function isEmpty(): bool
    {
        return $this->crust === null
            && $this->measured === null
            && $this->steamAtLidMin === null
            && $this->noSteamByMin === null
            && $this->toastedAtMin === null
            && $this->riceHard === null;
    }
}
