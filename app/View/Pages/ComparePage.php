<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Cook;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\FillingOutcome;
use Orbek\Core\Cook\RiceOutcome;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Measure\Quantity;

/** Two cooks side by side. */
final readonly class ComparePage
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{cooks: list<Cook>, dishes: list<Dish>, names: array<string, string>} $given */
        $given = $view->getData();
        $rows = array_map(
            fn (Cook $cook, Dish $dish): array => $this->row($cook, $dish, $given['names']), $given['cooks'],
            $given['dishes'],
        );
        $view->with([
            'rows' => array_map(null, array_keys($rows[0]), array_values($rows[0]), array_values($rows[1])),
        ]);
    }

    /**
     * @param  array<string, string>  $names of things, by id
     * @return array<string, string> what is compared, by what it is
     */
    private function row(Cook $cook, Dish $dish, array $names): array
    {
        $summary = $cook->summary ?? [];
        $untold = $this->say->say('pages/notebook.not-noted-then');
        $clock = fn (string $name): string => isset($summary[$name])
            ? $this->say->clock((float) $summary[$name]) : $untold;

        return [
            'dish' => $cook->name,
            'people' => (string) $dish->table->eaters,
            'used' => isset($summary['used'])
                ? $this->say->amount(Quantity::grams(round($summary['used']['g']))) : $untold,
            'bag' => $names[$cook->lot] ?? $cook->lot,
            'pot' => $names[(string) $cook->pot] ?? (string) $cook->pot,
            'ring' => $names[(string) $cook->ring] ?? (string) $cook->ring,
            'closed' => $this->say->text($dish->lid->seal->name),
            'foretold' => $clock('lift_forecast_s'),
            'lifted' => $clock('lifted_s'),
            'late' => (string) ($summary['late_min'] ?? $untold),
            'rice' => isset($summary['rice'])
                ? $this->say->text($this->say->label(RiceOutcome::from($summary['rice']))) : $untold,
            'crust' => $this->say->say(
                'pages/notebook.crust-compared', isNoted: isset($summary['crust']),
                crust: isset($summary['crust']) ? CrustColour::from($summary['crust']) : '',
                isMeasured: isset($summary['browning']), browning: (string) ($summary['browning'] ?? ''),
            ),
            'filling' => isset($summary['filling'])
                ? $this->say->text($this->say->label(FillingOutcome::from($summary['filling']))) : $untold,
            'said' => $summary['line'] ?? '',
        ];
    }
}
