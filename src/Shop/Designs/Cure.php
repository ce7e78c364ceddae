<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Check\Remedy;

/**
 * Something that would help against a snag: tried, with what it comes to, or said only where nobody but the bench or
 * the customer can do it.
 */
final readonly class Cure
{
    /**
     * @param Remedy            $do     which it is
     * @param string            $says   in words
     * @param string            $effect what it comes to; empty where it is only said
     * @param DesignChange|null $change what of the drawing it changes; none where it is only said
     */
    public function __construct(
        public Remedy $do,
        public string $says,
        public string $effect = '',
        public ?DesignChange $change = null,
    ) {
    }
}
