<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\TypedOrder;

/** Other answers to an order that was taken already. */
final readonly class ChangeOrderRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param Answers $answers as they are to be: once for the order, and of its first item
     * @param list<Answers> $others of its other items
     * @param list<int> $items which item each is of, by its number; 0 of one that is added
     * @param bool $sure whether it is changed; else it is only said what that sets back
     */
    public function __construct(
        public int $version,
        public Answers $answers,
        public array $others = [],
        #[Assert\Count(max: 60)]
        public array $items = [],
        public bool $sure = false,
    ) {
    }

    /** What was typed of the whole order. */
    public function order(): TypedOrder
    {
        return new TypedOrder($this->answers, array_values($this->others));
    }
}
