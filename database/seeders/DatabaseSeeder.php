<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Formats\OpenFile;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\Meal;
use App\Models\MealCook;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;
use LogicException;
use Orbek\Core\Cook\Event;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Rice\Stage;
use Psr\Clock\ClockInterface;

/** The sample kitchen: a made-up two-ring flat over a boathouse, its dish and the cooks made of it. */
final class DatabaseSeeder extends Seeder
{
    private const DISHES = [
        'sour-cherry-polo', 'turkey-plum-biryani', 'lentil-date-walnut-polo', 'trout-fenugreek-polo',
        'jackfruit-cashew-biryani', 'chickpea-spinach-one-pot', 'mushroom-chestnut-rice', 'yesterdays-squash-curry',
        'plain-chelow', 'bean-dill-polo', 'prawn-share-rice',
    ];

    /** How the September bag really runs, for the cooks it is tested in: 7 % faster than its kind. */
    private const BAG_FACTOR = 0.93;

    /**
     * Past cooks: weeks ago, eaters, soak in minutes, seconds lifted after the likely moment,
     * minutes late, minutes the first heat ran on, how it came out.
     */
    private const PAST = [
        [
            14, 3, 30, -70, 12, 0, 'hard', 'straw', 'right',
            'Lifted too soon: the rice stayed hard in the middle. Wait for two or three pieces.',
        ],
        [
            11, 3, 120, 95, 31, 0, 'soft', 'golden', 'right',
            'Half an hour late and the rice soft. Count back from the table.',
        ],
        [9, 4, 120, 20, 8, 4, 'right', 'burnt', 'dry', 'The first heat ran on while the salad was made.'],
        [
            6, 3, 60, -25, 4, -3, 'firm', 'pale', 'wet',
            'Too much gravy under the rice, and the flame too low for a crust.',
        ],
        [4, 6, 120, 5, 6, 2, 'right', 'dark', 'right', 'Two minutes less at the first heat.'],
        [2, 3, 120, -5, 0, 0, 'right', 'golden', 'right', 'As it should be. Two hours of soak.'],
    ];

    public function run(ClockInterface $clock): void
    {
        $now = $clock->now();
        $household = Household::query()->create(['name' => 'Boathouse', 'in_use' => true, 'is_demo' => true]);
        app()->instance(Household::class, $household);

        $kitchen = OpenFile::kitchen((string) file_get_contents(database_path('demo/kitchen.json')))->toArray();
        $kitchen['timezone'] = config('orbek.timezone');
        Kitchen::query()->create(['document' => $kitchen, 'in_use' => true]);

        $zone = Kitchen::core()->site->timezone;
        foreach (self::DISHES as $name) {
            $read = OpenFile::dish((string) file_get_contents(database_path("demo/{$name}.json")));
            // All of one time: the Shelf has the newest first, and those of one time in this order.
            (new Dish(['version' => 1]))->take($read)->forceFill(['created_at' => $now, 'updated_at' => $now])->save();
        }
        $dish = Dish::query()->where('name', 'like', 'Sour-cherry%')->firstOrFail();

        $this->meals($now->setTimezone($zone));

        foreach (self::PAST as [$weeks, $eaters, $soak, $liftedLate, $late, $ranOn, $rice, $crust, $filling, $line]) {
            $tableAt = $now->setTimezone($zone)->modify("-{$weeks} weeks wednesday 19:00");
            $past = $dish->core()->changed('usual/eaters', $eaters)->changed('rice/soak/minutes', $soak)
                ->changed('lid/pot', 'steel-24')->changed('water/pot', 'steel-24');
            $this->cooked(
                $dish, $past->toArray(), $tableAt, $liftedLate, $late, $ranOn,
                ['rice' => $rice, 'crust' => $crust, 'filling' => $filling, 'line' => $line],
            );
        }
    }

