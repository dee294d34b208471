<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Wording\Language;
use App\Wording\MadeUp;
use App\Wording\Pattern;
use App\Wording\Wording;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use MessageFormatter;
use PHPUnit\Framework\Attributes\TestWith;

/** Every word in one place: languages as folders, held to the same keys and arguments. */
final class LanguageTest extends FeatureTestCase
{
    public function test_all_languages_say_the_same_with_the_same_arguments(): void
    {
        $first = Language::of(lang_path(), Wording::FIRST);
        self::assertGreaterThan(2000, count($first->messages));
        foreach (Language::all(lang_path()) as $locale) {
            self::assertSame([], Language::of(lang_path(), $locale)->against($first), $locale);
        }
        self::assertSame(0, Artisan::call('orbek:words'));
        self::assertStringContainsString('en: ', Artisan::output());
        self::assertSame(2, Artisan::call('orbek:words', ['locale' => 'xx']));
        self::assertStringContainsString('"xx" has no folder', Artisan::output());
    }

    /** A number sign in a choice inside a plural is no number: ICU leaves it as it stands. */
    public function test_no_number_sign_is_left_in_what_is_said(): void
    {
        foreach (Language::all(lang_path()) as $locale) {
            foreach (Language::of(lang_path(), $locale)->messages as $key => $message) {
                foreach (str_contains($message, '#') ? ['yes', 'other'] : [] as $choice) {
                    preg_match_all('/\{(\w+), select/', $message, $selects);
                    $given = array_fill_keys($selects[1], $choice) + array_fill_keys(Pattern::arguments($message), 7);
                    $said = MessageFormatter::formatMessage($locale, $message, $given);
                    self::assertIsString($said, "{$locale}: {$key}");
                    self::assertStringNotContainsString('#', $said, "{$locale}: {$key}");
                }
            }
        }
    }

    /** @param  list<string>  $names */
    #[TestWith(['Read', []])]
    #[TestWith(['{a} of {b}', ['a', 'b']])]
    #[TestWith(['{is, select, yes{past} other{short of {it}}}', ['is', 'it']])]
    #[TestWith(['{n, plural, =0{none} one{# {thing}} other{# of {what, select, a{{x}} other{b}}}}', ['n', 'thing', 'what', 'x']])]
    public function test_what_a_message_takes_is_read_out_of_it(string $message, array $names): void
    {
        self::assertSame($names, Pattern::arguments($message));
    }

    public function test_what_a_language_lacks_is_told_by_its_key(): void
    {
        $folder = sys_get_temp_dir().'/orbek-words-'.getmypid();
        File::ensureDirectoryExists("{$folder}/en/pages");
        File::ensureDirectoryExists("{$folder}/fa/pages");
        File::put("{$folder}/en/pages/stove.php", "<?php return ['read' => 'Read', 'at' => 'at {at}', 'so' => '{n} so'];");
        File::put("{$folder}/fa/pages/stove.php", "<?php return ['at' => '{when}', 'so' => '{n', 'odd' => 'x'];");
        $wrong = Language::of($folder, 'fa')->against(Language::of($folder, 'en'));
        File::deleteDirectory($folder);
        self::assertContains('pages/stove.read is missing: Read', $wrong);
        self::assertContains('pages/stove.odd is said nowhere', $wrong);
        self::assertContains('pages/stove.at takes when and not at', $wrong);
        self::assertContains('pages/stove.so cannot be read: {n', $wrong);
    }

    public function test_the_made_up_language_is_longer_in_brackets_and_keeps_its_arguments(): void
    {
        self::assertSame('[Řéád··]', MadeUp::of('Read'));
        $said = MadeUp::of('{is, select, yes{past <b>{at}</b>} other{short}}');
        self::assertSame(['at', 'is'], Pattern::arguments($said));
        self::assertStringContainsString('<b>{at}</b>', $said);
        self::assertStringStartsWith('^[', MadeUp::of('^{n} so'));

        config(['orbek.locale' => MadeUp::LOCALE]);
        $this->get('/shelf')->assertOk()->assertSee('<html lang="en" dir="ltr">', false)->assertSee('[Whát ís ñéxt', false)
            ->assertDontSee('What is next');
    }

    public function test_an_address_that_is_nowhere_is_answered_in_a_page_of_its_own_with_a_way_back(): void
    {
        $this->get('/nowhere')->assertNotFound()->assertSee('There is nothing at this address')->assertSee('href="/shelf"', false);
        $this->get('/dishes/nowhere')->assertNotFound()->assertSee('There is nothing at this address')
            ->assertSee('href="/shelf"', false);
    }

    public function test_what_a_sentence_is_given_is_escaped_and_days_are_written_by_the_language(): void
    {
        $say = new Wording(lang_path());
        self::assertSame(
            '<strong>&lt;b&gt;</strong>, 1.0 kg', $say->html('pages/kitchen.kg', plate: '<b>', kg: '1.0')->toHtml(),
        );
        $day = new DateTimeImmutable('2026-12-05 23:30', new DateTimeZone('America/Lima'));
        self::assertSame('Saturday 5 December', $say->dated($day, 'day'));
        self::assertSame('5 December 2026, 23:30', $say->dated($day, 'date-year-hour'));
        self::assertSame('[Sátúřdáý 5 Déçémbéř·······]', (new Wording(lang_path(), null, MadeUp::LOCALE))->dated($day, 'day'));
    }
}
