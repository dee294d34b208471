<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The commands as a shell sees them: what they print where, and their exit codes. */
final class CommandsTest extends TestCase
{
    public function test_parboil_prints_one_object(): void
    {
        $answer = self::json(
            self::ran(
                'orbek:parboil', '--rice=aged-basmati', '--soak=30', '--soak-temp=20', '--raw=500', '--water=3500',
                '--power=1000', '--altitude=0', '--target=0.6', '--target=0.625', '--json',
            ),
        );

        self::assertSame(
            ['soak_saturation', 'tau_min', 'after_rice_c', 'back_at_boil_s', 'seconds_to'],
            array_keys($answer),
        );
        self::assertSame(['0.50', '0.60', '0.625', '0.70', '0.85', '0.95'], array_keys($answer['seconds_to']));
        self::assertEqualsWithDelta(399, $answer['seconds_to']['0.70'], 0.03 * 399);
        self::assertEqualsWithDelta(13.6, $answer['tau_min'], 0.1);
        self::assertStringContainsString('0.70 done at 6 min 39 s', self::ran('orbek:parboil')->getOutput());
    }

    public function test_clock_reads_tasks_and_a_meal(): void
    {
        $answer = self::json(self::ran('orbek:clock', 'tests/Core/Clock/meals/meal-102-1.json', '--json', '--at-once'));
        self::assertSame(['starts', 'busy_min', 'waiting', 'bound_min', 'short_of'], array_keys($answer));
        self::assertSame([109, 109], [$answer['busy_min'], $answer['bound_min']]);
        self::assertNull($answer['short_of'], 'it was not asked for');
        $analysed = self::json(
            self::ran('orbek:clock', 'tests/Core/Clock/meals/meal-105-2.json', '--json', '--at-once', '--short'),
        );
        self::assertIsArray($analysed['short_of']);
        self::assertStringContainsString(
            'in the kitchen; it cannot be under 109.',
            self::ran('orbek:clock', 'tests/Core/Clock/meals/meal-102-1.json', '--at-once')->getOutput(),
        );
        $meal = (string) tempnam(sys_get_temp_dir(), 'meal');
        file_put_contents($meal, json_encode([
            'format' => 'orbek-meal/1', 'name' => 'One pot', 'serve_at' => '2026-11-28T19:30', 'eaters' => 4,
            'dishes' => [['dish' => 'a']], 'sides' => [['name' => 'salad', 'minutes' => 12]],
            'documents' => [
                'a' => json_decode((string) file_get_contents('database/demo/chickpea-spinach-one-pot.json'), true),
            ],
        ]));
        $answer = self::json(self::ran('orbek:clock', $meal, '--json', '--at-once'));
        self::assertArrayHasKey('d1/rinse', $answer['starts']);
        self::assertArrayHasKey('side/1', $answer['starts']);
        unlink($meal);
        foreach ([
            ['{"format": "orbek-tasks/1", "things": {}, "tasks": []}', 'tasks: 0 tasks; give 1 to 300.'],
            [
                '{"format": "orbek-tasks/1", "things": {"hands": 1}, "tasks": [{"id": "a", "minutes": 5, "claims": [["hands", 0, 9]]}]}',
                'tasks/0/claims/0: no claim; give a thing, from and to, in whole minutes from 0 to 5.',
            ],
            [
                '{"format": "orbek-tasks/1", "things": {"hands": 1}, "tasks": [{"id": "a", "minutes": 5, "after": [{"task": "b"}]}, {"id": "b", "minutes": 5, "after": [{"task": "a"}]}]}',
                'tasks: a, b wait for one another in a ring; take one of the gaps out.',
            ],
            [
                '{"format": "orbek-tasks/1", "things": {"hands": 1}, "tasks": [{"id": "a", "minutes": 5, "after": [{"task": "a", "least": -3}]}]}',
                'tasks/0/after/0/least: -3 is out of range; give 0 to 1440.',
            ],
            ['{"format": "orbek-meal/1", "name": "x"}', 'serve_at'],
        ] as [$text, $says]) {
            $ran = new Process(['php', 'artisan', 'orbek:clock', '-', '--json'], dirname(__DIR__, 2), null, $text);
            self::assertSame(1, $ran->run());
            self::assertStringContainsString($says, $ran->getErrorOutput());
        }
    }

