<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\KitchenVersion;
use App\Models\Meter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Edit\Difference;
use Orbek\Core\Kitchen\Thing;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Cooker;
use Orbek\Core\Pot\Knob;
use Orbek\Core\Pot\RingKind;
use Psr\Clock\ClockInterface;

/** Pots, rings and plates of a kitchen of one's own: added, changed, taken away; and where it stands. */
final class KitchenThingController
{
    private const SHOWN = 20;

    public function __construct(private readonly ClockInterface $clock)
    {
    }

    public function index(): View
    {
        $kitchen = Kitchen::inUse();

        return view('kitchen.things', [
            'meters' => Meter::query()->orderBy('name')->get(), 'home' => $kitchen->read(),
            'row' => $kitchen, 'used' => $this->used(),
            'alike' => static fn (Thing $thing, string $id): array => self::alike(
                $thing, $kitchen->document[$thing->list()] ?? [], $id,
            ), 'before' => KitchenVersion::before($kitchen),
        ]);
    }

    /** @throws Refused naming the field */
    public function save(Request $request, Thing $thing, ?string $id = null): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $isCopy = $form->flag('like', false);
        $this->change($form, $form->text('name'), static function (array $document) use (
            $thing, $id, $form, $isCopy,
        ): array {
            $list = $document[$thing->list()] ?? [];
            $entry = self::entry($thing, $form);
            if ($isCopy) {
                $entry['name'] = self::nextName($entry['name'], array_column($list, 'name'));
                $id = null;
            }
            foreach ($list as $at => $one) {
                if ($one['id'] === $id) {
                    // What the form does not ask for stays.
                    $list[$at] = array_filter($entry + $one, static fn (mixed $value): bool => $value !== null);

                    return [$thing->list() => $list] + $document;
                }
            }
            $slug = Str::slug($entry['name']) ?: $thing->value;
            for ($new = $slug, $n = 2; in_array($new, array_column($list, 'id'), true); $n++) {
                $new = "{$slug}-{$n}";
            }
            $list[] = ['id' => $new] + array_filter($entry, static fn (mixed $value): bool => $value !== null);

            return [$thing->list() => $list] + $document;
        });

