<?php

declare(strict_types=1);

namespace Yelbo\Trade;

/** A program of the machine that was not to be had, failed, or was given more than it may take. */
final class ProgramTrouble extends \RuntimeException
{
    /** @param bool $isTooMuch whether less of the same would do */
    public function __construct(string $message, public readonly bool $isTooMuch, ?\Throwable $previous = null)
    {
        parent::__construct($message, 0, $previous);
    }
}
