<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** How far from the ground's colour the object begins. */
final readonly class TraceRequest
{
    /**
     * @param int $threshold how dark counts as the object, from 0 to 255
     */
    public function __construct(
        #[Assert\Range(min: 1, max: 254, notInRangeMessage: 'The threshold goes from 1 to 254.')]
        public int $threshold,
    ) {
    }
}
