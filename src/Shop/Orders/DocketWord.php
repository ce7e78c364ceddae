<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;

/** A word by which an order is found. */
#[ORM\Entity]
#[ORM\Index(name: 'docket_by_word', columns: ['word', 'number'])]
class DocketWord
{
    /** Letters kept of a word. */
    public const LONGEST = 40;

    public function __construct(
        #[ORM\Id, ORM\Column] public readonly int $number,
        #[ORM\Id, ORM\Column(length: self::LONGEST)] public readonly string $word,
    ) {
    }
}
