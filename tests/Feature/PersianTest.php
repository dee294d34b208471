<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\Member;
use App\Models\Role;
use App\Wording\Wording;
use DateTimeImmutable;
use Illuminate\Support\Str;
use Orbek\Core\Care\Caution;
use Orbek\Core\Kitchen\FirstMinutes;
use Orbek\Core\Measure\Degrees;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Measure\Reading;
use Orbek\Core\Measure\Weekday;

/** Read in Persian: who chooses it, and how figures, days and names stand in it. */
final class PersianTest extends FeatureTestCase
{
    public function test_one_reads_in_persian_and_the_household_in_english(): void
    {
        $this->get('/shelf')->assertOk()->assertSee('<html lang="en" dir="ltr">', false)->assertSee('What is next');
        $this->from('/shelf')->post('/language', ['language' => 'fa'])->assertRedirect('/shelf');
        $this->get('/shelf')->assertOk()->assertSee('<html lang="fa" dir="rtl">', false)->assertSee('بعدی چیست')->assertSee('۷۹۷ گرم');
        $this->flushSession();
        $this->get('/shelf')->assertSee('What is next');
    }

    public function test_a_member_reads_in_a_language_of_his_own_on_every_device(): void
    {
        $join = static fn (string $name): Member => Member::join(
            Household::inUse(), Role::Member, Fields::of(['name' => $name, 'passphrase' => 'rice over low heat']),
        );
        [$ada, $shirin] = [$join('Ada'), $join('Shirin')];
        $this->actingAs($shirin)->post('/language', ['language' => 'fa'])->assertRedirect();
        $this->flushSession();
        $this->actingAs($shirin->refresh())->get('/shelf')->assertOk()->assertSee('بعدی چیست');
        $this->actingAs($ada->refresh())->get('/shelf')->assertOk()->assertSee('What is next');
    }

    public function test_a_household_reads_in_persian_from_then_on(): void
    {
        $kitchen = Kitchen::inUse();
        $said = ['kitchen' => $kitchen->id, 'version' => $kitchen->version, 'units' => 'grams', 'cup' => 'metric', 'salt' => 'fine', 'degrees' => 'celsius', 'hours' => '24'];
        $this->from('/kitchen')->post('/kitchen/units', $said + ['language' => 'tlh'])->assertStatus(422)->assertSee('tlh');
        self::assertNull(Kitchen::language());
        $this->post('/kitchen/units', $said + ['language' => 'fa'])->assertRedirect();
        $this->get('/kitchen')->assertOk()->assertSee('dir="rtl"', false)->assertSee('قفسهٔ برنج');
        self::assertSame(Weekday::Saturday, Kitchen::core()->reading->weekStarts);
    }

    public function test_what_is_named_in_persian_is_stored_without_unseen_signs(): void
    {
        $this->from('/begin')->post('/language', ['language' => 'fa'])->assertRedirect();
        foreach (FirstMinutes::STEPS as $step) {
            $said = $step === 'rings' ? ['rings' => [['knob' => 'boost', 'kind' => 'induction']]] : [];
            $this->post("/begin/{$step}", $said + ($step === 'oven' ? ['oven' => '1', 'cooker' => '1'] : []));
        }
        $this->post('/begin/dish', ['made' => strtolower((string) Str::ulid()), 'school' => 'one-pot'])->assertRedirect();
        $home = Kitchen::core()->toArray();
        self::assertSame('شعلهٔ ۱', $home['burners'][0]['name']);
        self::assertSame([...array_map(strval(...), range(1, 9)), 'تند'], array_column($home['burners'][0]['knob']['marks'], 'mark'));
        $stored = (string) json_encode([$home, Dish::query()->pluck('name')], JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('پلوپز', $stored);
        self::assertDoesNotMatchRegularExpression('/[\x{200E}\x{200F}\x{2066}-\x{2069}]/u', $stored);
    }

    public function test_an_unknown_language_is_refused_by_name(): void
    {
        $this->postJson('/language', ['language' => 'tlh'])->assertStatus(422)->assertSee('tlh')->assertSee('en, fa');
    }

    public function test_a_long_name_is_broken_between_its_words_never_in_a_letter(): void
    {
        $say = new Wording(lang_path(), locale: 'fa');

        self::assertSame(['آلبالو پلو', 'با ران مرغ', 'و زعفران'], $say->lines('آلبالو پلو با ران مرغ و زعفران', 12));
        self::assertSame(['زردآلو', 'خشک'], (new Wording(lang_path()))->lines('زردآلو خشک', 9), 'in English too');
        self::assertSame(['Low heat, on', "Ring\u{A0}1"], (new Wording(lang_path()))->lines('Low heat, on Ring 1', 12), 'one name');
    }

    public function test_figures_days_and_names_stand_as_readers_expect(): void
    {
        $say = new Wording(lang_path(), locale: 'fa');
        $mark = "\u{200F}";
        self::assertSame("{$mark}۱٫۳۵ کیلو", $say->amount(Quantity::grams(1352)));
        self::assertSame("{$mark}۵ دقیقه و ۴۳ ثانیه", $say->amount(Figure::seconds(343, 'because')->quantity()));
        self::assertSame('شنبه ۱۴ آذر', $say->dated(new DateTimeImmutable('2026-12-05 12:00'), 'day'));
        self::assertSame('۱۴ آذر ۱۴۰۵', $say->dated(new DateTimeImmutable('2026-12-05 12:00'), 'date-year'));
        self::assertSame('۱۹:۳۰', $say->time(new DateTimeImmutable('2026-12-05 19:30')));
        self::assertSame('شیر، تخم‌مرغ', $say->list([Note::name('شیر'), Note::name('تخم‌مرغ')]));
        // A name of another script keeps its order and its figures.
        self::assertSame("در \u{2068}28 cm aluminium, 9 L\u{2069} دم کنید", $say->say('mending.in-the-pot', pot: '28 cm aluminium, 9 L'));
        $warm = new Wording(lang_path(), static fn (): Reading => new Reading(degrees: Degrees::Fahrenheit), 'fa');
        self::assertStringContainsString('۱۶۵ درجهٔ فارنهایت', $warm->label(Caution::Core, 'says'));
    }
}