    public function test_lid_prints_what_it_is_asked_for(): void
    {
        $case = 'tests/Core/Lid/cases/raw-mutton-two-stage.json';
        $answer = self::json(self::ran('orbek:lid', $case, '--json'));

        self::assertSame(
            ['steam_at_lid_min', 'browning', 'colour', 'leak_g', 'cloth_g', 'layers', 'balance'],
            array_keys($answer),
        );
        self::assertSame(['matter', 'core_c', 'tenderness'], array_keys($answer['layers'][0]));
        self::assertSame(
            ['matter', 'doneness_min', 'uptake', 'free_water_share', 'texture'],
            array_keys($answer['layers'][1]),
        );
        self::assertSame('pale', $answer['colour']);
        self::assertEqualsWithDelta(0.0, $answer['balance']['water_g'], 0.1);

        $traced = self::json(self::ran('orbek:lid', $case, '--json', '--trace'));
        self::assertCount(69, $traced['trace']);
        self::assertSame($answer['browning'], $traced['trace'][68]['browning']);
        self::assertStringContainsString('never proof', self::ran('orbek:lid', $case)->getOutput());
        self::assertNull(
            self::json(
                self::ran('orbek:lid', 'tests/Core/Lid/cases/low-only-is-pale.json', '--json'),
            )['steam_at_lid_min'],
        );
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function badCases(): iterable
    {
        yield 'a field missing' => [
            '"seal": "cloth",',
            '',
            'seal: is missing; give one of dough, foil-dough, dough-sheet, foil, cloth, cloth-later, damp-cloth, paper, tight-lid, loose-lid, vented-lid.',
        ];
        yield 'a field misspelt' => [
            '"altitude_m"',
            '"altitude"',
            'file: additional object properties are not allowed: altitude; compare schema/lid.json.',
        ];
        yield 'a layer field misspelt' => [
            '"soak_min"',
            '"soaked_min"',
            'layers/1/soak_min: is missing; give a number from 0 to 2880 min.',
        ];
        yield 'a pot of 2 cm' => [
            '"diameter_cm": 24',
            '"diameter_cm": 2',
            'pot/diameter_cm: 2 is out of range; give 10 to 60 cm.',
        ];
        yield 'a setting of 400 %' => [
            '"setting": 0.7',
            '"setting": 400',
            'heat/0/setting: 400 is out of range; give 0 to 1.',
        ];
        yield 'no minutes' => [
            '"minutes": 10',
            '"minutes": 0',
            'heat/0/minutes: 0 is out of range; give 0.5 to 240 min.',
        ];
        yield 'layers over the rim' => [
            '"raw_g": 450',
            '"raw_g": 4500',
            'layers: they stand 29.7 cm high in a pot of 14.0 cm; give less, or a larger pot.',
        ];
        yield 'no JSON' => [
            '"pot": {',
            '"pot": ',
            'file: it is no JSON (syntax error); give an Orbek document as schema/ describes it.',
        ];
    }

    #[DataProvider('badCases')]
    public function test_lid_refuses_by_name_on_one_line(string $is, string $becomes, string $line): void
    {
        $case = (string) file_get_contents(dirname(__DIR__).'/Core/Lid/cases/potato-crust-cloth.json');
        self::assertStringContainsString($is, $case);
        $run = new Process(
            [PHP_BINARY, 'artisan', 'orbek:lid', '-', '--json'], dirname(__DIR__, 2), null,
            preg_replace('/'.preg_quote($is, '/').'/', $becomes, $case, 1),
        );
        $run->run();

        self::assertSame([1, '', $line."\n"], [$run->getExitCode(), $run->getOutput(), $run->getErrorOutput()]);
    }

    /** @return iterable<string, array{string, non-empty-string}> */
    public static function badOptions(): iterable
    {
        yield '--rice arborio' => [
            '--rice=arborio',
            '--rice: "arborio" is not known; give one of aged-basmati, new-basmati, persian, sella-basmati, brown-basmati, small-grain, white-long-grain.',
        ];
        yield '--soak -1' => ['--soak=-1', '--soak: -1 is out of range; give 0 to 2880 min.'];
        yield '--soak-temp 90' => ['--soak-temp=90', '--soak-temp: 90 is out of range; give 0 to 60 °C.'];
        yield '--raw a cup' => ['--raw=a cup', '--raw: "a cup" will not do; give a number from 10 to 20000 g.'];
        yield '--water 0' => ['--water=0', '--water: 0 is out of range; give 100 to 100000 g.'];
        yield '--power 1e99' => ['--power=1e99', '--power: 1.0E+99 is out of range; give 50 to 20000 W.'];
        yield '--altitude 9000' => ['--altitude=9000', '--altitude: 9000 is out of range; give -430 to 5500 m.'];
        yield '--saw out of order' => [
            '--saw=4:00=half --saw=3:00=half',
            '--saw: "4:00=half --saw=3:00=half" cannot be read; give MIN:SEC=STAGE',
        ];
        yield '--cook out of order' => [
            '--cook=4:00=half 3:00=snaps',
            '--cook: 3 min does not come after 4 min; give the tests in the order of time.',
        ];
        yield '--saw a stage nobody knows' => [
            '--saw=4:00=soggy',
            '--saw: "soggy" is not known; give one of snaps, half, rises, breaks, thread, point, done.',
        ];
        yield '--weighed too light' => [
            '--weighed=4:00=0.9',
            '--weighed: 0.9 is out of range; give 1 to 3.5 times the raw weight.',
        ];
        yield '--weighed too heavy' => [
            '--weighed=4:00=6',
            '--weighed: 6 is out of range; give 1 to 3.5 times the raw weight.',
        ];
        yield '--target 70' => ['--target=70', '--target: 70 is out of range; give 0.01 to 1.'];
    }

    /** @param  non-empty-string  $line */
    #[DataProvider('badOptions')]
    public function test_parboil_refuses_by_name_on_one_line(string $option, string $line): void
    {
        $run = self::ran('orbek:parboil', $option, '--json');

        self::assertSame(1, $run->getExitCode());
        self::assertSame('', $run->getOutput());
        self::assertStringStartsWith($line, $run->getErrorOutput());
        self::assertSame(1, substr_count(trim($run->getErrorOutput())."\n", "\n"));
    }

    public function test_parboil_learns_from_tests_and_from_earlier_cooks(): void
    {
        $seen = self::json(
            self::ran('orbek:parboil', '--saw=4:00=half', '--saw=5:00=rises', '--weighed=5:30=2.05', '--json'),
        );
        self::assertGreaterThan($seen['before']['0.70']['p10'], $seen['before']['0.70']['p50']);
        self::assertLessThan(
            $seen['before']['0.70']['p90'] - $seen['before']['0.70']['p10'],
            $seen['after']['0.70']['p90'] - $seen['after']['0.70']['p10'],
        );

        $slow = self::json(self::ran('orbek:parboil', '--cook=5:00=snaps 7:00=half', '--cook=7:00=half', '--json'));
        self::assertGreaterThan($seen['before']['0.70']['p50'] + 20, $slow['before']['0.70']['p50']);
        self::assertSame($slow['before'], $slow['after']);
        self::assertStringContainsString(
            'With the tests 0.70 between',
            self::ran('orbek:parboil', '--saw=4:00=half')->getOutput(),
        );
    }

    public function test_plan_reads_a_file_or_standard_input(): void
    {
        $dish = (string) file_get_contents(self::root().'/database/demo/sour-cherry-polo.json');
        $fromFile = self::json(self::ran('orbek:plan', 'database/demo/sour-cherry-polo.json', '--json'));
        $process = self::process('orbek:plan', '-', '--json');
        $process->setInput($dish)->run();

        $again = self::json(self::ran('orbek:plan', 'database/demo/sour-cherry-polo.json', '--json'));

        // When it is on the table, and what is said of that, depends on the minute it is asked in.
        self::assertContains(
            ['clashes' => []] + self::json($process), [['clashes' => []] + $fromFile, ['clashes' => []] + $again],
        );
        self::assertSame('orbek-plan/1', $fromFile['format']);
        self::assertSame('Turn out', $fromFile['tasks'][array_key_last($fromFile['tasks'])]['name']);
        self::assertStringContainsString(
            'Lift at 6 min 4 s, test from 4 min 54 s, by 7 min 34 s.',
            self::ran('orbek:plan', 'database/demo/sour-cherry-polo.json')->getOutput(),
        );
    }

    public function test_plan_takes_another_kitchen(): void
    {
        $high = tempnam(sys_get_temp_dir(), 'kitchen');
        self::assertIsString($high);
        file_put_contents(
            $high,
            str_replace(
                '"altitude_m": 640',
                '"altitude_m": 2400',
                (string) file_get_contents(self::root().'/database/demo/kitchen.json'),
            ),
        );
        $at640 = self::json(self::ran('orbek:plan', 'database/demo/sour-cherry-polo.json', '--json'));
        $at2400 = self::json(
            self::ran('orbek:plan', 'database/demo/sour-cherry-polo.json', "--kitchen={$high}", '--json'),
        );
        unlink($high);

        self::assertGreaterThan($at640['boil']['lift_at_s']['amount'], $at2400['boil']['lift_at_s']['amount']);
    }

    /** @return iterable<string, array{string, non-empty-string}> */
    public static function brokenDishes(): iterable
    {
        yield 'no JSON' => ['{"format":', 'file: it is no JSON (syntax error); give an Orbek document'];
        yield 'a list' => ['[1, 2]', 'file: it is no JSON object; give an Orbek document'];
        yield 'empty' => ['', 'file: it is no JSON (syntax error);'];
        yield 'wrong encoding' => ["{\"name\": \"Sauerkirsch\xe4\"}", 'file: the text is not UTF-8; save it as UTF-8.'];
        yield 'too large' => [str_repeat(' ', 1_000_001), 'file: 1.0 MB is too large; give at most 1 MB.'];
        yield 'something else' => ['{"hello": "world"}', 'format: is missing; give a text of 1 to 200 characters.'];
        yield 'too deep' => [
            str_repeat('{"a":', 40).'1'.str_repeat('}', 40),
            'file: it is no JSON (maximum stack depth exceeded);',
        ];
    }

    /** @param  non-empty-string  $line */
    #[DataProvider('brokenDishes')]
    public function test_a_broken_dish_file_gets_one_clear_line(string $text, string $line): void
    {
        $process = self::process('orbek:plan', '-', '--json');
        $process->setInput($text)->run();

        self::assertSame(1, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertStringStartsWith($line, $process->getErrorOutput());
        self::assertSame(1, substr_count(trim($process->getErrorOutput())."\n", "\n"));
    }

    public function test_a_misspelt_field_is_named(): void
    {
        $process = self::process('orbek:plan', '-');
        $process->setInput(
            str_replace(
                '"steam_holes"',
                '"steam_hoels"',
                (string) file_get_contents(self::root().'/database/demo/sour-cherry-polo.json'),
            ),
        )->run();

        self::assertSame(
            "file: additional object properties are not allowed: steam_hoels; compare schema/dish.json.\n",
            $process->getErrorOutput(),
        );
    }

    private static function ran(string ...$arguments): Process
    {
        $process = self::process(...$arguments);
        $process->run();

        return $process;
    }

    private static function process(string ...$arguments): Process
    {
        return new Process([PHP_BINARY, 'artisan', ...$arguments], self::root(), null, null, 60);
    }

    /** @return array<string, mixed> */
    private static function json(Process $process): array
    {
        self::assertSame('', $process->getErrorOutput());

        return json_decode($process->getOutput(), true, 512, JSON_THROW_ON_ERROR);
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
