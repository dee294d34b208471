<?php

declare(strict_types=1);

/*
 * ./orbek mutate [FOLDER …] [--most=N] [--show]: changes the rules of core/ one at a time (a comparison moved, a constant
 * a tenth up or down, a min or max or a term dropped, a guard taken out) and says how many of the changes the folder's
 * own tests notice. It works on a copy; nothing here is touched. --most takes so many of a folder, evenly spread; --show
 * tells each change that nothing noticed.
 */

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar;
use PhpParser\Node\Stmt;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use Symfony\Component\Process\Process;

require dirname(__DIR__).'/vendor/autoload.php';

/** What is changed and by whose tests it should be noticed. */
const RULES = [
    'core/Rice' => 'tests/Core/Rice', 'core/Water' => 'tests/Core/Water', 'core/Filling' => 'tests/Core/Filling',
    'core/Pot' => 'tests/Core/Pot', 'core/Care' => 'tests/Core/Care', 'core/Learning' => 'tests/Core/Learning',
    'core/Heat/Aim.php' => 'tests/Core/Heat', 'core/Heat/Limit.php' => 'tests/Core/Heat',
    'core/Plan/Mend/Cautions.php' => 'tests/Core/Plan/CautionsTest.php',
];

const LONGEST_S = 90;

const MOVED = ['<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '===' => '!==', '!==' => '==='];

/**
 * @return list<array{int, int, string, string}> from, to, what stands there instead, and what kind of change it is
 */
function changes(string $code): array
{
    $parser = (new ParserFactory)->createForHostVersion();
    $found = [];
    $text = static fn (Node $node): string => substr($code, $node->getStartFilePos(), $node->getEndFilePos() - $node->getStartFilePos() + 1);
    $put = static function (Node $node, string $instead, string $kind) use (&$found): void {
        $found[] = [$node->getStartFilePos(), $node->getEndFilePos() + 1, $instead, $kind];
    };
    foreach ((new NodeFinder)->find($parser->parse($code) ?? [], static fn (): bool => true) as $node) {
        if ($node instanceof Expr\BinaryOp && isset(MOVED[$node->getOperatorSigil()])) {
            $put($node, $text($node->left).' '.MOVED[$node->getOperatorSigil()].' '.$text($node->right), 'comparison');
        } elseif ($node instanceof Expr\BinaryOp\Plus || $node instanceof Expr\BinaryOp\Minus || $node instanceof Expr\BinaryOp\Mul) {
            if (! $node->right instanceof Scalar\Int_ && ! $node->left instanceof Expr\Array_) {
                $put($node, $text($node->left), 'term');
            }
        } elseif ($node instanceof Expr\FuncCall && $node->name instanceof Node\Name && in_array($node->name->toString(), ['min', 'max'], true) && count($node->args) === 2) {
            $last = $node->args[1];
            if ($last instanceof Node\Arg) {
                $put($node, '('.$text($last->value).')', 'min or max');
            }
        } elseif ($node instanceof Scalar\Float_ && $node->value !== 0.0) {
            $put($node, sprintf('%.10F', 1.1 * $node->value), 'constant');
            $put($node, sprintf('%.10F', 0.9 * $node->value), 'constant');
        } elseif ($node instanceof Scalar\Int_ && $node->value >= 3) {
            $put($node, (string) (int) max($node->value + 1, round(1.1 * $node->value)), 'constant');
        } elseif ($node instanceof Stmt\If_ && $node->else === null && $node->elseifs === [] && count($node->stmts) === 1) {
            $only = $node->stmts[0];
            if ($only instanceof Stmt\Return_ || ($only instanceof Stmt\Expression && $only->expr instanceof Expr\Throw_)) {
                $put($node, '', 'guard');
            }
        }
    }

    return $found;
}

$asked = array_values(array_filter(array_slice($argv, 1), static fn (string $one): bool => ! str_starts_with($one, '--')));
$most = PHP_INT_MAX;
$shows = in_array('--show', $argv, true);
foreach ($argv as $one) {
    $most = preg_match('/^--most=(\d+)$/', $one, $given) === 1 ? max(1, (int) $given[1]) : $most;
}
foreach ($asked as $one) {
    if (! isset(RULES[rtrim($one, '/')])) {
        fwrite(STDERR, "\"{$one}\" is not known; give one of ".implode(', ', array_keys(RULES)).".\n");
        exit(1);
    }
}

$root = dirname(__DIR__);
$copy = sys_get_temp_dir().'/orbek-mutate-'.getmypid();
(new Process(['mkdir', '-p', $copy]))->mustRun();
(new Process(['bash', '-c', "cp -r core app lang schema database tests vendor compat composer.json phpunit.xml config bootstrap {$copy}/"], $root, null, null, 300))->mustRun();
register_shutdown_function(static fn () => (new Process(['rm', '-rf', $copy]))->run());

$sum = ['tried' => 0, 'noticed' => 0];
foreach ($asked === [] ? RULES : array_intersect_key(RULES, array_flip(array_map(static fn (string $one): string => rtrim($one, '/'), $asked))) as $rules => $tests) {
    $files = is_dir("{$root}/{$rules}") ? (glob("{$root}/{$rules}/*.php") ?: []) : ["{$root}/{$rules}"];
    $all = [];
    foreach ($files as $file) {
        foreach (changes((string) file_get_contents($file)) as $change) {
            $all[] = [$file, ...$change];
        }
    }
    $every = max(1.0, count($all) / $most);
    $tried = $noticed = 0;
    $missed = [];
    for ($at = 0.0; (int) $at < count($all); $at += $every) {
        [$file, $from, $to, $instead, $kind] = $all[(int) $at];
        $code = (string) file_get_contents($file);
        $there = $copy.substr($file, strlen($root));
        file_put_contents($there, substr($code, 0, $from).$instead.substr($code, $to));
        $run = new Process([
            PHP_BINARY, '-d', 'pcov.enabled=0', '-d', 'memory_limit=1G', 'vendor/bin/phpunit', '--no-progress', '--no-output',
            '--stop-on-failure', '--stop-on-error', $tests,
        ], $copy, null, null, LONGEST_S);
        try {
            $isNoticed = $run->run() !== 0;
        } catch (Symfony\Component\Process\Exception\ProcessTimedOutException) {
            $isNoticed = true;
        }
        file_put_contents($there, $code);
        $tried++;
        $noticed += $isNoticed ? 1 : 0;
        if (! $isNoticed) {
            $line = 1 + substr_count(substr($code, 0, $from), "\n");
            $was = trim((string) preg_replace('/\s+/', ' ', substr($code, $from, $to - $from)));
            $missed[] = sprintf('    %s:%d %s: %s → %s', basename($file), $line, $kind, mb_strimwidth($was, 0, 60, '…'), mb_strimwidth($instead === '' ? 'nothing' : $instead, 0, 40, '…'));
        }
    }
    printf("%-24s %4d of %4d noticed, %3d %%\n", $rules, $noticed, $tried, $tried === 0 ? 100 : round(100 * $noticed / $tried));
    echo $shows ? implode("\n", $missed).($missed === [] ? '' : "\n") : '';
    $sum = ['tried' => $sum['tried'] + $tried, 'noticed' => $sum['noticed'] + $noticed];
}
printf("All: %d of %d noticed, %d %%\n", $sum['noticed'], $sum['tried'], $sum['tried'] === 0 ? 100 : round(100 * $sum['noticed'] / $sum['tried']));
