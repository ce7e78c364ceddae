<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

/** The database does not answer: whether what was just asked for was kept is not known until it does. */
final class Unreachable extends \RuntimeException
{
    public function __construct(?\Throwable $fault = null)
    {
        parent::__construct('The records cannot be reached just now.', 0, $fault);
    }
}
