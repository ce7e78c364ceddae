<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** Where the lines of a stack line up. */
enum Align: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';

    /** As it is chosen. */
    public function label(): string
    {
        return match ($this) {
            self::Left => 'Left',
            self::Centre => 'Centred',
            self::Right => 'Right',
        };
    }
}
