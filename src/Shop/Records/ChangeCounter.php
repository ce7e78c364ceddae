<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Doctrine\ORM\Mapping as ORM;

/** Something was changed: one for each transaction that wrote, stored with it. Nothing else is known of it. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'tick')]
class ChangeCounter
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column(type: 'bigint')]
    private ?int $id = null;

    /** Its number in the records. */
    public function id(): ?int
    {
        return $this->id;
    }
}
