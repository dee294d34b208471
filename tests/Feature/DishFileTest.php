<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

final class DishFileTest extends FeatureTestCase
{
    public function test_every_demo_dish_goes_out_and_comes_back_the_same(): void
    {
        self::assertSame(11, Dish::query()->count());
        foreach (Dish::query()->get() as $dish) {
            $out = $this->get(route('dish.export', $dish))->assertOk()->assertHeader(
                'Content-Type',
                'application/json',
            );
            $json = (string) $out->getContent();
            self::assertSame($dish->document, json_decode($json, true));

            $this->upload($json)->assertOk()->assertSee($dish->name)->assertSee('Nothing is kept yet')->assertSee(
                'of this name on the shelf already',
            );
            $this->post(route('dish.import'), ['document' => $json])->assertRedirect();
            self::assertSame(2, Dish::query()->where('name', $dish->name)->count());
            self::assertEquals(
                $dish->document,
                Dish::query()->where('name', $dish->name)->latest('id')->firstOrFail()->document,
            );
        }
    }

    public function test_what_is_no_dish_is_refused_at_the_door_and_nothing_is_kept(): void
    {
        $polo = (string) json_encode($this->dish()->document);
        foreach ([
            ['{"format":', 'file: it is no JSON (syntax error);'],
            ["\xff\xfe{}", 'file: the text is not UTF-8;'],
            [str_repeat('x', 5_000_000), 'file: 5.0 MB is too large; give at most 1 MB.'],
            [
                '{"format": "orbek-kitchen/1"}',
                'format: "orbek-kitchen/1" is not known; give one of orbek-dish/2, orbek-dish/1.',
            ],
            [
                str_replace('"of_rice":2.1', '"of_rice":-2.1', $polo),
                'fillings/0/parts/0/of_rice: -2.1 is out of range;',
            ],
            [
                str_replace('"steel-24"', '"cauldron"', str_replace('"aluminium-28"', '"cauldron"', $polo)),
                'water/pot: "cauldron" is not known; give one of iron-20, steel-24, aluminium-28, cooker.',
            ],
        ] as [$content, $message]) {
            $this->upload($content)->assertStatus(422)->assertSee($message);
            $this->post(route('dish.import'), ['document' => $content])->assertStatus(422);
        }
        $this->post(route('dish.preview'))->assertStatus(422)->assertSee('file: is missing; choose an Orbek dish.');

        self::assertSame(11, Dish::query()->count());
    }

    public function test_script_in_a_name_stays_text(): void
    {
        $this->upload(
            (string) json_encode($this->dish()->core()->changed('name', '<script>alert(1)</script>')->toArray()),
        )
            ->assertOk()->assertSee('<script>alert(1)</script>')->assertDontSee('<script>alert(1)', false);
    }

    public function test_a_dish_is_copied_put_away_and_taken_out_again(): void
    {
        $dish = $this->dish();
        $this->post(route('dish.copy', $dish))->assertRedirect();
        self::assertSame(1, Dish::query()->where('name', $dish->name.', a copy')->count());

        $this->post(route('dish.away', $dish))->assertRedirect('/shelf');
        self::assertNull(Dish::query()->find($dish->id));
        $this->get('/shelf')->assertSee('is put away.');
        $this->get(route('pot', $dish->id))->assertNotFound();
        $this->post(route('dish.back', $dish->id))->assertRedirect('/shelf');
        self::assertSame($dish->name, $this->dish()->name);
    }

    /** @return TestResponse<Response> */
    private function upload(string $content): TestResponse
    {
        return $this->post(
            route('dish.preview'),
            ['file' => UploadedFile::fake()->createWithContent('dish.json', $content)],
        );
    }
}
