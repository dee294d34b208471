<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Dish;
use App\Models\DrillAnswer;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\Meal;
use App\Models\Photograph;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Orbek\Core\Drill\Form;
use Orbek\Core\Drill\LiftIt;
use Orbek\Core\Drill\NameTheStage;
use Orbek\Core\Drill\Spacing;
use Orbek\Core\Drill\Spoonful;
use Orbek\Core\Learning\Eye;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Stage;
use Psr\Clock\ClockInterface;
use Random\Randomizer;

/** Practice in reading grains. What is asked stays in the session until it is answered. */
final class DrillController
{
    /** A session of practice lasts so long. */
    public const SESSION_S = 120;

    private const COURSE_STEP_S = 5;

    private const COURSE_S = 1500;

    private const DAYS = 14;

    /** Sessions that can be looked at again from the page. */
    private const SESSIONS = 8;

    /** What comes next is chosen by so many of the newest answers. */
    private const MEMORY = 400;

    /** The whole way is shown of the same grains. */
    private const WAY_SEED = 26;

    /** Dishes to choose among for practice. */
    private const DISHES = 40;

    private const MEALS = 10;

    public function __construct(private readonly ClockInterface $clock, private readonly Wording $say)
    {
    }

    public function show(Request $request): View
    {
        $answers = DrillAnswer::query()->where('who', Household::who())->latest('answered_at')->latest('id')
            ->limit(self::MEMORY)->get()->reverse()->values();
        $session = $request->session();
        $asked = $this->asked($request, $answers);
        $chances = $session->get('drill.lift');
        if (! is_array($chances)) {
            $chances = [self::chance(), self::chance(), self::chance(), self::chance()];
            $session->put('drill.lift', $chances);
        }
        $lift = LiftIt::of(array_map(floatval(...), array_values($chances)));
        $zone = Kitchen::core()->site->timezone;
        $open = $this->open($request);

        return view('drill.show', [
            'asked' => $asked, 'spoonful' => Spoonful::of($asked['doneness'], DrillAnswer::chances($asked['seed'])),
            'form' => Form::from($asked['form']),
            'photograph' => $asked['photograph'] === '' ? null : Photograph::query()->find(
                $asked['photograph'], Photograph::KNOWN,
            ),
            'hasOwn' => Photograph::query()->whereNotNull('reading')->exists(),
            'lift' => $lift, 'course' => $this->course($lift), 'said' => $session->get('drill.said'),
            'weakest' => NameTheStage::weakest(DrillAnswer::named($answers)),
            'session' => $open,
            'left' => $open === null ? 0 : self::SESSION_S - ($this->clock->now()->getTimestamp() - $open['began']),
            'way' => $this->way(), 'dishes' => Dish::query()->oldest('id')->limit(self::DISHES)->pluck('name', 'id'),
            'meals' => Meal::query()->ahead($this->clock->now()->setTimezone($zone))->limit(self::MEALS)
                ->pluck('name', 'id'),
            'eye' => Household::known()->eye(),
            'sessions' => $answers->whereNotNull('session')->groupBy('session')->reverse()->take(self::SESSIONS),
            'zone' => $zone,
            'days' => $answers->groupBy(
                fn (DrillAnswer $answer): string => $this->say->dated($answer->answered_at->setTimezone($zone), 'date'),
            )->reverse()->take(self::DAYS),
        ]);
    }

    /**
     * @return list<array{string, string, Spoonful}> spoonfuls from raw to over, each with its name and what tells it
     */
    private function way(): array
    {
        $way = [];
        foreach ([
            [
                $this->say->say('pages/drill.raw'), $this->say->say('pages/drill.raw-tells'), 0.0, 0.0, 0.0,
            ],
            [
                $this->say->say('pages/drill.soaked'), $this->say->say('pages/drill.soaked-tells'), 0.0, 1.0, 0.0,
            ],
        ] as [$name, $tells, $doneness, $soaked, $over]) {
            $way[] = [$name, $tells, Spoonful::of($doneness, DrillAnswer::chances(self::WAY_SEED), $soaked, $over)];
        }
        foreach ([Stage::HardHeart, Stage::Breaks, Stage::Thread, Stage::PinPoint, Stage::Smears] as $stage) {
            $way[] = [
                $this->say->text($this->say->label($stage)), $this->say->text($this->say->label($stage, 'words')),
                Spoonful::of($stage->doneness(), DrillAnswer::chances(self::WAY_SEED)),
            ];
        }
        $way[] = [
            $this->say->say('pages/drill.over'), $this->say->say('pages/drill.over-tells'),
            Spoonful::of(1.0, DrillAnswer::chances(self::WAY_SEED), 1.0, 0.6),
        ];

        return $way;
    }

