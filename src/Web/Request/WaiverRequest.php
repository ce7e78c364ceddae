<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A stop to be let pass; how bad it is in µm as the check found it. */
final readonly class WaiverRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $code the short name of the snag
     * @param string $reason why, in a few words
     * @param int $found how bad it is, µm
     * @param int $item which thing of the order, from 1
     */
    public function __construct(
        public int $version,
        public string $code,
        public string $reason,
        public int $found = 0,
        public int $item = 1,
    ) {
    }
}
