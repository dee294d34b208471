<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Drawings\LayeringDrawing;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Pot\PotLoad;
use Orbek\Core\Plan\Work\Layering;
use Orbek\Core\Plan\Work\LayeringRow;

/** A pot as the Stove leads its filling: its rows, and the picture that fills with them. */
final readonly class LayeredPot
{
    public string $name;

    public LayeringDrawing $drawing;

    /** @var list<LayeringRow> */
    public array $rows;

    /** @param  string  $task id under which its ticks are kept */
    private function __construct(Plan $plan, private PotLoad $load, private string $task)
    {
        $this->name = $load->place->pot->name;
        $this->drawing = new LayeringDrawing($load->section);
        $this->rows = Layering::of($plan, $load);
    }

    /** @return list<self> none of a dish that is not layered by hand */
    public static function all(Plan $plan, string $task): array
    {
        $loads = Layering::isLed($plan) ? $plan->potted->loads : [];

        return array_map(
            static fn (PotLoad $load, int $at): self => new self($plan, $load, "{$task}/{$at}"),
            $loads, array_keys($loads),
        );
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
