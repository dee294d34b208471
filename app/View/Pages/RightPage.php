<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Orbek\Core\Heat\HowSure;
use Orbek\Core\Heat\KitchenEnd;
use Orbek\Core\Heat\Knowing;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Plan\Mend\Mending;
use Orbek\Core\Plan\Plan;

/** In how many kitchens a plan comes out right, as planned and with a cook who looks: a strip of crusts each. */
final readonly class RightPage
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $sure = $given['plan']->howSure();
        $strips = $sure === null ? [] : $this->strips($sure, $given['plan']);
        $view->with([
            'sure' => $sure, 'wantsCrust' => $given['plan']->dish->aim()->crust !== CrustColour::Pale,
            'strips' => $strips,
            'mayBeSurer' => $strips !== [] && $given['plan']->isRight() && end($strips)['right'] < Mending::SURE,
        ]);
    }

    /** @return non-empty-list<array{known: Knowing, ends: list<KitchenEnd>, right: int, good: int, words: string}> */
    private function strips(HowSure $sure, Plan $plan): array
    {
        // Where each kitchen is right already a look wins nothing.
        $steered = $sure->right === HowSure::KITCHENS ? [] : $plan->steered();
        $strips = [$this->strip(Knowing::Planned, $sure->kitchens)];
        foreach ($steered as $known => $ends) {
            $strips[] = $strip = $this->strip(Knowing::from($known), $ends);
            if ($strip['right'] === HowSure::KITCHENS) {
                break;
            }
        }

        return $strips;
    }

    /**
     * @param  list<KitchenEnd>  $ends
     * @return array{known: Knowing, ends: list<KitchenEnd>, right: int, good: int, words: string}
     */
    private function strip(Knowing $known, array $ends): array
    {
        $byColour = KitchenEnd::byColour($ends);
        $words = [];
        foreach (array_count_values(array_map(
            static fn (KitchenEnd $end): string => $end->colour()->value, $byColour,
        )) as $colour => $times) {
            $words[] = $this->say->say(
                'pages/heat.so-many-of-a-colour', times: $times, colour: CrustColour::from($colour),
            );
        }

        return [
            'known' => $known, 'ends' => $byColour, 'right' => KitchenEnd::right($ends),
            'good' => KitchenEnd::good($ends), 'words' => $this->say->list($words),
        ];
    }
}
