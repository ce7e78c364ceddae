<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\TypedOrder;

/** Answers to begin an order with, and whether to take it. */
final readonly class OrderRequest
{
    /**
     * @param Answers $answers what was answered, as typed: once for the order, and of its first thing
     * @param list<Answers> $others what was answered of its other things
     * @param bool $take whether the order goes on to Size
     */
    public function __construct(public Answers $answers, public bool $take = false, public array $others = [])
    {
    }

    /** What was typed of the whole order. */
    public function order(): TypedOrder
    {
        return new TypedOrder($this->answers, array_values($this->others));
    }
}
