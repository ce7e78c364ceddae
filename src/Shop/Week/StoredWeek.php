<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\ORM\Mapping as ORM;

/** The plan of the week as the worker found it last. It is written by statements, so that it counts as no change. */
#[ORM\Entity]
class StoredWeek
{
    /**
     * @param string      $tick  how far the records had come when it was made
     * @param string      $asked how far they had come when the worker was last asked for another
     * @param string|null $plan  JSON; none where none was made yet
     */
    public function __construct(
        #[ORM\Id, ORM\Column(type: 'smallint')] public readonly int $id,
        #[ORM\Column(length: 60)] public readonly string $tick,
        #[ORM\Column(length: 60)] public readonly string $asked,
        #[ORM\Column(type: 'text', length: 16777215, nullable: true)] public readonly ?string $plan,
    ) {
    }
}
