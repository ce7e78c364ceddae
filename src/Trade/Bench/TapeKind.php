<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

/** The transfer tapes a shop keeps. Source: handbook section 10. */
enum TapeKind: string
{
    case Clear = 'clear';
    case Strong = 'strong';
    case Paper = 'paper';

    /** By the name on a roll: clear where it says neither strong nor paper. */
    public static function named(string $name): self
    {
        return match (1) {
            preg_match('~paper|low tack~iu', $name) => self::Paper,
            preg_match('~strong|high tack~iu', $name) => self::Strong,
            default => self::Clear,
        };
    }

    /** As it is chosen. */
    public function label(): string
    {
        return match ($this) {
            self::Clear => 'Clear, medium tack',
            self::Strong => 'Clear, strong',
            self::Paper => 'Paper, low tack',
        };
    }

    /** In a sentence. */
    public function inWords(): string
    {
        return match ($this) {
            self::Clear => 'clear tape of medium tack',
            self::Strong => 'strong clear tape',
            self::Paper => 'paper tape of low tack',
        };
    }
}
