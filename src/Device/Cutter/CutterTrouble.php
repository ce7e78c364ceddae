<?php

declare(strict_types=1);

namespace Yelbo\Device\Cutter;

/** The machine does not answer, or will not do what it was asked; the message says why. */
final class CutterTrouble extends \RuntimeException
{
}
