<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

/** Marks a list that pages ask for again and again: who has the newest is told so, and nothing is read for it. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Polled
{
}
