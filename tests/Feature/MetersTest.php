<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Household;
use App\Models\Meter;
use App\Models\MeterKind;
use App\Models\MeterReading;
use App\StandIns\PracticeClock;
use Illuminate\Http\Client\Request as Sent;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Things that measure: a probe beside the forecast, a weighed spoonful, a turned knob. */
final class MetersTest extends FeatureTestCase
{
    public function test_a_meter_is_made_speaks_once_it_has_its_token_and_is_taken_away(): void
    {
        $this->post(route('meters.make'), ['name' => 'Probe in the pot', 'kind' => 'temperature'])->assertRedirect();
        $address = session('meter');
        self::assertIsString($address);
        $this->get(route('kitchen.things'))->assertSee('Probe in the pot')->assertSee($address);
        $this->get(route('kitchen.things'))->assertDontSee($address);
        self::assertStringNotContainsString((string) Meter::query()->value('token_sum'), $address);

        $this->postJson($address, ['value' => 212, 'unit' => 'F'])->assertOk()->assertJson(['status' => 'taken']);
        self::assertEqualsWithDelta(100.0, MeterReading::query()->value('value'), 1e-9);
        $this->post(route('meters.away', Meter::query()->firstOrFail()))->assertRedirect();
        $this->postJson($address, ['value' => 80, 'unit' => 'C'])->assertNotFound();
        self::assertSame(0, MeterReading::query()->count());
    }

    public function test_a_reading_that_cannot_be_is_refused_with_a_word(): void
    {
        $token = $this->meter(MeterKind::Temperature);
        $now = app(PracticeClock::class)->now()->getTimestamp();
        foreach ([
            [['value' => 900, 'unit' => 'C'], 'value'], [['value' => -80, 'unit' => 'C'], 'value'],
            [['unit' => 'C'], 'value'],
            [['value' => 'hot', 'unit' => 'C'], 'value'], [['value' => 20, 'unit' => 'K'], 'unit'],
            [['value' => 20], 'unit'],
            [['value' => 20, 'unit' => 'C', 'at' => $now - 8000], 'at'],
            [['value' => 20, 'unit' => 'C', 'at' => $now + 8000], 'at'],
            [['value' => 20, 'unit' => 'C', 'kind' => 'weight'], 'kind'], [['value' => [1], 'unit' => ['C']], 'value'],
        ] as [$said, $field]) {
            $this->postJson("/devices/{$token}/readings", $said)->assertStatus(422)->assertJson(['field' => $field]);
        }
        self::assertSame(0, MeterReading::query()->count());
    }

    public function test_a_weighed_spoonful_and_a_turned_knob_are_taken_as_if_tapped(): void
    {
        [$scale, $knob] = [$this->meter(MeterKind::Weight), $this->meter(MeterKind::Knob)];
        $cook = $this->begun();
        $this->postJson(
            "/devices/{$scale}/readings", ['value' => 21, 'unit' => 'g'],
        )->assertOk()->assertJsonMissingPath('noted');
        $this->tell($cook, 'started', 'boil');
        app(PracticeClock::class)->putForward(240);
        $this->postJson(
            "/devices/{$scale}/readings", ['value' => 0.021, 'unit' => 'kg'],
        )->assertOk()->assertJson(['noted' => 'weighed']);
        $this->postJson("/devices/{$scale}/readings", ['value' => 60, 'unit' => 'g'])->assertStatus(422);
        self::assertSame(1, $cook->ofMeal()->events()->where('type', 'weighed')->count());
        $this->postJson(
            "/devices/{$knob}/readings", ['value' => 40, 'unit' => '%'],
        )->assertOk()->assertJsonMissingPath('noted');
        foreach (['boil', 'drain', 'layer'] as $task) {
            $this->tell($cook, 'done', $task);
        }
        $this->postJson(
            "/devices/{$knob}/readings", ['value' => 40, 'unit' => '%'],
        )->assertOk()->assertJson(['noted' => 'heat-set']);
        self::assertSame(1, $cook->ofMeal()->events()->where('type', 'heat-set')->count());
    }

    public function test_what_a_probe_reads_stands_beside_the_forecast(): void
    {
        $probe = $this->meter(MeterKind::Temperature);
        $cook = $this->begun();
        $this->tell($cook, 'done', 'layer');
        foreach ([61.5, 64.0, 71.3] as $read) {
            app(PracticeClock::class)->putForward(60);
            $this->postJson("/devices/{$probe}/readings", ['value' => $read, 'unit' => 'C'])->assertOk();
        }
        $page = (string) $this->get(route('meal-cook', $cook->meal_cook_id))->assertOk()->getContent();
        self::assertStringContainsString('A meter: <strong>71.3 °C</strong>, the forecast says', $page);
        self::assertStringContainsString('A computed temperature is never proof of safety', $page);
        self::assertSame(3, substr_count($page, 'class="probe"'));
    }

