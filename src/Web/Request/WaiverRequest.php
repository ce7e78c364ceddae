<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A stop to be let pass, as bad as it is in the drawing that is kept. */
final readonly class WaiverRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $code the short name of the snag
     * @param string $reason why, in a few words
     * @param int $item which thing of the order, from 1
     */
    public function __construct(
        public int $version,
        public string $code,
        public string $reason,
        public int $item = 1,
    ) {
    }
}
