<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** Which piece of tape lifts a decal. */
final readonly class TapeRequest
{
    /**
     * @param int $version of the thing, as it was read; a change by somebody else since is a conflict
     * @param int $piece the number of the film it lifts now
     * @param int|null $from the number of the piece it lifted first; null for a new piece of tape
     */
    public function __construct(public int $version, public int $piece, public ?int $from = null)
    {
    }
}
