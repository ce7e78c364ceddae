<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

/** There is no such thing in the shop's records. */
final class NotFound extends \RuntimeException
{
}
