<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A known customer. */
final readonly class CustomerView
{
    /**
     * @param int $id the number in the records
     * @param string $name as it was typed last
     * @param string $contact how the customer is reached
     * @param string $toldBy what tells two of one name apart: number ending 482
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $contact,
        public string $toldBy,
    ) {
    }
}
