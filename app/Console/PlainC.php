<?php

declare(strict_types=1);

namespace App\Console;

use Orbek\Core\Lid\Fire;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stack;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\Uptake;
use ReflectionProperty;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * The same arithmetic as a plain C loop, where a compiler is there, so that PHP's figure has something to stand beside.
 */
final class PlainC
{
    private const RUNS = 200;

    /**
     * One stretch of heat under a lid without a cloth, followed by a compiled loop.
     *
     * @return array{ms: float, browning: float, leak_g: float}|null null without a compiler
     */
    public static function follow(SealedPot $pot, Stretch $stretch, float $stepS): ?array
    {
        $compiler = (new ExecutableFinder)->find('cc') ?? (new ExecutableFinder)->find('gcc');
        if ($compiler === null) {
            return null;
        }
        $binary = tempnam(sys_get_temp_dir(), 'orbek-c-');
        (new Process([$compiler, '-O2', '-o', (string) $binary, base_path('tools/steaming.c'), '-lm']))->mustRun();
        $run = new Process([(string) $binary], null, null, self::input($pot, $stretch, $stepS));
        $run->mustRun();
        unlink((string) $binary);
        [$ms, $browning, $leak] = array_map(floatval(...), explode(' ', trim($run->getOutput())));

        return ['ms' => $ms, 'browning' => $browning, 'leak_g' => $leak];
    }

    private static function input(SealedPot $pot, Stretch $stretch, float $stepS): string
    {
        $steaming = new Steaming($pot);
        $stack = new Stack($pot);
        $fire = Fire::under($pot, $stretch->flame, $stepS, $stack->lagS);
        $own =
            static fn (string $name): array => (array) (
                new ReflectionProperty(Steaming::class, $name)
            )->getValue($steaming);
        [$heat, $insideHolds] = [$own('heat'), $own('insideHoldsJ')];
        $isWet = $pot->layers[0]->matter === Matter::Filling;
        $lines = [[
            count($steaming->celsius), $pot->areaM2(), $pot->boilC, $pot->baseJPerK,
            $fire->flameW, $fire->plateJ, $fire->plateW, $fire->plateLossW, $fire->baseLossW, $fire->lidLossW,
            $fire->lidJ,
            $pot->seal->leakShare, $pot->layers[0]->browns, $steaming->baseC,
            $isWet ? Stack::WET_SHARE * $stack->dryKg[0] : 0.0, 60 * $stretch->minutes, $stepS, self::RUNS,
        ]];
        foreach ($steaming->layerOf as $i => $index) {
            $matter = $pot->layers[$index]->matter;
            $lines[] = [
                (int) ($matter === Matter::Rice), (int) ($matter === Matter::Filling),
                (int) in_array($i, $stack->falls, true),
                $steaming->celsius[$i], $heat[$i], $insideHolds[$i] * $steaming->insideC[$i], $stack->dryJ[$i],
                $stack->insideDryJ[$i],
                $steaming->free[$i], $steaming->bound[$i], $steaming->inside[$i], $stack->leastKg[$i], $stack->raw[$i],
                $matter === Matter::Rice ? Uptake::DRY_SHARE + $stack->fullKg[$i] / $stack->raw[$i] : 0.0,
                max(1.0, $stack->tauS[$i]), $steaming->core[$i], $stack->lagS[$i],
                $stack->tenderS[$i],
                $steaming->tenderness[$i], $steaming->insideC[$i], $stack->juice[$i], $stack->through[$i] ?? 0.0,
                $stack->wall[$i], $stack->holdsKg[$i],
            ];
        }
        $bed = $own('vapourWPerMK');
        array_push($lines, [count($bed)], $bed, ...array_map(
            static fn (int $i): array => $stack->bed[$i] ?? [0.0, 0.0, 0.0, 0.0], array_keys($steaming->celsius),
        ));
        $text = static fn (array $values): string => implode(
            ' ', array_map(static fn (int|float $value): string => (string) $value, $values),
        );

        return implode("\n", array_map($text, $lines))."\n";
    }
}
