<?php

declare(strict_types=1);

namespace Yelbo\Shop\Changes;

use Yelbo\Shop\Orders\AgreedOrder;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Item;

/** What is to be different about an order that was taken, and what that sets back. */
final readonly class OrderChange
{
    /**
     * @param AgreedOrder                                $agreed  the new answers, read
     * @param non-empty-list<Answers>                    $answers as they were typed, item by item
     * @param list<Item|null>                            $items   which each of them is of; none of one that is added
     * @param list<string>                               $says    each difference, in a sentence
     * @param list<string>                               $setsBack what has to be done again for it, and what is lost
     * @param list<Item>                                 $again   items that are drawn, proofed and said yes to again
     * @param list<Item>                                 $dropped items that are not made after all
     * @param bool                                       $needsProof whether the customer says yes again
     */
    public function __construct(
        public AgreedOrder $agreed,
        public array $answers,
        public array $items,
        public array $says,
        public array $setsBack,
        public array $again,
        public array $dropped,
        public bool $needsProof,
    ) {
    }
}
