<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\Filling;
use Orbek\Core\Dish\LayerChoice;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Pot\PotLoad;
use Orbek\Core\Plan\Shopping\Amounts;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Station;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Matter;

/** How a pot is filled from the base up, a row for each thing, as it is done with the pot before one. */
final readonly class Layering
{
    private function __construct(private Plan $plan, private PotLoad $load)
    {
    }

    /**
     * Whether a dish is layered by hand: rice that cooks with its filling is only levelled, a folded one is stirred.
     */
    public static function isLed(Plan $plan): bool
    {
        return ! $plan->dish->grain->cooking->isWithFilling() && ! $plan->dish->build->folded;
    }

    /** @return list<LayeringRow> in the order in which they go in */
    public static function of(Plan $plan, PotLoad $load): array
    {
        $in = new self($plan, $load);
        $isFirst = $load === $plan->potted->first();

        return [
            ...$isFirst ? $in->fat() : [], ...$in->layers(), ...$in->holes(), ...$isFirst ? $in->inOnePlace() : [],
            ...$isFirst ? $in->over() : [],
            new LayeringRow(Note::name($plan->dish->lid->seal->name)),
        ];
    }

    /** @return list<LayeringRow> fat that goes in cold; what got hot before is in */
    private function fat(): array
    {
        $fat = $this->atLayering(static fn (Ingredient $one): bool => $one->name->key === 'amounts.fat-for-the-base');

        return array_map(static fn (Ingredient $one): LayeringRow => new LayeringRow($one->name, $one->amount), $fat);
    }

    /** @return list<LayeringRow> */
    private function layers(): array
    {
        $all = $this->load->section->layers;
        $rice = array_keys(array_filter($all, static fn (Layer $layer): bool => $layer->matter === Matter::Rice));
        $last = $rice === [] ? null : max($rice);
        $chosen = $this->plan->dish->build->layers;
        $before = count($all) - count($chosen);
        $rows = [];
        foreach ($all as $at => $layer) {
            $amount = Quantity::grams($layer->mass->inGrams())->filling($layer->kgPerLitre);
            $rows[] = new LayeringRow($layer->label, $amount, match ($layer->matter) {
                Matter::Crust => [Note::of('layering.pressed')],
                Matter::Rice => [...$this->onRice(), $this->laid($at === $last)],
                default => $this->crafts($chosen[$at - $before] ?? null),
            }, $at);
        }

        return $rows;
    }

    /** @return list<Note> what lies on each layer of rice */
    private function onRice(): array
    {
        return Amounts::onEachLayer(
            $this->plan->dish, $this->plan->potted->raw->times($this->load->place->share),
        );
    }

    private function laid(bool $isTop): Note
    {
        return match (true) {
            ! $isTop => Note::of('layering.spread'),
            $this->plan->dish->build->mound => Note::of('layering.heaped'),
            default => Note::of('layering.level'),
        };
    }

    /** @return list<Note> */
    private function crafts(?LayerChoice $choice): array
    {
        $filling = $choice === null ? null : $this->plan->dish->fillings->get($choice->of);

        return [
            ...$this->keepsItsGravy($filling) ? [] : [Note::of('layering.not-its-gravy')],
            Note::of('layering.clear-of-the-wall'),
        ];
    }

    private function keepsItsGravy(?Filling $filling): bool
    {
        return $filling?->gravy === null || $filling->gravy->withIt >= 1 - 1e-6;
    }

    /** @return list<LayeringRow> */
    private function holes(): array
    {
        $holes = $this->plan->dish->build->steamHoles;
        if ($holes === 0) {
            return [];
        }
        $build = $this->plan->dish->build;
        $butter = array_values(array_filter($build->extras, $build->goesIntoHoles(...)));
        $raw = $this->plan->potted->raw->kg * $this->load->place->share;
        $grams = array_sum(array_map(
            static fn (Extra $one): float => $one->perKgRice * $raw * $one->split['layers'], $butter,
        ));

        return [new LayeringRow(
            Note::of('layering.holes', holes: $holes, fat: $butter[0]->name ?? '', isFilled: $grams > 0),
            $grams > 0 ? Quantity::of($grams, 'g', $grams < 10 ? 1 : 0) : null,
        )];
    }

    /** @return list<LayeringRow> what is steamed in a bundle, in one place on the rice */
    private function inOnePlace(): array
    {
        $names = array_map(static fn (Extra $one): string => $one->name, array_filter(
            $this->plan->dish->build->extras, static fn (Extra $one): bool => $one->isSteamed,
        ));

        return array_map(
            static fn (Ingredient $one): LayeringRow => new LayeringRow($one->name, $one->amount),
            $this->atLayering(static fn (Ingredient $one): bool => $one->station === Station::Layers
                && in_array($one->toldName(), $names, true)),
        );
    }

    /** @return list<LayeringRow> what is poured over or laid in before the lid */
    private function over(): array
    {
        return array_map(
            static fn (Ingredient $one): LayeringRow => new LayeringRow($one->name, $one->amount),
            $this->atLayering(static fn (Ingredient $one): bool => $one->station === Station::Lid),
        );
    }

    /**
     * @param  callable(Ingredient): bool  $holds
     * @return list<Ingredient>
     */
    private function atLayering(callable $holds): array
    {
        return array_values(array_filter(Mise::at($this->plan, WorkKind::Layer->id()), $holds));
    }
}
