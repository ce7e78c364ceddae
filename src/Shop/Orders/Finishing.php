<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;

/** An order is done when all of it has arrived: decided here alone. */
final readonly class Finishing
{
    public function __construct(
        private EntityManagerInterface $records,
        private Pieces $pieces,
        private Book $book,
    ) {
    }

    /** Ends an order that is being made where nothing of it is under way any more. */
    public function endIfDelivered(Docket $docket): void
    {
        $this->records->flush();
        if (DocketState::Making !== $docket->state() || $this->pieces->areUnderWay($docket->number())) {
            return;
        }
        $docket->move(DocketMove::Finish);
        $this->book->note('finish', 'All delivered', $docket->number());
    }
}
