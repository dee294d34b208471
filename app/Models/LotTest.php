<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Orbek\Core\Kitchen\Bag;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Learning\TestBoil;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Reading;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;

/**
 * A spoonful of a bag boiled to learn from it: grains that were touched, or spoonfuls read under glass.
 *
 * @property string $id
 * @property string $lot
 * @property array{soak_min: float, soak_c: float, tests: list<Test>} $document
 * @property list<float> $likelihood of the day's factor, on the grid of FactorBelief
 * @property Carbon $tested_at
 *
 * @phpstan-type Test array{
 *     seconds: float, stage?: string, picture?: string, doneness?: float, sd?: float, hearts?: bool
 * }
 */
final class LotTest extends Model
{
    use BelongsToHousehold;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array{taught: array{lot: string, likelihood: list<float>}} what it teaches of its bag */
    public function lesson(): array
    {
        return ['taught' => ['lot' => $this->lot, 'likelihood' => $this->likelihood]];
    }

    /**
     * How a spoonful was soaked, as a form tells it in the degrees that are read.
     *
     * @throws Refused
     */
    public static function soak(Fields $form, Reading $reading): Soak
    {
        return Soak::of($form->number('soak_min', 0, 2880, 'min', 0), $reading->celsius($form->number(
            'soak_c', $reading->degrees(0), $reading->degrees(60), $reading->degrees->sign(), $reading->degrees(20),
        )));
    }

    /**
     * What each grain or spoonful says, in the order of time.
     *
     * @param  list<Test>  $tests
     * @return list<Observation>
     */
    public static function observations(array $tests): array
    {
        return array_map(static fn (array $one): Observation => isset($one['picture'])
            ? Observation::glass(
                $one['seconds'], $one['picture'], $one['doneness'] ?? 0.0, $one['sd'] ?? 1.0, $one['hearts'] ?? true,
            )
            : Observation::touched($one['seconds'], Stage::from($one['stage'] ?? '')), $tests);
    }

    /**
     * With its tests as they are now, what it teaches is reckoned anew.
     *
     * @param  list<Test>  $tests in the order of time
     *
     * @throws Refused when they are not
     */
    public static function teaching(Bag $bag, Soak $soak, CoreKitchen $kitchen, array $tests): self
    {
        return (new self)->forceFill([
            'lot' => $bag->id,
            'document' => ['soak_min' => $soak->minutes, 'soak_c' => $soak->celsius, 'tests' => $tests],
            'likelihood' => TestBoil::likelihood(
                $bag->kind, $soak, $kitchen->boilC(), $kitchen->site->roomC, self::observations($tests),
            ),
        ]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'likelihood' => 'array', 'tested_at' => 'datetime'];
    }
}
