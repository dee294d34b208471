<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\DrillAnswer;
use App\Models\Kitchen;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Orbek\Core\Drill\LiftIt;
use Orbek\Core\Drill\NameTheStage;
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
    private const COURSE_STEP_S = 5;

    private const COURSE_S = 1500;

    /** How far the pressed grain misleads the eye, as in a real boil. */
    private const NOISE = 0.06;

    private const DAYS = 14;

    /** A grain is shown cut, pressed, or as it swims. */
    private const FORMS = ['cut', 'pressed', 'pot'];

    public function __construct(private readonly ClockInterface $clock, private readonly Wording $say)
    {
    }

    public function show(Request $request): View
    {
        $answers = DrillAnswer::query()->oldest('answered_at')->oldest('id')->get();
        $named = DrillAnswer::named($answers);
        $session = $request->session();

        $asked = $session->get('drill.stage');
        if (! is_array($asked)) {
            $round = NameTheStage::ask($named, self::chance(), self::chance());
            $asked = [
                'stage' => $round->stage->value,
                'doneness' => $round->doneness,
                'form' => self::FORMS[(int) floor(count(self::FORMS) * self::chance())],
            ];
            $session->put('drill.stage', $asked);
        }
        $chances = $session->get('drill.lift');
        if (! is_array($chances)) {
            $chances = [self::chance(), self::chance(), self::chance(), self::chance()];
            $session->put('drill.lift', $chances);
        }
        $lift = LiftIt::of(array_map(floatval(...), array_values($chances)));
        $zone = Kitchen::core()->timezone;

        return view('drill.show', [
            'doneness' => (float) $asked['doneness'],
            'form' => (string) $asked['form'],
            'asked' => Stage::from((string) $asked['stage']),
            'lift' => $lift,
            'course' => $this->course($lift),
            'said' => $session->get('drill.said'),
            'weakest' => NameTheStage::weakest($named),
            'days' => $answers->groupBy(
                static fn (DrillAnswer $answer): string => $answer->answered_at->setTimezone($zone)->format('j F'),
            )->reverse()->take(self::DAYS),
        ]);
    }

    /** @throws Refused */
    public function name(Request $request): RedirectResponse
    {
        $asked = $request->session()->pull('drill.stage');
        if (! is_array($asked)) {
            return redirect()->route('drill')->with('drill.said', 'That grain was answered already; here is another.');
        }
        $stage = Stage::from((string) $asked['stage']);
        try {
            $answered = Fields::of($request->all())->one('stage', Stage::class);
        } catch (Refused $wrong) {
            $request->session()->put('drill.stage', $asked);
            throw $wrong;
        }
        $off = NameTheStage::off($stage, $answered);
        $this->keep('stage', $stage, $answered, $off);

        $percent = (int) round(100 * $asked['doneness']);

        return redirect()->route('drill')->with('drill.said', $off === 0
            ? $this->say->text(Note::of('drill.right', stage: Note::label($stage, 'words'), percent: $percent))
            : $this->say->text(
                Note::of(
                    'drill.wrong', stage: Note::label($stage, 'words'), percent: $percent,
                    answered: Note::label($answered, 'words'),
                ),
            ));
    }

    /** @throws Refused */
    public function lift(Request $request): RedirectResponse
    {
        $seconds = Fields::ofForm($request->all())->number('seconds', 0, 2400, 's');
        $chances = $request->session()->pull('drill.lift');
        if (! is_array($chances)) {
            return redirect()->route('drill')->with('drill.said', 'That boil was lifted already; here is another.');
        }
        $lift = LiftIt::of(array_map(floatval(...), array_values($chances)));
        $off = $lift->off($seconds);
        $this->keep('lift', $lift->target, null, $off);

        return redirect()->route('drill')->with('drill.said', $this->say->text(Note::of(
            'drill.lifted', points: (int) round(100 * abs($off)), past: $off > 0, rightAt: Quantity::seconds(
                $lift->rightAt(),
            ),
            percent: (int) round(100 * abs($lift->factor - 1)), fast: $lift->factor < 1,
        )));
    }

    private function keep(string $round, Stage $asked, ?Stage $answered, float $off): void
    {
        DrillAnswer::query()->create([
            'round' => $round, 'asked' => $asked->value, 'answered' => $answered?->value, 'off' => $off,
            'answered_at' => $this->clock->now(),
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
            $noise = self::NOISE * sqrt(-2 * log(max(1e-6, self::chance()))) * cos(2 * M_PI * self::chance());
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
