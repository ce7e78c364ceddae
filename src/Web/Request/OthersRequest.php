<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Yelbo\Shop\Orders\Answers;

/** The other things of an order. */
final readonly class OthersRequest
{
    /** @param list<Answers> $others what was answered of its other things than the one in hand */
    public function __construct(public array $others = [])
    {
    }
}
