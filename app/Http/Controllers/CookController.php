<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\EventAnswer;
use App\StandIns\PracticeClock;
use App\StandIns\Probe;
use App\Wording\Wording;
use DateTimeImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
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
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Work;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Stage;

/** A cook at the stove: begun once, shown as it stands, told what happens. */
final class CookController
{
    /** Events a lost connection may have kept back. */
    private const MOST_EVENTS = 500;

    private const COURSE_STEP_S = 5;

    public function __construct(private readonly PracticeClock $clock, private readonly Wording $say)
    {
    }

    /** Begins a cook; where one of this dish as it was before is still open, asks what to do with that. */
    public function begin(Request $request, Dish $dish): RedirectResponse|Response
    {
        $asked = Fields::of($request->all())->text('cook');
        $cook = Cook::begin($asked, $dish, $this->clock->now());
        if ($cook->id !== strtolower($asked) && $cook->dish !== $dish->document) {
            return response()->view('stove.older', ['cook' => $cook, 'dish' => $dish, 'asked' => $asked], 409);
        }

        return redirect()->route('cook', $cook);
    }

    /** Given up, a cook leaves the stove; the dish it was of may be begun at once. */
    public function giveUp(Request $request, Cook $cook): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $cook->giveUp($form->flag('up', false) ? null : $this->clock->now());
        if ($form->has('cook')) {
            return redirect()->route(
                'cook',
                Cook::begin($form->text('cook'), Dish::query()->findOrFail($cook->dish_id), $this->clock->now()),
            );
        }

        return $form->flag('up', false)
            ? redirect()->route('cook', $cook)
            : redirect()->route('shelf')->with('given-up', ['id' => $cook->id, 'name' => $cook->name]);
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
        $shown = $this->shown();