    public function test_two_probes_are_two_lines_with_their_names(): void
    {
        $now = app(PracticeClock::class)->now();
        $tokens = [
            'in the pot' => Meter::connect('in the pot', MeterKind::Temperature, $now),
            'in the oven' => Meter::connect('in the oven', MeterKind::Temperature, $now),
        ];
        $cook = $this->begun();
        $this->tell($cook, 'done', 'layer');
        foreach ([['in the pot', 63], ['in the oven', 300], ['in the pot', 66]] as [$name, $read]) {
            app(PracticeClock::class)->putForward(60);
            $this->postJson("/devices/{$tokens[$name]}/readings", ['value' => $read, 'unit' => 'C'])->assertOk();
        }
        $this->get(route('meal-cook', $cook->meal_cook_id))->assertOk()->assertSeeInOrder(
            ['In the oven: <strong>300.0 °C</strong>; In the pot: <strong>66.0 °C</strong>, the forecast says'], false,
        )->assertSee('<title>in the oven</title>', false);
    }

    public function test_a_knob_that_trembles_is_turned_once(): void
    {
        $knob = $this->meter(MeterKind::Knob);
        $cook = $this->begun();
        foreach (['boil', 'drain', 'layer'] as $task) {
            $this->tell($cook, 'done', $task);
        }
        foreach ([40, 41, 39, 40.5, 42, 38.2, 60, 61, 59, 25, 24] as $percent) {
            app(PracticeClock::class)->putForward(1);
            $this->postJson("/devices/{$knob}/readings", ['value' => $percent, 'unit' => '%'])->assertOk();
        }
        self::assertSame(
            [40, 60, 25], $cook->ofMeal()->events()->where('type', 'heat-set')->orderBy('id')->get()
                ->map(static fn ($event): int => (int) $event->document['setting'])->all(),
        );
        self::assertSame(11, MeterReading::query()->count());
    }

    public function test_a_simulated_device_speaks_fails_lags_and_lies(): void
    {
        $cook = $this->begun();
        $this->tell($cook, 'done', 'layer');
        app(PracticeClock::class)->putForward(600);
        $now = app(PracticeClock::class)->now()->getTimestamp();
        Http::fake(['*' => Http::response(['status' => 'taken'])]);
        $run = ['kind' => 'probe', '--to' => 'http://here/devices/x/readings', '--speed' => '1000', '--times' => '4'];
        self::assertSame(0, Artisan::call('orbek:device', $run));
        $plain = $this->sent();
        self::assertCount(4, $plain);
        self::assertSame(0, Artisan::call('orbek:device', ['--fail' => '2', '--lag' => '90', '--lie' => '25'] + $run));
        $odd = array_slice($this->sent(), 4);
        self::assertCount(2, $odd);
        self::assertEqualsWithDelta($plain[0]['value'] + 25, $odd[0]['value'], 1.0);
        self::assertEqualsWithDelta($now - 90, $odd[0]['at'], 5);
        self::assertSame(1, Artisan::call('orbek:device', ['kind' => 'kettle', '--to' => 'x']));
    }

    public function test_it_speaks_for_its_own_household_and_no_faster_than_it_may(): void
    {
        $here = app(Household::class);
        $other = Household::query()->create(['name' => 'Elsewhere']);
        app()->instance(Household::class, $other);
        $token = $this->meter(MeterKind::Temperature);
        app()->instance(Household::class, $here);
        $this->postJson("/devices/{$token}/readings", ['value' => 20, 'unit' => 'C'])->assertOk();
        self::assertSame($other->id, MeterReading::withoutGlobalScopes()->value('household_id'));
        for ($i = 0; $i < 119; $i++) {
            $this->postJson("/devices/{$token}/readings", []);
        }
        $this->postJson("/devices/{$token}/readings", ['value' => 20, 'unit' => 'C'])->assertStatus(429);
    }

    private function meter(MeterKind $kind): string
    {
        return Meter::connect('a meter', $kind, app(PracticeClock::class)->now());
    }

    /** @return TestResponse<Response> */
    private function tell(Cook $cook, string $type, string $task): TestResponse
    {
        return $this->postJson(route('cook.events', $cook), ['events' => [[
            'id' => (string) Str::ulid(), 'type' => $type, 'subject' => $task,
            'at' => app(PracticeClock::class)->now()->getTimestamp(),
        ]]])->assertOk()->assertJsonPath('events.0.status', 'taken');
    }

    /** @return list<array<string, mixed>> */
    private function sent(): array
    {
        return array_values(
            Http::recorded()->map(
                static fn (array $pair): array => $pair[0] instanceof Sent ? $pair[0]->data() : []
            )->all()
        );
    }
}
