<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\PictureFile;
use DateTimeImmutable;
use Illuminate\Support\Str;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\Events\Glassed;
use Orbek\Core\Glass\Reading;
use Orbek\Core\Kitchen\Bag;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Rice\Soak;

/**
 * Photographs of grains under glass, each kept with what was read in it: in the boil of a cook, where it is an event,
 * or in the test boil of a bag.
 *
 * @phpstan-import-type Test from LotTest
 */
final class Glass
{
    /**
     * @param  DateTimeImmutable  $takenAt the picture; the spoonful left the water before
     *
     * @throws Refused where nothing can be read in it, or its rice is not, and was not, in a boil: nothing is kept then
     */
    public static function ofBoil(
        string $id, Cook $cook, PictureFile $picture, DateTimeImmutable $takenAt, DateTimeImmutable $now,
    ): Photograph {
        $reading = Photograph::known($id)?->read() ?? Reading::of(PictureFile::pixels($picture->jpeg));
        $fold = $cook->fold($now);
        $boil = $fold->boilTask();
        if ($boil === null || $fold->state->secondsIn($boil, self::leftTheWater($takenAt)) === null) {
            throw Refused::because('picture', 'glass.not-in-the-boil');
        }
        $photograph = Photograph::keep($id, $cook, Shows::Glass, $picture, $takenAt, $reading);
        // Sent again, its event has the photograph's own id, and is known.
        self::tell($cook, $id, $photograph, $reading, $boil, $now);

        return $photograph;
    }

    private static function tell(
        Cook $cook, string $id, Photograph $photograph, Reading $reading, string $boil, DateTimeImmutable $now,
    ): void {
        $cook->happened(Event::fromFields(Fields::of([
            'id' => strtoupper($id), 'type' => 'glassed',
            'at' => self::leftTheWater($photograph->taken_at->toDateTimeImmutable())->getTimestamp(),
            'subject' => $boil, 'picture' => $photograph->id,
        ] + self::values($reading))), $now);
    }

    /** @return array{doneness: float, sd: float, hearts: bool} */
    private static function values(Reading $reading): array
    {
        return [
            'doneness' => round($reading->doneness, 4), 'sd' => round($reading->sd, 4),
            'hearts' => $reading->seesHearts(),
        ];
    }

    private static function leftTheWater(DateTimeImmutable $takenAt): DateTimeImmutable
    {
        return $takenAt->modify('-'.Glassed::RINSED_S.' seconds');
    }

    /**
     * A spoonful of a bag's test boil, read and taught from at once: one test takes in several, in whatever order they
     * arrive.
     *
     * @param  string  $test id of the test that the page has begun
     * @param  float  $seconds from the rice into the water to the picture
     *
     * @throws Refused where nothing can be read in it
     */
    public static function ofBag(
        string $id, string $test, Bag $bag, Soak $soak, CoreKitchen $kitchen, PictureFile $picture, float $seconds,
        DateTimeImmutable $now,
    ): Photograph {
        LotTest::refuseForeign($test, 'test');
        $known = Photograph::known($id);
        if ($known !== null) {
            return $known->lot_test_id === $test
                ? $known : throw Refused::because('id', 'refused.anothers-photograph', id: $id);
        }
        $reading = Reading::of(PictureFile::pixels($picture->jpeg));
        $one = [
            'seconds' => Refused::unlessBetween('seconds', $seconds - Glassed::RINSED_S, 5, 5400, 's'),
            'picture' => $id,
        ] + self::values($reading);

        return Household::learning(static function () use (
            $id, $test, $bag, $soak, $kitchen, $picture, $reading, $one, $now,
        ): array {
            $there = LotTest::query()->find($test);
            if ($there !== null && $there->lot !== $bag->id) {
                throw Refused::because('test', 'refused.the-id-is-taken');
            }
            // They may arrive in another order than they were taken in.
            $tests = [...$there->document['tests'] ?? [], $one];
            usort($tests, static fn (array $a, array $b): int => $a['seconds'] <=> $b['seconds']);
            $gone = $there?->lesson() ?? [];
            $kept = self::kept($test, $there, LotTest::teaching($bag, $soak, $kitchen, $tests), $now);
            $photograph = Photograph::keep($id, $kept, Shows::Glass, $picture, $now, $reading);

            return [$photograph, $gone, $kept->lesson()];
        });
    }

    private static function kept(string $id, ?LotTest $there, LotTest $made, DateTimeImmutable $now): LotTest
    {
        $written = ['document' => $made->document, 'likelihood' => $made->likelihood];
        if ($there === null) {
            return LotTest::query()->create(['id' => $id, 'lot' => $made->lot, 'tested_at' => $now] + $written);
        }
        $there->update($written);

        return $there;
    }

    /**
     * A grain that does not count, or does after all: what was read is reckoned anew, where it was told.
     *
     * @throws Refused where too few are left
     */
    public static function count(Photograph $photograph, int $grain, bool $counts, DateTimeImmutable $now): void
    {
        $reading = $photograph->read()?->counting($grain, $counts)
            ?? throw Refused::because('picture', 'glass.not-read');
        $photograph->update(['reading' => $reading->toArray()]);
        $cook = $photograph->cook_id === null ? null : Cook::ofAnyKind()->findOrFail($photograph->cook_id);
        $boil = $cook?->fold($now)->boilTask();
        if ($cook !== null && $boil !== null) {
            self::tell($cook, (string) Str::ulid($now), $photograph, $reading, $boil, $now);
        }
        if ($photograph->lot_test_id !== null) {
            self::testAgain($photograph, $reading);
        }
    }

    private static function testAgain(Photograph $photograph, Reading $reading): void
    {
        Household::learning(static function () use ($photograph, $reading): array {
            $test = LotTest::query()->findOrFail($photograph->lot_test_id);
            $gone = $test->lesson();
            $kitchen = Kitchen::core();
            $made = LotTest::teaching(
                $kitchen->bag($test->lot, 'lot'), Soak::of($test->document['soak_min'], $test->document['soak_c']),
                $kitchen,
                array_map(static fn (array $one): array => ($one['picture'] ?? null) === $photograph->id
                    ? self::values($reading) + $one : $one, $test->document['tests']),
            );
            $test->update(['document' => $made->document, 'likelihood' => $made->likelihood]);

            return [null, $gone, $test->lesson()];
        });
    }
}
