<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** Something to be looked at in one row of a list. */
final readonly class RosterNote
{
    /**
     * @param int    $row   from 1
     * @param string $name  what stands there
     * @param bool   $stops whether nothing can be drawn of it
     */
    public function __construct(public int $row, public string $name, public string $says, public bool $stops)
    {
    }
}