    /** The club's winter supper, a weekday, and a Sunday with two biryanis of which one is for guests without nuts. */
    private function meals(DateTimeImmutable $now): void
    {
        $dish = static fn (string $name): string => Dish::query()->where('name', 'like', "{$name}%")->firstOrFail()->id;
        foreach ([
            [
                'name' => 'Winter supper of the rowing club', 'eaters' => 9, 'hands' => 2,
                'serve_at' => $now->modify('next saturday 19:30'),
                'dishes' => [
                    ['dish' => $dish('Sour-cherry'), 'eaters' => 6], ['dish' => $dish('Jackfruit'), 'eaters' => 3],
                ],
                'sides' => [
                    ['name' => 'yogurt', 'minutes' => 5, 'keeps' => 'a day in the fridge'],
                    ['name' => 'salad', 'minutes' => 12],
                    ['name' => 'baked quince', 'minutes' => 45, 'attention' => 'start', 'oven' => true, 'hot' => true],
                ],
            ],
            [
                'name' => 'Lentil polo on a weekday', 'eaters' => 3, 'serve_at' => $now->modify('next thursday 19:00'),
                'dishes' => [['dish' => $dish('Lentil')]],
            ],
            [
                'name' => 'Two biryanis on Sunday', 'eaters' => 6, 'hands' => 2,
                'serve_at' => $now->modify('next sunday 13:00'),
                'dishes' => [
                    ['dish' => $dish('Turkey'), 'eaters' => 3], ['dish' => $dish('Jackfruit'), 'eaters' => 3],
                ],
                'guests' => [['who' => 'two guests', 'avoids' => ['nuts']]],
            ],
        ] as $meal) {
            Meal::query()->create(['of_demo' => true] + Meal::columns(CoreMeal::fromArray(
                ['format' => CoreMeal::FORMAT, 'serve_at' => $meal['serve_at']->format('Y-m-d\\TH:i')] + $meal,
            )));
        }
    }

    /**
     * Walks a cook through the stove's own events.
     *
     * @param  array<string, mixed>  $document
     * @param  array{rice: string, crust: string, filling: string, line: string}  $outcome
     */
    private function cooked(
        Dish $dish, array $document, DateTimeImmutable $tableAt, int $liftedLate, int $late, int $ranOn, array $outcome,
    ): void {
        $id = strtolower((string) Str::ulid());
        $both = [
            'id' => $id, 'name' => $dish->name, 'kitchen' => Kitchen::core()->toArray(),
            'knowledge' => Household::known()->toArray(),
            'started_at' => Instant::plusMinutes($tableAt, -240)->setTimezone(new DateTimeZone('UTC')),
        ];
        $cook = MealCook::query()->create(
            $both + ['table_at' => $tableAt->setTimezone(new DateTimeZone('UTC'))],
        );
        $cook->dishes()->create($both + [
            'dish_id' => $dish->id, 'dish' => $document, 'lot' => $document['rice']['lot'], 'place' => 0,
        ]);
        $plan = $cook->plan()->plans[0];
        $events = [];
        $add = static function (string $type, DateTimeImmutable $at, array $more) use (&$events): void {
            $events[] = ['id' => (string) Str::ulid($at), 'type' => $type, 'at' => $at->getTimestamp()] + $more;
        };
        foreach ($plan->day->schedule->tasks as $id => $task) {
            $start = $plan->day->at($plan->day->schedule->start($id));
            $start = Instant::plusMinutes($start, $late);
            $forecast = ($plan->boil() ?? throw new LogicException('Cooks of the demo boil their rice.'))->forecast;
            $seconds = match ($id) {
                'boil' => (int) round(
                    $forecast->boil->secondsTo($forecast->target, self::BAG_FACTOR),
                ) + $liftedLate,
                'heat-1' => 60 * ($task->minutes + $ranOn),
                default => 60 * $task->minutes,
            };
            $add('started', $start, ['subject' => $id]);
            if ($id === 'boil') {
                $at = static fn (float $share): int => (int) round($share * $seconds);
                $doneness = static fn (float $share): float => $forecast->boil->donenessAfter(
                    $at($share),
                    self::BAG_FACTOR,
                );
                $add(
                    'tested',
                    $start->modify("+{$at(0.75)} seconds"),
                    ['subject' => $id, 'stage' => Stage::at($doneness(0.75))->value],
                );
                $add(
                    'weighed',
                    $start->modify("+{$at(0.92)} seconds"),
                    [
                        'subject' => $id,
                        'raw_g' => 10,
                        'drained_g' => round(10 * $forecast->uptake->at($doneness(0.92)), 1),
                    ],
                );
            }
            $add('done', $start->modify("+{$seconds} seconds"), ['subject' => $id]);
        }
        $served = Instant::plusMinutes($tableAt, $late);
        $add('served', $served, []);
        $add('noted', Instant::plusMinutes($served, 60), ['outcome' => $outcome]);
        $cook->record(
            array_map(static fn (array $event): array => [
                $event['type'] === 'served' ? null : 0, Event::fromFields(Fields::of($event)),
            ], $events),
            Instant::plusMinutes($served, 60),
        );
    }
}
