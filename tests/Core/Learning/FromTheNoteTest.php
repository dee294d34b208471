<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Orbek\Core\Learning\FromTheNote;
use Orbek\Core\Learning\Knowledge;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What notes teach of a household, over two hundred that are simulated. */
final class FromTheNoteTest extends TestCase
{
    private const HOUSEHOLDS = 200;

    private Randomizer $dice;

    protected function setUp(): void
    {
        $this->dice = new Randomizer(new Mt19937(26));
    }

    public function test_six_notes_bring_the_salt_that_is_liked_nearer(): void
    {
        [$before, $after, $within] = $this->learned(
            Knowledge::SALT, FromTheNote::SALT_SD,
            // Dishes are salted here and there; the tongue calls by its own band, with a scatter.
            function (float $liked): array {
                $percent = 0.85 * exp($this->normal(0.3));
                $off = log($percent / 0.85) - $liked + $this->normal(0.15);

                return FromTheNote::salt($percent, $off < -0.27 ? -1 : ($off > 0.27 ? 1 : 0));
            },
        );

        self::assertLessThan(0.65 * $before, $after, 'a good third nearer after six notes');
        self::assertGreaterThan(0.7, $within, 'four in five within what it says, or nearly');
        self::assertLessThan(0.9, $within);
    }

    public function test_six_notes_bring_the_time_till_tender_nearer(): void
    {
        [$before, $after, $within] = $this->learned(
            Knowledge::TENDER.'goat', FromTheNote::TENDER_SD,
            function (float $longer): array {
                $had = 1.05 * exp($this->normal(0.2));
                $teeth = log($had) - $longer + $this->normal(0.15);

                return FromTheNote::tender($had, $teeth < log(0.95) ? -1 : ($teeth > log(2.4) ? 1 : 0));
            },
        );

        self::assertLessThan(0.7 * $before, $after);
        self::assertGreaterThan(0.7, $within);
        self::assertLessThan(0.9, $within);
    }

    public function test_a_call_points_where_it_should(): void
    {

        self::assertLessThan(0.97, self::after(Knowledge::SALT, FromTheNote::salt(0.85, 1)), 'too salty: less is liked');
        self::assertGreaterThan(1.03, self::after(Knowledge::SALT, FromTheNote::salt(0.85, -1)));
        self::assertEqualsWithDelta(1.0, self::after(Knowledge::SALT, FromTheNote::salt(0.85, 0)), 0.01);
        $part = self::after(Knowledge::SALT, FromTheNote::salt(0.85, 1, true));
        self::assertGreaterThan(self::after(Knowledge::SALT, FromTheNote::salt(0.85, 1)), $part, 'a part of it says less');
        self::assertLessThan(1.0, $part);
        self::assertEqualsWithDelta(
            1.0, self::after('tender:goat', FromTheNote::tender(2.6, 0, false)), 0.01, 'what may fall apart is right when it does',
        );
        self::assertGreaterThan(1.05, self::after('tender:fish', FromTheNote::tender(2.6, 0)), 'what is to stay whole did');
        self::assertGreaterThan(1.1, self::after('tender:goat', FromTheNote::tender(1.1, -1)), 'tough although it had its time');
        self::assertLessThan(0.9, self::after('tender:goat', FromTheNote::tender(1.6, 1)), 'it fell apart');
    }

    public function test_what_a_note_taught_can_be_taken_back_and_is_kept(): void
    {
        $lesson = ['notes' => [
            ['of' => Knowledge::SALT, 'likelihood' => FromTheNote::salt(1.2, 1)],
            ['of' => Knowledge::SALT, 'likelihood' => FromTheNote::salt(1.2, 1, true)],
        ]];
        $known = Knowledge::none()->with($lesson);

        $kept = Knowledge::fromArray($known->toArray());
        self::assertEqualsWithDelta($known->salt()->likely(), $kept->salt()->likely(), 1e-6);
        self::assertLessThan(0.9, $kept->salt()->likely());
        self::assertEqualsWithDelta(1.0, $known->without($lesson)->salt()->likely(), 1e-9);
        self::assertGreaterThan(0.1, $known->distance(Knowledge::none()));
    }

    /**
     * @param  callable(float): list<float>  $note of one cook in a household whose ln f this is
     * @return array{float, float, float} mean of |ln f − likely| before, after, and the share within four fifths
     */
    private function learned(string $of, float $sd, callable $note): array
    {
        $before = $after = $within = 0.0;
        for ($household = 0; $household < self::HOUSEHOLDS; $household++) {
            $ln = $this->normal($sd);
            $known = Knowledge::none();
            for ($cook = 0; $cook < 6; $cook++) {
                // On the day it is not quite what it is as a rule.
                $likelihood = $note($ln + $this->normal(0.05));
                $known = $known->with(['notes' => [['of' => $of, 'likelihood' => $likelihood]]]);
            }
            $belief = $known->noted($of);
            $before += abs($ln);
            $after += abs($ln - log($belief->likely()));
            $within += (int) ($ln > log($belief->quantile(0.1)) && $ln < log($belief->quantile(0.9)));
        }

        return [$before / self::HOUSEHOLDS, $after / self::HOUSEHOLDS, $within / self::HOUSEHOLDS];
    }

    /** @param  list<float>  $likelihood */
    private static function after(string $of, array $likelihood): float
    {
        return Knowledge::none()->with(['notes' => [['of' => $of, 'likelihood' => $likelihood]]])->noted($of)->likely();
    }

    private function normal(float $sd): float
    {
        $even = fn (): float => $this->dice->getInt(1, 1_000_000) / 1_000_001;

        return $sd * sqrt(-2 * log($even())) * cos(2 * M_PI * $even());
    }
}
