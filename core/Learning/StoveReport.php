<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Lid\CrustColour;

/** What a cook saw that tells how hot a pot on a ring really gets. */
final readonly class StoveReport
{
    /** @param  list<SeenCue>  $cues each once */
    public function __construct(
        /** As it was turned out. */
        public ?CrustColour $crust = null,
        public array $cues = [],
        /** The crust as a photograph has it; teaches instead of the picked colour. */
        public ?MeasuredCrust $measured = null,
        /** The rice came out hard (true), as it should (false), or nobody said. */
        public ?bool $riceHard = null,
    ) {
    }

    public function isEmpty(): bool
    {
        return $this->crust === null && $this->cues === [] && $this->measured === null && $this->riceHard === null;
    }
}
