<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\EventAnswer;
use App\Wording\Wording;
use Closure;
use DateTimeImmutable;
use Illuminate\Http\Request;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\Events\Late;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;

/** Events as a page sends them: each read by itself, each answered for. */
final class SentEvents
{
    /** Events a lost connection may have kept back. */
    private const MOST = 500;

    /** @var array<int, array{int|null, Event}> those that can be, by index: the place of the dish, and what happened */
    public array $read = [];

    /** @var array<int, string> why the others cannot */
    private array $refused = [];

    /**
     * @param  int  $dishes how many are cooked
     * @param  int|null  $place of the dish that all of it is of; null where each event says its own, or none
     *
     * @throws Refused when there is no list of them
     */
    public function __construct(
        Request $request, DateTimeImmutable $beganAt, DateTimeImmutable $now, Wording $say, Kitchen $kitchen,
        int $dishes, ?int $place = null,
    ) {
        $sent = $request->input('events');
        if (! is_array($sent) || ! array_is_list($sent) || $sent === [] || count($sent) > self::MOST) {
            $wanted = Note::of('refused.events', most: self::MOST);
            throw is_array($sent)
                ? Refused::because('events', 'refused.will-not-do', value: (string) count($sent), wanted: $wanted)
                : Refused::because('events', 'refused.missing', wanted: $wanted);
        }
        $ids = [];
        foreach ($sent as $index => $document) {
            try {
                $fields = Fields::of(is_array($document) ? $document : []);
                $event = Event::fromFields($fields)->inCook($beganAt, $now, 'at')
                    ->knownTo(app(Craft::class), 'subject')->inKitchen($kitchen);
                $first = $ids[$event->id] ?? null;
                if ($first !== null && $first != $event) {
                    throw Refused::because('id', 'refused.the-id-is-of-another-tap');
                }
                $ids[$event->id] = $event;
                $of = $fields->has('dish') ? $fields->whole('dish', 0, $dishes - 1) : $place;
                $this->read[$index] = [in_array($event::class, Event::OF_ALL, true) ? null : $of, $event];
            } catch (Refused $wrong) {
                $this->refused[$index] = $say->refusal($wrong);
            }
        }
    }

    /**
     * Refuses what would make a supper later than one can be: it would not count.
     *
     * @param  Closure(): int  $lateMin by how much it is late so far
     */
    public function boundLate(Closure $lateMin, Wording $say): void
    {
        $late = null;
        foreach ($this->read as $index => [, $event]) {
            if (! $event instanceof Late) {
                continue;
            }
            $late = ($late ?? $lateMin()) + $event->minutes;
            if ($late > Late::MOST_MIN) {
                $this->refused[$index] = $say->refusal(Refused::because(
                    'minutes', 'refused.late-enough', hours: intdiv($late, 60), most: intdiv(Late::MOST_MIN, 60),
                ));
                unset($this->read[$index]);
                $late -= $event->minutes;
            }
        }
    }

    /**
     * @param  array<string, EventAnswer>  $answers by event id
     * @return list<array{status: string, message?: string}> for each as it was sent
     */
    public function answers(array $answers): array
    {
        $all = array_map(static fn (string $why): array => ['status' => 'refused', 'message' => $why], $this->refused);
        foreach ($this->read as $index => [, $event]) {
            $answer = $answers[$event->id];
            $all[$index] = match ($answer) {
                EventAnswer::OfAnotherCook, EventAnswer::Differs => [
                    'status' => 'refused',
                    'message' => app(Wording::class)->say(
                        'pages/stove.id-is-taken', isOfAnother: $answer === EventAnswer::OfAnotherCook,
                    ),
                ],
                default => ['status' => $answer->value],
            };
        }
        ksort($all);

        return array_values($all);
    }
}
