<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** Where the lines of a stack line up. */
enum Align: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';
}
