<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** What is known of somebody who works here. */
final readonly class WorkerRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $name as people call them
     * @param string $role owner or bench
     * @param bool $disabled whether they are shut out
     * @param list<string>|null $stations which work they are put down for: size, cut, weed, apply, send; null for all
     */
    public function __construct(
        public int $version,
        public string $name,
        public string $role,
        public bool $disabled = false,
        public ?array $stations = null,
    ) {
    }
}