        return response()->view('stove.body', $this->data($cook))->header('X-Shown', (string) $shown['shown'])->header(
            'X-Speed',
            (string) $shown['speed'],
        );
    }

    /**
     * Takes events in, each once, and answers for each: taken, known already, or refused and why.
     * With `body` it answers with the stove as it then stands as well.
     */
    public function events(Request $request, Cook $cook): JsonResponse
    {
        $sent = $request->input('events');
        if (! is_array($sent) || ! array_is_list($sent) || $sent === [] || count($sent) > self::MOST_EVENTS) {
            $wanted = Note::of('refused.events', most: self::MOST_EVENTS);
            throw is_array($sent)
                ? Refused::because('events', 'refused.will-not-do', value: (string) count($sent), wanted: $wanted)
                : Refused::because('events', 'refused.missing', wanted: $wanted);
        }
        $now = $this->clock->now()->setTimezone(CoreKitchen::fromArray($cook->kitchen)->timezone);
        $events = $refused = [];
        foreach ($sent as $index => $document) {
            try {
                $fields = Fields::of(is_array($document) ? $document : []);
                $events[$index] = Event::fromFields($fields)->inCook(
                    $cook->started_at->toDateTimeImmutable(),
                    $now,
                    'at',
                );
            } catch (Refused $wrong) {
                $refused[$index] = $this->say->refusal($wrong);
            }
        }
        $answers = $cook->record(array_values($events), $now);

        return response()->json([
            'events' => array_map(
                static fn (int $index): array => self::answer(
                    $events[$index] ?? null,
                    $answers,
                    $refused[$index] ?? null,
                ),
                array_keys($sent),
            ),
        ] + ($request->boolean('body')
            ? ['body' => view('stove.body', $this->data($cook))->render()] + $this->shown()
            : []));
    }

    /**
     * @param  array<string, EventAnswer>  $answers
     * @return array{status: string, message?: string}
     */
    private static function answer(?Event $event, array $answers, ?string $refused): array
    {
        $answer = $event === null ? null : $answers[$event->id];

        return match ($answer) {
            null => ['status' => 'refused', 'message' => (string) $refused],
            EventAnswer::OfAnotherCook => [
                'status' => 'refused',
                'message' => 'id: another cook has this event; load the page again and tap once more.',
            ],
            default => ['status' => $answer->value],
        };
    }

    /** @return array{shown: float, speed: float} the kitchen clock, for a page that goes on counting alone */
    private function shown(): array
    {
        $face = $this->clock->face();

        return [
            'shown' => $face['shown'] + (microtime(true) - $face['real']) * $face['speed'],
            'speed' => $face['speed'],
        ];
    }

    /** What to do about a fault, computed from where this pot is. */
    public function rescue(Cook $cook, string $complaint): View
    {
        $what = Complaint::tryFrom($complaint)
            ?? throw Refused::unknown('complaint', $complaint, array_column(Complaint::cases(), 'value'));
        $lid = $cook->fold($this->clock->now())->underTheLid()
            ?? throw Refused::because('complaint', 'refused.the-lid-is-not-on-ask');

        return view('stove.rescue', ['complaint' => $what, 'says' => Rescue::of($lid, $what)]);
    }

    /** Puts the simulated probe in, or takes it out. */
    public function probe(Request $request, Cook $cook): Response
    {
        $request->session()->put("probe.{$cook->id}", Fields::ofForm($request->all())->flag('in', false));

        return $this->body($cook);
    }

    /** How a cook came out, and what most likely made it so. */
    public function causes(Cook $cook): View
    {
        $fold = $cook->fold($this->clock->now());

        return view(
            'notebook.causes',
            [
                'cook' => $cook, 'plan' => $fold->plan(), 'fold' => $fold, 'course' => UnderTheLid::heatOf($fold),
                'causes' => Causes::of($fold),
            ],
        );
    }

    /** @return array<string, mixed> */
    private function data(Cook $cook): array
    {
        $now = $this->clock->now();
        $fold = $cook->fold($now);
        $lid = $fold->state->servedAt === null ? $fold->underTheLid() : null;
        $hasProbe = config('orbek.stand_ins') === true;

        return [
            'cook' => $cook,
            'fold' => $fold,
            'situation' => $fold->situation(),
            'lid' => $lid,
            'hasProbe' => $hasProbe,
            'probe' => $lid !== null && $hasProbe && session("probe.{$cook->id}") === true
                ? app(Probe::class)->readings($cook, $lid)
                : [],
            'course' => $fold->boiling() === null ? [] : $this->course($fold),
            'advice' => self::advice($fold, $now),
            'live' => [
                'cook' => $cook->id,
                'events' => route('cook.events', $cook),
                'body' => route('cook.body', $cook),
                'home' => route('cook', $cook),
                'clock' => route('practice-clock'),
                ...$this->shown(),
                'steps' => array_values(array_map($this->step(...), $fold->plan()->day->works)),
            ],
        ];
    }

    /**
     * @return array{
     *     id: string, name: string, begin: string, finish: string, minutes: int
     * } a step as a page that goes on alone knows it
     */
    private function step(Work $work): array
    {
        return [
            'id' => $work->task->id, 'name' => $this->say->text($work->name), 'begin' => $this->say->text($work->begin),
            'finish' => $this->say->text($work->finish), 'minutes' => $work->task->minutes,
        ];
    }

    /** @return list<Note> what to do where the rice has gone too far */
    private static function advice(CoreCook $fold, DateTimeImmutable $now): array
    {
        $startedAt = $fold->boiling() === null ? null : $fold->state->progress[$fold->boiling()]->startedAt;

        $forecast = $fold->forecast();

        return $startedAt === null || $forecast === null
            ? []
            : LiftAdvice::at($fold->plan(), $forecast, $now->getTimestamp() - $startedAt->getTimestamp());
    }

    /**
     * The grain's course while it boils, for a page that goes on drawing it alone.
     *
     * @return list<array{int, float, string}> seconds, core radius over grain radius, stage in words
     */
    private function course(CoreCook $fold): array
    {
        $course = [];
        $forecast = $fold->forecast();
        $ends = ($fold->plan()->boil()?->courseEndsS() ?? 0) + 600;
        for ($s = 0; $forecast !== null && $s <= $ends; $s += self::COURSE_STEP_S) {
            $doneness = $forecast->donenessAfter($s);
            $course[] = [
                $s,
                round(CookingFront::coreRadius($doneness), 4),
                $this->say->label(Stage::at($doneness), 'words'),
            ];
        }

        return $course;
    }
}
