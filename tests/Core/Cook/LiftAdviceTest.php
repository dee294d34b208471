<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use Orbek\Core\Cook\LiftAdvice;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class LiftAdviceTest extends TestCase
{
    public function test_nothing_is_said_while_nothing_is_wrong(): void
    {
        $plan = Sample::plan();

        self::assertSame([], LiftAdvice::at($plan, Sample::boil($plan)->forecast, 0));
        self::assertSame([], LiftAdvice::at($plan, Sample::boil($plan)->forecast, Sample::boil($plan)->liftAt->amount));
    }

    public function test_rice_past_its_target_is_told_what_is_left_to_do_with_figures_of_its_own(): void
    {
        $plan = Sample::plan(Sample::polo()->changed('water/stage', 'rises'));
        $late = Sample::boil($plan)->liftAt->amount + 300;
        $says = LiftAdvice::at($plan, Sample::boil($plan)->forecast, $late);

        self::assertCount(3, $says);
        self::assertStringContainsString(
            sprintf('likely %d %%', (int) round(100 * Sample::boil($plan)->forecast->donenessInPot($late))),
            Sample::say($says[0]),
        );
        self::assertStringContainsString('Rinse it cold at once', Sample::say($says[1]));
        self::assertMatchesRegularExpression(
            '/about [1-9]\d* min less under the lid, and holds \d{2,} g more water/',
            Sample::say($says[2]),
        );
    }

    public function test_rice_that_is_rinsed_anyway_is_not_told_to_rinse(): void
    {
        $plan = Sample::plan(Sample::polo()->changed('water/drain', 'rinse')->changed('water/stage', 'rises'));
        $says = LiftAdvice::at($plan, Sample::boil($plan)->forecast, Sample::boil($plan)->liftAt->amount + 180);

        self::assertStringContainsString('Lift now', Sample::say($says));
        self::assertStringNotContainsString('Rinse', Sample::say($says));
    }
}
