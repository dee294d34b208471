<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Cook as Row;
use App\Models\Taught;
use App\Wording\Wording;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\Also;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\LidLooks;
use Orbek\Core\Cook\TasteSaid;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Plan\Plan;

/**
 * The record of a cook.
 *
 * @phpstan-import-type Summary from Cook
 */
final readonly class RecordPage
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /**
         * @var array{
         *     cook: Row, plan: Plan, fold: Cook,
         *     learned: list<array{what: Taught, with: FactorBelief, without: FactorBelief, isSalt?: bool}>
         * } $given
         */
        $given = $view->getData();
        $zone = $given['plan']->kitchen->site->timezone;
        $told = static function (FactorBelief $belief): string {
            $percent = (int) round(100 * ($belief->likely() - 1));

            return ($percent > 0 ? '+' : '')."{$percent} %";
        };
        $view->with([
            'noted' => $given['cook']->summary ?? [], 'also' => $this->also($given['cook']->summary ?? []),
            'zone' => $zone, 'left' => $given['fold']->leftovers(), 'looks' => LidLooks::of($given['fold']),
            'local' => fn (DateTimeInterface $time): string => $this->say->time(
                DateTimeImmutable::createFromInterface($time)->setTimezone($zone),
            ),
            'learned' => array_map(fn (array $one): array => $one + [
                'isStove' => $one['what'] === Taught::Stove,
                'of' => $this->say->say('pages/notebook.taught-of', what: $one['what']->value),
                'ends' => $one['what'] === Taught::Notes
                    ? array_map(fn (string $end): string => $this->say->say(
                        'pages/notebook.taught-end', isSalt: $one['isSalt'] ?? false, end: $end,
                    ), ['less', 'usual', 'more'])
                    : null, 'toldWith' => $told($one['with']),
                'toldWithout' => $told($one['without']),
            ], $given['learned']),
        ]);
    }

    /**
     * What else was noted, after the rest.
     *
     * @param  Summary  $noted
     */
    private function also(array $noted): string
    {
        $salt = TasteSaid::tryFrom($noted['salt'] ?? '');
        $also = array_map(
            fn (string $one): string => mb_strtolower($this->say->text($this->say->label(Also::from($one)))),
            $noted['also'] ?? [],
        );

        return implode('', array_map(static fn (string $one): string => ", {$one}", [
            ...($salt === null || $salt === TasteSaid::Right ? [] : [
                $this->say->text($this->say->label($salt, 'dish')),
            ]),
            ...$also,
        ]));
    }
}
