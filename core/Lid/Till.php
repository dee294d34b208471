<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** What ends a stretch of heat where not its minutes do: something that eye, hand or ear tell. */
enum Till: string
{
    case Steam = 'steam';
    case LidHot = 'lid-hot';
    case Sizzle = 'sizzle';

    /** A lid that a hand does not stay on. */
    public const LID_HOT_C = 55.0;

    /** The base sizzles when the face of what lies on it is past the boil. */
    private const OVER_BOIL_C = 4.0;

    /** What sizzles sooner is the hot fat that it was laid in, s. */
    private const SETTLED_S = 120.0;

    /** Whether a pot shows it. */
    public function isShown(Steaming $steaming): bool
    {
        return match ($this) {
            self::Steam => $steaming->steamAtLidS !== null,
            self::LidHot => $steaming->lidC >= self::LID_HOT_C,
            self::Sizzle => $steaming->seconds >= self::SETTLED_S
                && $steaming->faceC >= $steaming->pot->boilC + self::OVER_BOIL_C,
        };
    }

    /** What older documents told in words of their own. */
    public static function read(string $text): self
    {
        return self::tryFrom($text) ?? match (true) {
            str_contains($text, 'hot') => self::LidHot,
            str_contains($text, 'sizzl'), str_contains($text, 'toast') => self::Sizzle,
            default => self::Steam,
        };
    }
}
