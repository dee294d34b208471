<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Orbek\Core\Learning\Knowledge;

/**
 * Those who cook together; everything else belongs to one.
 *
 * @property string $id
 * @property string $name
 * @property bool $in_use
 * @property bool $is_demo the sample kitchen, which may be left and taken away
 * @property array<string, mixed>|null $begun the first minutes, as far as they are answered
 * @property array<string, mixed>|null $knowledge what all cooks and tests have taught, as a running result
 * @property int $laws of the closed pot that its lessons were made under
 * @property array{was: array<string, mixed>, cooks: int}|null $retold what was known before they were made anew under
 *     other laws, till that is read
 *
 * @phpstan-import-type Lesson from Knowledge
 */
final class Household extends Model
{
    use HasUlids;

    /** All but what was taught: every request asks whose it is, few want that (known()). */
    private const LIGHT = ['id', 'name', 'in_use', 'is_demo', 'begun', 'created_at', 'updated_at'];

    protected $guarded = [];

    protected $attributes = ['laws' => Knowledge::LAWS];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'knowledge' => 'array', 'begun' => 'array', 'retold' => 'array', 'in_use' => 'boolean',
            'is_demo' => 'boolean',
        ];
    }

    /** The household that this installation cooks for; a new one, without a kitchen, where there is none. */
    public static function inUse(): self
    {
        return self::query()->orderByDesc('in_use')->orderBy('id')->first(self::LIGHT)
            ?? self::query()->create(['name' => 'Home', 'in_use' => true]);
    }

    /** From here on the installation is this one's. */
    public function takeInUse(): self
    {
        DB::transaction(function (): void {
            self::query()->whereKeyNot($this->id)->update(['in_use' => false]);
            $this->update(['in_use' => true]);
        });

        return $this;
    }

    /** A new one that this one, the demo, is left for: whoever signs in comes along. */
    public function leftFor(string $name): self
    {
        return DB::transaction(function () use ($name): self {
            $own = self::query()->create(['name' => $name]);
            Member::query()->where('household_id', $this->id)->update(['household_id' => $own->id]);

            return $own;
        });
    }

    /** What the household's cooks and tests have taught so far; grains are read by who is signed in. */
    public static function known(): Knowledge
    {
        return Knowledge::fromArray(
            self::query()->findOrFail(app(self::class)->id, ['id', 'knowledge'])->knowledge ?? [],
        )->readBy(self::who());
    }

    /** Who is signed in; where nobody signs in, nobody by name. */
    public static function who(): string
    {
        $member = Auth::user();

        return $member instanceof Member ? $member->id : '';
    }

    /**
     * Writes evidence and what it teaches in one transaction.
     *
     * @template T
     *
     * @param  Closure(): array{
     *     T, Lesson, Lesson
     * }  $write answers with its result, the lesson that no longer holds and the one that does
     * @return T
     */
    public static function learning(Closure $write): mixed
    {
        return DB::transaction(static function () use ($write): mixed {
            [$result, $gone, $come] = $write();
            if ($gone !== $come) {
                $household = self::query()->findOrFail(app(self::class)->id, ['id', 'knowledge']);
                $household->update([
                    'knowledge' => Knowledge::fromArray(
                        $household->knowledge ?? [],
                    )->without($gone)->with($come)->toArray(),
                ]);
            }

            return $result;
        });
    }

    /**
     * Where lessons were made under older laws of the closed pot, every cook is read again under those of now; what
     * that changes is kept to be told. Killed amid it, it is done again.
     */
    public static function readAgain(DateTimeImmutable $now): bool
    {
        $household = self::query()->findOrFail(app(self::class)->id);
        if ($household->laws >= Knowledge::LAWS) {
            return false;
        }
        $was = self::known();
        $cooked = MealCook::query()->whereHas(
            'dishes', static fn (Builder $dishes): Builder => $dishes->whereNotNull('summary'),
        );
        foreach ((clone $cooked)->with('dishes')->lazyById(100, 'id') as $cook) {
            $cook->readAgain($now);
        }
        DB::transaction(static function () use ($household, $was, $cooked): void {
            $is = self::foldedAgain();
            $household->update(['laws' => Knowledge::LAWS, 'knowledge' => $is->toArray(), 'retold' => [
                'was' => $was->toArray(), 'cooks' => $cooked->count(),
            ]]);
        });

        return true;
    }

    /** The same from the beginning, from every cook and test there is: what the running result must equal. */
    public static function foldedAgain(): Knowledge
    {
        $lessons = (static function (): iterable {
            foreach (Cook::query()->whereNotNull('summary')->lazyById(500, 'id') as $cook) {
                yield $cook->lesson();
            }
            foreach (LotTest::query()->lazyById(500, 'id') as $test) {
                yield $test->lesson();
            }
            foreach (StoveTest::query()->lazyById(500, 'id') as $test) {
                yield $test->lesson();
            }
            foreach (DrillAnswer::query()->whereNotNull('doneness')->lazyById(500, 'id') as $answer) {
                yield $answer->lesson();
            }
        })();

        return Knowledge::fold($lessons);
    }
}