    /** Two minutes begin. */
    public function begin(Request $request): RedirectResponse
    {
        $request->session()->put(
            'drill.session', ['id' => (string) Str::ulid(), 'began' => $this->clock->now()->getTimestamp()],
        );

        return redirect()->route('drill');
    }

    /** The next to be told is a photograph of one's own, kept with what was read in it. */
    public function own(Request $request): RedirectResponse
    {
        $photograph = Photograph::query()->whereNotNull('reading')->inRandomOrder()->first(Photograph::KNOWN);
        $reading = $photograph?->read();
        if ($photograph === null || $reading === null) {
            throw Refused::because('photograph', 'glass.none-of-your-own');
        }
        $request->session()->put('drill.asked', [
            'round' => 'far', 'form' => Form::Plates->value, 'seed' => 1, 'doneness' => round($reading->doneness, 4),
            'photograph' => $photograph->id,
        ]);

        return redirect()->route('drill');
    }

    /** A session looked at again: each grain as it was shown, what it was, and what was said. */
    public function session(string $session): View
    {
        $answers = DrillAnswer::query()->where('session', $session)->oldest('answered_at')->oldest('id')->get();
        abort_if($answers->isEmpty(), 404);

        return view('drill.session', ['answers' => $answers, 'zone' => Kitchen::core()->site->timezone]);
    }

    /** @throws Refused */
    public function name(Request $request): RedirectResponse
    {
        $asked = $request->session()->pull('drill.asked');
        if (! is_array($asked)) {
            return redirect()->route('drill')->with(
                'drill.said', $this->say->say('pages/drill.grain-was-answered'),
            );
        }
        $stage = Stage::at((float) $asked['doneness']);
        try {
            $form = Fields::ofForm($request->all());
            [$answered, $said] = $asked['round'] === 'far'
                ? [null, $form->number('said', 0, 100, '%') / 100]
                : [$form->one('stage', Stage::class), null];
        } catch (Refused $wrong) {
            $request->session()->put('drill.asked', $asked);
            throw $wrong;
        }
        $off = $said === null
            ? (float) NameTheStage::off($stage, $answered ?? $stage)
            : $said - (float) $asked['doneness'];
        $answer = $this->keep($request, [
            'round' => $asked['round'], 'asked' => $stage->value, 'answered' => $answered?->value, 'off' => $off,
            'said' => $said,
            'doneness' => $asked['doneness'],
        ] + (($asked['photograph'] ?? '') === '' ? ['form' => $asked['form'], 'seed' => $asked['seed']] : []));

        return $this->next($request, $this->told($answer, $stage, $answered));
    }

    /** @throws Refused */
    public function lift(Request $request): RedirectResponse
    {
        $seconds = Fields::ofForm($request->all())->number('seconds', 0, 2400, 's');
        $chances = $request->session()->pull('drill.lift');
        if (! is_array($chances)) {
            return redirect()->route('drill')->with(
                'drill.said', $this->say->say('pages/drill.boil-was-lifted'),
            );
        }
        $lift = LiftIt::of(array_map(floatval(...), array_values($chances)));
        $off = $lift->off($seconds);
        $this->keep($request, ['round' => 'lift', 'asked' => $lift->target->value, 'answered' => null, 'off' => $off]);

        return $this->next($request, $this->say->text(Note::of(
            'drill.lifted', points: (int) round(100 * abs($off)), past: $off > 0, rightAt: Quantity::seconds(
                $lift->rightAt(),
            ),
            percent: (int) round(100 * abs($lift->factor - 1)), fast: $lift->factor < 1,
        )));
    }

