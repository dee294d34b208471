<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Cook\Cook as CoreCook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\Events\HeatSet;
use Orbek\Core\Cook\Events\Weighed;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Work\WorkKind;

/**
 * A probe, a scale or a knob that speaks for itself (docs/formats.md, POST /devices/{token}/readings).
 *
 * @property string $id
 * @property string $household_id
 * @property string $name
 * @property MeterKind $kind
 * @property string $token_sum
 * @property Carbon $made_at
 */
final class Meter extends Model
{
    use BelongsToHousehold;

    /** A spoonful as it is taken to be before it is cooked, unless the scale says another weight. */
    private const SPOON_G = 10.0;

    /** Per cent of its turn by which a knob may tremble. */
    private const TREMBLES = 3.0;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => MeterKind::class, 'made_at' => 'datetime'];
    }

    /** @return string its token, which is nowhere kept */
    public static function connect(string $name, MeterKind $kind, DateTimeImmutable $now): string
    {
        $token = Str::random(32);
        self::query()->create(
            ['name' => $name, 'kind' => $kind, 'token_sum' => hash('sha256', $token), 'made_at' => $now]
        );

        return $token;
    }

    /** The one that speaks with a token, of whatever household. */
    public static function speaking(string $token): ?self
    {
        return self::withoutGlobalScopes()->where('token_sum', hash('sha256', $token))->first();
    }

    /**
     * Takes a reading in; where a cook is open a weighed spoonful and a turned knob are taken as if tapped.
     *
     * @throws Refused naming the field, where nothing reads so
     */
    public function take(Fields $said, DateTimeImmutable $at, DateTimeImmutable $now): ?string
    {
        $value = $this->kind->reads($said->number('value', -1e9, 1e9), $said->text('unit'));
        $rawG = $said->number('of_raw_g', 1, Weighed::MOST_RAW_G, 'g', self::SPOON_G);
        $event = $this->kind === MeterKind::Temperature ? null : $this->event($value, $rawG, $at, $now);
        DB::transaction(function () use ($value, $at): void {
            MeterReading::query()->create(['meter_id' => $this->id, 'value' => $value, 'read_at' => $at]);
        });

        return $event;
    }

    /** @return string|null what was noted at the stove; null where nothing there asks for it */
    private function event(float $value, float $rawG, DateTimeImmutable $at, DateTimeImmutable $now): ?string
    {
        foreach ($this->openCooks($now) as [$fold, $record]) {
            $task = $this->kind === MeterKind::Weight ? $fold->boiling()
                : ($fold->state->isSealed() ? WorkKind::Heat->id() : null);
            if ($task === null) {
                continue;
            }
            if ($this->kind === MeterKind::Knob && self::trembles($fold, $value)) {
                return null;
            }
            $event = Event::fromFields(Fields::of([
                'id' => (string) Str::ulid($at), 'at' => $at->getTimestamp(), 'subject' => $task,
            ] + ($this->kind === MeterKind::Weight
                ? [
                    'type' => 'weighed', 'raw_g' => $rawG, 'drained_g' => $value,
                ] : ['type' => 'heat-set', 'setting' => $value])));
            $record($event);

            return $event->kind();
        }

        return null;
    }

    /** Whether a knob stands where it was told to stand: a hair to either side is not a turn of the hand. */
    private static function trembles(CoreCook $fold, float $percent): bool
    {
        $told = array_filter($fold->state->lidEvents, static fn (Event $event): bool => $event instanceof HeatSet);
        $last = end($told);

        return $last instanceof HeatSet && abs($last->setting - $percent) < self::TREMBLES;
    }

    /** @return iterable<array{CoreCook, callable(Event): mixed}> dishes on the stove */
    private function openCooks(DateTimeImmutable $now): iterable
    {
        foreach (MealCook::allOnTheStove($now) as $cook) {
            foreach ($cook->fold($now)->dishes as $place => $fold) {
                yield [$fold, static fn (Event $event): array => $cook->record([[$place, $event]], $now)];
            }
        }
    }
}
