<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** Two spots on the foot of the letters in a photo, and two on an edge they should run along. */
final readonly class LevelRequest
{
    /**
     * @param list<float> $line from and to, x and y of each, in any measure, y down
     * @param list<float> $along the same of an edge of the object; empty where the photo was held level
     */
    public function __construct(
        #[Assert\Count(exactly: 4, exactMessage: 'Tap two spots on the foot of the letters.')]
        public array $line,
        #[Assert\Count(max: 4)]
        public array $along = [],
    ) {
    }
}
