<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Cook;
use App\Models\Dish;
use App\StandIns\PracticeClock;
use App\StandIns\Probe;
use DateTimeImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Orbek\Core\Cook\Causes;
use Orbek\Core\Cook\Complaint;
use Orbek\Core\Cook\Cook as CoreCook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\LiftAdvice;
use Orbek\Core\Cook\Rescue;
use Orbek\Core\Cook\UnderTheLid;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Stage;

/** A cook at the stove: begun once, shown as it stands, told what happens. */
final class CookController
{
    /** Events a lost connection may have kept back. */
    private const MOST_EVENTS = 500;

    private const COURSE_STEP_S = 5;

    public function __construct(private readonly PracticeClock $clock)
    {
    }

    public function begin(Request $request, Dish $dish): RedirectResponse
    {
        return redirect()->route('cook', Cook::begin($request->string('cook')->toString(), $dish, $this->clock->now()));
    }

    public function current(): View|RedirectResponse
    {
        $cook = Cook::onTheStove();

        return $cook === null ? view('stove.none') : redirect()->route('cook', $cook);
    }

    public function show(Cook $cook): View
    {
        return view('stove.show', $this->data($cook) + ['standIns' => config('orbek.stand_ins') === true]);
    }

    public function body(Cook $cook): Response
    {
        $face = $this->clock->face();

        return response()->view('stove.body', $this->data($cook))
            ->header('X-Shown', (string) ($face['shown'] + (microtime(true) - $face['real']) * $face['speed']))
            ->header('X-Speed', (string) $face['speed']);
    }

    /** Takes events in, each once, all or none, and answers with the stove as it then stands. */
    public function events(Request $request, Cook $cook): Response
    {
        $sent = $request->input('events');
        if (! is_array($sent) || ! array_is_list($sent) || $sent === [] || count($sent) > self::MOST_EVENTS) {
            throw OutOfRange::because('events', is_array($sent) ? count($sent).' will not do;' : 'is missing;', 'give a list of 1 to '.self::MOST_EVENTS);
        }
        $events = array_map(static fn (Fields $fields): Event => Event::fromFields($fields), Fields::of(['events' => $sent])->each('events'));
        $cook->record($events, $sent, $this->clock->now());

        return $this->body($cook);
    }

    /** What to do about a fault, computed from where this pot is. */
    public function rescue(Cook $cook, string $complaint): View
    {
        $what = Complaint::tryFrom($complaint) ?? throw OutOfRange::unknown('complaint', $complaint, array_column(Complaint::cases(), 'value'));
        $lid = $cook->fold($this->clock->now())->underTheLid() ?? throw OutOfRange::because('complaint', 'the lid is not on;', 'ask while the pot is closed');

        return view('stove.rescue', ['complaint' => $what, 'says' => Rescue::of($lid, $what)]);
    }

    /** Puts the simulated probe in, or takes it out. */
    public function probe(Request $request, Cook $cook): Response
    {
        $request->session()->put("probe.{$cook->id}", $request->boolean('in'));

        return $this->body($cook);
    }

    /** How a cook came out, and what most likely made it so. */
    public function causes(Cook $cook): View
    {
        $fold = $cook->fold($this->clock->now());

        return view('notebook.causes', ['cook' => $cook, 'plan' => $fold->plan, 'fold' => $fold, 'course' => UnderTheLid::heatOf($fold), 'causes' => Causes::of($fold)]);
    }

    /** @return array<string, mixed> */
    private function data(Cook $cook): array
    {
        $now = $this->clock->now();
        $fold = $cook->fold($now);
        $lid = $fold->servedAt === null ? $fold->underTheLid() : null;
        $hasProbe = config('orbek.stand_ins') === true;
        $face = $this->clock->face();

        return [
            'cook' => $cook,
            'fold' => $fold,
            'situation' => $fold->situation(),
            'lid' => $lid,
            'hasProbe' => $hasProbe,
            'probe' => $lid !== null && $hasProbe && session("probe.{$cook->id}") === true ? app(Probe::class)->readings($cook, $lid) : [],
            'course' => $fold->boiling() === null ? [] : self::course($fold),
            'advice' => self::advice($fold, $now),
            'live' => [
                'cook' => $cook->id,
                'events' => route('cook.events', $cook),
                'body' => route('cook.body', $cook),
                'home' => route('cook', $cook),
                'clock' => route('practice-clock'),
                'shown' => $face['shown'] + (microtime(true) - $face['real']) * $face['speed'],
                'speed' => $face['speed'],
                'steps' => array_values(array_map(static fn ($task): array => ['id' => $task->id, 'name' => $task->name, 'begin' => $task->begin, 'finish' => $task->finish, 'minutes' => $task->minutes], $fold->plan->schedule->tasks)),
            ],
        ];
    }

    /** @return list<string> what to do where the rice has gone too far */
    private static function advice(CoreCook $fold, DateTimeImmutable $now): array
    {
        $startedAt = $fold->boiling() === null ? null : $fold->progress[$fold->boiling()]->startedAt;

        $forecast = $fold->forecast();

        return $startedAt === null || $forecast === null ? [] : LiftAdvice::at($fold->plan, $forecast, $now->getTimestamp() - $startedAt->getTimestamp());
    }

    /**
     * The grain's course while it boils, for a page that goes on drawing it alone.
     *
     * @return list<array{int, float, string}> seconds, core radius over grain radius, stage in words
     */
    private static function course(CoreCook $fold): array
    {
        $course = [];
        $forecast = $fold->forecast();
        for ($s = 0; $forecast !== null && $s <= $fold->plan->boiled()->courseEndsS() + 600; $s += self::COURSE_STEP_S) {
            $doneness = $forecast->donenessAfter($s);
            $course[] = [$s, round(CookingFront::coreRadius($doneness), 4), Stage::at($doneness)->words()];
        }

        return $course;
    }
}
