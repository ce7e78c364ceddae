<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** The yes to one proof. */
final readonly class ApproveRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param int $proof which version of the proof, from 1
     * @param string $by who said it
     * @param string $how how it was said: shop, phone or letter
     * @param bool $asItIs whether it is meant without what was wished for
     */
    public function __construct(
        public int $version,
        public int $proof,
        public string $by,
        public string $how = 'shop',
        public bool $asItIs = false,
    ) {
    }
}
