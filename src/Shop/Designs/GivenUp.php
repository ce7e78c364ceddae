<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** What was being worked out is not waited for any more. */
final class GivenUp extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('Nobody waits for this any more. Ask again where it is wanted after all.');
    }
}
