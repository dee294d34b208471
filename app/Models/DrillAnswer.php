<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Orbek\Core\Drill\Card;
use Orbek\Core\Drill\Form;
use Orbek\Core\Drill\Spoonful;
use Orbek\Core\Learning\Eye;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Rice\Stage;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * One answer in the Drill.
 *
 * @property string $id
 * @property string $round stage, far or lift
 * @property string $asked
 * @property string|null $answered
 * @property float $off
 * @property string|null $form
 * @property int|null $seed what it was drawn from
 * @property float|null $doneness it had
 * @property float|null $said where it was told on a scale
 * @property string|null $session
 * @property string $who
 * @property Carbon $answered_at
 *
 * @phpstan-import-type Lesson from Knowledge
 */
final class DrillAnswer extends Model
{
    use BelongsToHousehold;

    /** Told this near it is right. */
    public const NEAR = 0.06;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'off' => 'float', 'doneness' => 'float', 'said' => 'float', 'seed' => 'integer',
            'answered_at' => 'datetime',
        ];
    }

    public function isRight(): bool
    {
        return $this->round === 'stage' ? $this->off === 0.0 : abs($this->off) <= self::NEAR;
    }

    /** What was shown, drawn again. */
    /** What it was asked for, or was to be. */
    public function stage(): Stage
    {
        return Stage::from($this->asked);
    }

    public function spoonful(): ?Spoonful
    {
        return $this->seed === null || $this->doneness === null
            ? null
            : Spoonful::of($this->doneness, self::chances($this->seed));
    }

    /** @return list<float> the same chances for the same seed */
    public static function chances(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));

        return array_map(static fn (): float => $random->getInt(0, 999_999) / 1_000_000, range(1, Spoonful::CHANCES));
    }

    /**
     * What it teaches of the eye of who answered.
     *
     * @return Lesson
     */
    public function lesson(): array
    {
        $evidence = match (true) {
            $this->doneness === null => null,
            $this->round === 'stage'
                && $this->answered !== null => Eye::named($this->doneness, Stage::from($this->answered)),
            $this->round === 'far' && $this->said !== null => Eye::told($this->doneness, $this->said),
            default => null,
        };

        return $evidence === null ? [] : ['eye' => ['who' => $this->who, 'evidence' => $evidence, 'readings' => 1]];
    }

    /**
     * What was shown in which form, and whether it was seen, oldest first.
     *
     * @param  Collection<int, self>  $answers
     * @return list<array{card: string, right: bool, at: DateTimeImmutable}>
     */
    public static function cards(Collection $answers): array
    {
        $cards = [];
        foreach ($answers as $answer) {
            if ($answer->round !== 'lift') {
                $cards[] = [
                    'card' => (
                        new Card(Stage::from($answer->asked), Form::tryFrom((string) $answer->form) ?? Form::Plates)
                    )->id(),
                    'right' => $answer->isRight(), 'at' => $answer->answered_at->toDateTimeImmutable(),
                ];
            }
        }

        return $cards;
    }

    /**
     * The stages named so far.
     *
     * @param  Collection<int, self>  $answers
     * @return list<array{asked: Stage, answered: Stage}>
     */
    public static function named(Collection $answers): array
    {
        $named = [];
        foreach ($answers as $answer) {
            if ($answer->round === 'stage' && $answer->answered !== null) {
                $named[] = ['asked' => Stage::from($answer->asked), 'answered' => Stage::from($answer->answered)];
            }
        }

        return $named;
    }
}
