<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Drawings\LayeringDrawing;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Pot\PotLoad;
use Orbek\Core\Plan\Work\Layering;
use Orbek\Core\Plan\Work\LayeringRow;

/** A pot as the Stove leads its filling: its rows, and the picture that fills with them. */
final readonly class LayeredPot
{
    /** What differs by less is the same amount. */
    public const SAME = 0.01;

    public string $name;

    public LayeringDrawing $drawing;

    /** @var list<LayeringRow> */
    public array $rows;

    /**
     * @param  string  $task id under which its ticks are kept
     * @param  list<LayeringRow>  $before its rows as the cook began
     */
    private function __construct(Plan $plan, private PotLoad $load, private string $task, private array $before)
    {
        $this->name = $load->place->pot->name;
        $this->drawing = new LayeringDrawing($load->section);
        $this->rows = Layering::of($plan, $load);
    }

    /**
     * @param  Plan  $began the dish as its cook began
     * @return list<self> none of a dish that is not layered by hand
     */
    public static function all(Plan $plan, string $task, Plan $began): array
    {
        $loads = Layering::isLed($plan) ? $plan->potted->loads : [];

        return array_map(
            static fn (PotLoad $load, int $at): self => new self(
                $plan, $load, "{$task}/{$at}",
                isset($began->potted->loads[$at]) ? Layering::of($began, $began->potted->loads[$at]) : [],
            ),
            $loads, array_keys($loads),
        );
    }

    /** What a row's amount was as the cook began, where that has changed. */
    public function was(int $row): Figure|Quantity|null
    {
        $is = $this->rows[$row];
        $was = $this->before[$row] ?? null;

        return $is->amount === null || $was?->amount === null || $was->says != $is->says
            || abs($was->amount->amount / max(1e-9, $is->amount->amount) - 1) < self::SAME ? null : $was->amount;
    }

    public function matter(int $layer): string
    {
        return $this->load->section->layers[$layer]->matter->value;
    }

    public function tick(int $row): string
    {
        return "{$this->task}/{$row}";
    }
}
