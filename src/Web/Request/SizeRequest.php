<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** How wide or how high the art is to be over all. */
final readonly class SizeRequest
{
    /**
     * @param string $of   width or height
     * @param string $size as typed, with its unit
     */
    public function __construct(
        #[Assert\Choice(choices: ['width', 'height'], message: 'Say how wide, or how high.')]
        public string $of,
        public string $size,
    ) {
    }
}
