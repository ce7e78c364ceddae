<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A thing as it was chosen. */
final readonly class ChosenThing
{
    /**
     * @param int $id its number in the records
     * @param int $version as it was read
     */
    public function __construct(public int $id, public int $version)
    {
    }
}
