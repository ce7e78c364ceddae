<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** Which of a list are out, or done. */
final readonly class CountRequest
{
    /**
     * @param list<int> $numbers how many there are of each, as typed
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param bool $alike whether the same holds for all decals of the item that stand alike
     */
    public function __construct(
        public int $version,
        #[Assert\Count(max: 5000)]
        public array $numbers,
        public bool $alike = false,
    ) {
    }
}