        return redirect()->route('kitchen.things');
    }

    /**
     * What another like one is called: Ring 2 of Ring 1, a second tava tava 2.
     *
     * @param  list<string>  $taken
     */
    private static function nextName(string $name, array $taken): string
    {
        $stem = (string) preg_replace('/\s+\d+$/u', '', $name);
        for ($n = 2; in_array($next = "{$stem} {$n}", $taken, true); $n++);

        return $next;
    }

    /** Where the kitchen stands. */
    public function place(Request $request): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $reading = Kitchen::core()->reading;
        $celsius = static fn (string $name, float $from, float $to): float => round($reading->celsius($form->number(
            $name, $reading->degrees($from), $reading->degrees($to), $reading->degrees->sign(),
        )), 1);
        $this->change($form, 'the kitchen', static fn (array $document): array => array_filter([
            'name' => $form->text('name'), 'altitude_m' => $form->number('altitude_m', -430, 5500, 'm'),
            'room_c' => $celsius('room_c', 5, 45), 'tap_c' => $celsius('tap_c', 2, 40),
            'timezone' => $form->has('timezone') ? $form->text('timezone') : $document['timezone'],
            'hands' => $form->whole('hands', 1, 6, 1),
            'thermometer' => $form->flag('thermometer', false), 'scale' => $form->flag('scale', false),
            'tray_cm2' => $form->has('tray_cm2') ? $form->number('tray_cm2', 100, 10000, 'cm²') : null,
            'oven' => ! $form->flag('oven', isset($document['oven'])) ? null : [
                'name' => $document['oven']['name'] ?? 'oven',
                'least_c' => $form->has('least_c') ? $celsius('least_c', 30, 200) : $document['oven']['least_c'] ?? 50,
                'most_c' => $form->has('most_c') ? $celsius('most_c', 80, 300) : $document['oven']['most_c'] ?? 250,
            ],
        ],
            static fn (mixed $value): bool => $value !== null) + array_diff_key(
                $document, ['oven' => 0, 'tray_cm2' => 0],
            ));

        return redirect()->route('kitchen.things');
    }

    /**
     * What dishes use moves to another before it goes.
     *
     * @throws Refused when it is used and nothing is named that it moves to
     */
    public function away(Request $request, Thing $thing, string $id): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $kitchen = Kitchen::seenBy($form);
        // Dishes stand in the kitchen that is cooked in.
        $using = $kitchen->id !== Kitchen::inUse()->id ? [] : array_filter(
            $this->using(), static fn (array $ids): bool => in_array($id, $ids, true),
        );
        $to = $form->has('move_to') ? $form->text('move_to') : null;
        $others = self::alike($thing, $kitchen->document[$thing->list()] ?? [], $id);
        if ($using !== [] && $others === []) {
            throw Refused::because('move_to', 'refused.nothing-alike-to-move-to', count: count($using));
        }
        if ($using !== [] && $to === null) {
            throw Refused::because('move_to', 'refused.dishes-use-it', count: count($using));
        }
        if ($using !== [] && ! in_array($to, $others, true)) {
            throw Refused::unknown('move_to', (string) $to, $others);
        }
        // The kitchen without it and the dishes moved: all of it, or nothing.
        DB::transaction(function () use ($kitchen, $thing, $id, $using, $to): void {
            $moved = [];
            foreach (array_keys($using) as $dishId) {
                $dish = Dish::query()->findOrFail($dishId);
                $moved[(string) $dishId] = $dish->become(
                    $dish->core()->moved($id, (string) $to), $dish->version, $this->clock->now(),
                )->version;
            }
            $this->takeAway($kitchen, $thing, $id, $moved);
        });

        return redirect()->route('kitchen.things');
    }

    /**
     * What dishes may move to: a pot of the stove takes a pot's place, a cooker a cooker's.
     *
     * @param  list<array<string, mixed>>  $list
     * @return list<string>
     */
    private static function alike(Thing $thing, array $list, string $id): array
    {
        $isCooker = static fn (array $one): bool => $thing === Thing::Pot && isset($one['cooker']);
        $was = array_values(array_filter($list, static fn (array $one): bool => $one['id'] === $id))[0] ?? [];

        return array_values(array_column(array_filter(
            $list, static fn (array $one): bool => $one['id'] !== $id && $isCooker($one) === $isCooker($was),
        ), 'id'));
    }

    /** @param  array<array-key, int>  $moved the version of each dish that moved to another, by dish */
    private function takeAway(Kitchen $kitchen, Thing $thing, string $id, array $moved): void
    {
        $all = array_column($kitchen->document[$thing->list()] ?? [], null, 'id');
        $left = array_values(array_diff_key($all, [$id => 0]));
        $kitchen->become(
            [$thing->list() => $left] + $kitchen->document, $all[$id]['name'] ?? $id, $this->clock->now(), $moved,
        );
    }

    /** How the kitchen came to be what it is. */
    public function versions(Kitchen $kitchen): View
    {
        $changes = [];
        $after = $kitchen->read();
        /** @var KitchenVersion $version */
        foreach (
            KitchenVersion::query()->where('kitchen_id', $kitchen->id)->latest('version')->limit(self::SHOWN)
                ->get() as $version
        ) {
            $changes[] = ['version' => $version, 'says' => Difference::between($version->core(), $after)];
            $after = $version->core();
        }

        return view('kitchen.versions', [
            'row' => $kitchen, 'changes' => $changes, 'zone' => $kitchen->read()->site->timezone,
            'names' => Kitchen::names(),
        ]);
    }

    /** Becomes what it was, the last change taken back or one further back; what it is now is kept as well. */
    public function undo(Request $request): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $kitchen = Kitchen::seenBy($form);
        $before = $form->has('to')
            ? KitchenVersion::query()->where('kitchen_id', $kitchen->id)->find($form->text('to'))
            : KitchenVersion::before($kitchen);
        if ($before === null) {
            throw Refused::because('version', 'refused.nothing-to-bring-back');
        }
        $stay = $kitchen->backTo($before, $this->clock->now());

        return redirect()->route('kitchen.things')->with('stay', $stay);
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    private function change(Fields $form, string $what, callable $change): void
    {
        Kitchen::change($form, $what, $this->clock->now(), $change(...));
    }

    /**
     * What a form says of a thing, as the document keeps it; null for what is to be left out.
     *
     * @return array<string, mixed>
     */
    private static function entry(Thing $thing, Fields $form): array
    {
        $name = trim($form->text('name'));

        return match ($thing) {
            Thing::Pot => [
                'name' => $name, 'material' => $form->text('material'),
                'diameter_cm' => $across = $form->number('diameter_cm', 10, 60, 'cm'),
                'litres' => $form->has('litres')
                    ? $form->number('litres', 0.5, 60, 'L')
                    : round(M_PI * $across ** 2 / 4 * $form->number('height_cm', 4, 60, 'cm') / 1000, 2),
                'lid' => $form->has('lid') ? $form->text('lid') : null,
                'handles' => $form->has('handles') ? $form->whole('handles', 1, 2) : null,
                'induction' => $form->has('induction') ? $form->flag('induction', false) : null,
                'cooker' => ! $form->has('cooker_watts') ? null : array_filter([
                    'watts' => $form->number('cooker_watts', 100, 5000, 'W'),
                    'cup_ml' => $form->has('cooker_cup_ml') ? $form->number('cooker_cup_ml', 50, 400, 'ml') : null,
                    'lines' => $form->has('cooker_lines')
                        ? Cooker::readLines($form->text('cooker_lines'), 'cooker_lines') : null,
                ], static fn (mixed $value): bool => $value !== null && $value !== []),
            ],
            Thing::Ring => [
                'name' => $name, 'kind' => $form->text('kind'),
                'watts' => $form->number(
                    'watts', 200, $form->one('kind', RingKind::class)->mostW(), 'W',
                ),
                'across_cm' => $form->has('across_cm') ? $form->number('across_cm', 4, 40, 'cm') : null,
                'knob' => array_filter([
                    'least' => $form->has('least') ? $form->number('least', 0, 60, '%') / 100 : null,
                    'marks' => Knob::readMarks(
                        $form->has('marks') ? $form->text('marks') : '', 'marks',
                        $form->one('kind', RingKind::class)->least(),
                    ),
                ], static fn (mixed $value): bool => $value !== null && $value !== []) ?: null,
            ],
            Thing::Plate => ['name' => $name, 'kg' => $form->number('kg', 0.1, 10, 'kg')],
        };
    }

    /** @return array<string, list<string>> names of the dishes that use a thing, by its id */
    private function used(): array
    {
        $used = [];
        $names = Dish::query()->pluck('name', 'id');
        foreach ($this->using() as $dish => $ids) {
            foreach ($ids as $id) {
                $used[$id][] = (string) $names[$dish];
            }
        }

        return $used;
    }

    /** @return array<int|string, list<string>> ids of what each dish uses, by dish */
    private function using(): array
    {
        return Dish::query()->get()->mapWithKeys(
            static fn (Dish $dish): array => [$dish->id => $dish->core()->things()],
        )->all();
    }
}