    /** What it was, and what gave it away. */
    private function told(DrillAnswer $answer, Stage $stage, ?Stage $answered): string
    {
        $percent = (int) round(100 * (float) $answer->doneness);
        $is = match (true) {
            $answered === null => Note::of(
                'drill.far', stage: Note::label($stage, 'words'), percent: $percent,
                points: (int) round(100 * abs($answer->off)), more: $answer->off > 0,
                near: $answer->isRight(),
            ),
            $answer->isRight() => Note::of('drill.right', stage: Note::label($stage, 'words'), percent: $percent),
            default => Note::of(
                'drill.wrong', stage: Note::label($stage, 'words'), percent: $percent,
                answered: Note::label($answered, 'words'),
            ),
        };

        return $this->say->text($is).' '.$this->say->text($this->say->label($stage, 'tells'));
    }

    /** On to the next grain, or to the end of the two minutes. */
    private function next(Request $request, string $said): RedirectResponse
    {
        $open = $this->open($request);
        if ($open !== null && $this->clock->now()->getTimestamp() - $open['began'] >= self::SESSION_S) {
            $request->session()->forget('drill.session');

            return redirect()->route('drill.session', $open['id'])->with('drill.said', $said);
        }

        return redirect()->route('drill')->with('drill.said', $said);
    }

    /**
     * @param  Collection<int, DrillAnswer>  $answers
     * @return array{round: string, form: string, seed: int, doneness: float, photograph: string} of a photograph its id
     */
    private function asked(Request $request, Collection $answers): array
    {
        $asked = $request->session()->get('drill.asked');
        if (is_array($asked)) {
            return [
                'round' => (string) $asked['round'], 'form' => (string) $asked['form'], 'seed' => (int) $asked['seed'],
                'doneness' => (float) $asked['doneness'], 'photograph' => (string) ($asked['photograph'] ?? ''),
            ];
        }
        $card = Spacing::next(DrillAnswer::cards($answers), $this->clock->now(), self::chance());
        $asked = [
            'round' => $card->form === Form::Plates && self::chance() < Spacing::FAR ? 'far' : 'stage',
            'form' => $card->form->value,
            'seed' => (new Randomizer)->getInt(1, 2_000_000_000),
            'doneness' => round(NameTheStage::within($card->stage, self::chance()), 4), 'photograph' => '',
        ];
        $request->session()->put('drill.asked', $asked);

        return $asked;
    }

    /** @return array{id: string, began: int}|null the two minutes that run, if they do */
    private function open(Request $request): ?array
    {
        $open = $request->session()->get('drill.session');

        return is_array($open) ? ['id' => (string) $open['id'], 'began' => (int) $open['began']] : null;
    }

    /** @param  array<string, mixed>  $fields */
    private function keep(Request $request, array $fields): DrillAnswer
    {
        $open = $this->open($request);

        return Household::learning(fn (): array => [
            $answer = DrillAnswer::query()->create($fields + [
                'answered_at' => $this->clock->now(), 'session' => $open['id'] ?? null, 'who' => Household::who(),
            ]),
            [], $answer->lesson(),
        ]);
    }

    /**
     * The boil for the page to run: what a grain is, and what a finger would say of it.
     *
     * @return list<array{int, float, string}> seconds, core radius, stage felt
     */
    private function course(LiftIt $lift): array
    {
        $course = [];
        for ($s = 0; $s <= self::COURSE_S; $s += self::COURSE_STEP_S) {
            $doneness = $lift->donenessAfter($s);
            $noise = Eye::USUAL * sqrt(-2 * log(max(1e-6, self::chance()))) * cos(2 * M_PI * self::chance());
            $course[] = [
                $s,
                round(CookingFront::coreRadius($doneness), 4),
                $this->say->label(Stage::at(max(0.0, min(1.0, $doneness + $noise))), 'words'),
            ];
        }

        return $course;
    }

    private static function chance(): float
    {
        return (new Randomizer)->getInt(0, 999_999) / 1_000_000;
    }
}
