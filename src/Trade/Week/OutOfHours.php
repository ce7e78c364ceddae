<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

/** The hours that are known do not hold the work: more have to be looked ahead. */
final class OutOfHours extends \RuntimeException
{
}
