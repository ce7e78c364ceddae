<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\TypedOrder;

/** Answers to an order already begun. */
final readonly class AnswersRequest
{
    /**
     * @param int $version the version of the docket as it was read
     * @param Answers $answers what was answered, as typed: once for the order, and of its first thing
     * @param list<Answers> $others what was answered of its other things
     * @param bool $take whether the order goes on to Size
     */
    public function __construct(
        public int $version,
        public Answers $answers,
        public bool $take = false,
        public array $others = [],
    ) {
    }

    /** What was typed of the whole order. */
    public function order(): TypedOrder
    {
        return new TypedOrder($this->answers, array_values($this->others));
    }
}
