<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** Which steps of a plan of work are done. */
final readonly class TickRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param list<string> $done the steps that are done, by their names in the plan
     * @param bool $alike whether the same holds for all things of the item that stand alike
     * @param string $reason why a wait is cut short; empty where none is
     */
    public function __construct(
        public int $version,
        #[Assert\Count(max: 2000)]
        public array $done,
        public bool $alike = false,
        public string $reason = '',
    ) {
    }
}
