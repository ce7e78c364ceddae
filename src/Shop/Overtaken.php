<?php

declare(strict_types=1);

namespace Yelbo\Shop;

/** Somebody else changed the same thing first. */
final class Overtaken extends \RuntimeException
{
}
