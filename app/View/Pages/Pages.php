<?php

declare(strict_types=1);

namespace App\View\Pages;

/** Which class prepares which view: a view is given names, and decides nothing. */
final class Pages
{
    public const OF = [
        'kitchen.bag' => BagPage::class,
        'kitchen.archive' => ArchivePage::class,
        'kitchen.run-out' => RunOut::class,
        'begin.show' => BeginPage::class,
        'begin.step.rings' => BeginRings::class,
        'begin.step.pots' => BeginPots::class,
        'begin.step.rice' => BeginRice::class,
        'pot.body' => PotBody::class,
        'pot.more' => PotMore::class,
        'pot.more.heat' => HeatStation::class,
        'pot.more.rice' => RiceStation::class,
        'pot.more.filling' => FillingStation::class,
        'pot.more.water' => WaterStation::class,
        'pot.more.layers' => LayersStation::class,
        'pot.more.serve' => ServeStation::class,
        'stove.boil' => BoilNow::class,
        'stove.lid-tools' => LidTools::class,
        'stove.lid' => LidNow::class,
        'stove.lid-alone' => LidAlone::class,
        'stove.note' => NoteForm::class,
        'stove.body' => StoveBody::class,
        'shelf.meal' => MealCard::class,
        'clock.body' => ClockBody::class,
        'stove.steer' => SteerPage::class,
        'heat.right' => RightPage::class,
        'heat.sure' => HowSurePage::class,
        'heat.plans' => HeatPlans::class,
        'heat.at' => HeatAt::class,
        'notebook.record' => RecordPage::class,
        'notebook.compare' => ComparePage::class,
        'notebook.left' => LeftPage::class,
        'drill.supper' => SupperEnd::class,
        'meal.body' => MealBody::class,
    ];
}
