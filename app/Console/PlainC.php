<?php

declare(strict_types=1);

namespace App\Console;

use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Pot\Matter;
use ReflectionProperty;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** The same arithmetic as a plain C loop, where a compiler is there, so that PHP's figure has something to stand beside. */
final class PlainC
{
    private const RUNS = 200;

    /**
     * One stretch of heat under a lid without a cloth, followed by a compiled loop.
     *
     * @return array{ms: float, browning: float, leak_g: float}|null null without a compiler
     */
    public static function follow(SealedPot $pot, HeatBlock $block, float $stepS): ?array
    {
        $compiler = (new ExecutableFinder)->find('cc') ?? (new ExecutableFinder)->find('gcc');
        if ($compiler === null) {
            return null;
        }
        $binary = tempnam(sys_get_temp_dir(), 'orbek-c-');
        (new Process([$compiler, '-O2', '-o', (string) $binary, __DIR__.'/steaming.c', '-lm']))->mustRun();
        $run = new Process([(string) $binary], null, null, self::input($pot, $block, $stepS));
        $run->mustRun();
        unlink((string) $binary);
        [$ms, $browning, $leak] = array_map(floatval(...), explode(' ', trim($run->getOutput())));

        return ['ms' => $ms, 'browning' => $browning, 'leak_g' => $leak];
    }

    private static function input(SealedPot $pot, HeatBlock $block, float $stepS): string
    {
        $steaming = new Steaming($pot);
        $own = static fn (string $name): array => (array) (new ReflectionProperty(Steaming::class, $name))->getValue($steaming);
        $lines = [implode(' ', [count($steaming->celsius), $pot->areaM2(), $pot->boilC, $pot->baseJPerK, $block->setting * $pot->netW, (int) $block->plate, $pot->seal->leakShare(), $pot->layers[0]->browns, $steaming->baseC, Steaming::WET_SHARE * $pot->layers[0]->dryKg / count(array_keys($steaming->layerOf, 0, true)), 60 * $block->minutes, $stepS, self::RUNS])];
        foreach ($steaming->layerOf as $i => $index) {
            $layer = $pot->layers[$index];
            $lines[] = implode(' ', array_map(static fn (int|float $value): string => (string) $value, [
                (int) ($layer->matter === Matter::Rice), (int) ($layer->matter === Matter::Filling), $steaming->celsius[$i], $own('heat')[$i], $own('dryJ')[$i], $steaming->free[$i], $steaming->bound[$i], $own('least')[$i],
                $own('raw')[$i], $layer->fullUptake, max(1.0, $layer->tauS), $steaming->core[$i], $layer->lagS, $layer->tenderS, $steaming->tenderness[$i], $own('juice')[$i], $own('through')[$i] ?? 0.0, $own('wall')[$i],
            ]));
        }

        return implode("\n", $lines)."\n";
    }
}
