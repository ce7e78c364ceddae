<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Doctrine\ORM\Mapping as ORM;

/**
 * What an order brought and cost as the worker reckoned it last. It is written by statements, so that it counts as no
 * change.
 */
#[ORM\Entity]
class StoredSale
{
    /**
     * @param int    $docket  number of the order
     * @param string $mark    of what it was reckoned from
     * @param string $figures JSON
     */
    public function __construct(
        #[ORM\Id, ORM\Column] public readonly int $docket,
        #[ORM\Column(length: 32)] public readonly string $mark,
        #[ORM\Column(type: 'text')] public readonly string $figures,
    ) {
    }
}
