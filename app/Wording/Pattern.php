<?php

declare(strict_types=1);

namespace App\Wording;

use Closure;

/** An ICU message as it is written in lang/, walked through: its text, and what it is given. */
final readonly class Pattern
{
    /**
     * @param  Closure(string): string  $text what becomes of a run of text, in a branch too
     * @param  Closure(string): void  $given told the name of each argument
     */
    private function __construct(private string $pattern, private Closure $text, private Closure $given)
    {
    }

    /**
     * The message with its text made other; what stands in braces but the text of branches stays.
     *
     * @param  Closure(string): string  $text
     */
    public static function saying(string $pattern, Closure $text): string
    {
        $at = 0;

        return (new self($pattern, $text, static function (): void {
        }))->branch($at);
    }

    /** @return list<string> the names of what it is given, in the order of the alphabet */
    public static function arguments(string $pattern): array
    {
        $names = [];
        $at = 0;
        $keep = static function (string $name) use (&$names): void {
            $names[$name] = true;
        };
        (new self($pattern, static fn (string $text): string => $text, $keep))->branch($at);
        $names = array_keys($names);
        sort($names);

        return $names;
    }

    /** Up to the end of the message, or of the branch that it stands in. */
    private function branch(int &$at): string
    {
        $said = '';
        while (($sign = $this->pattern[$at] ?? '}') !== '}') {
            if ($sign === '{') {
                $said .= $this->argument($at);

                continue;
            }
            $long = strcspn($this->pattern, '{}', $at);
            $said .= ($this->text)(substr($this->pattern, $at, $long));
            $at += $long;
        }

        return $said;
    }

    /** {name}, {name, type} or {name, select, yes{…} other{…}}; one that is not closed ends with the message. */
    private function argument(int &$at): string
    {
        $at++;
        ($this->given)(substr($this->pattern, $at, strcspn($this->pattern, ',}', $at)));
        $said = '{';
        while (($sign = $this->pattern[$at] ?? '}') !== '}') {
            $at++;
            if ($sign === '{') {
                $said .= '{'.$this->branch($at).'}';
                $at++;
            } else {
                $said .= $sign;
            }
        }
        $at++;

        return "{$said}}";
    }
}
