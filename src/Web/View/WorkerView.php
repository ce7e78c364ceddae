<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\People\Role;
use Yelbo\Shop\People\Worker;

/** Somebody who works here. */
final readonly class WorkerView
{
    /**
     * @param int $id its number in the records
     * @param string $signIn the name to sign in with
     * @param string $name as people call them
     * @param Role $role what they may do
     * @param bool $disabled whether they are shut out
     * @param int $version counts its changes
     * @param list<string>|null $stations which work they are put down for; null for all
     */
    public function __construct(
        public int $id,
        public string $signIn,
        public string $name,
        public Role $role,
        public bool $disabled,
        public int $version,
        public ?array $stations,
    ) {
    }

    public static function from(Worker $worker): self
    {
        return new self(
            $worker->id(),
            $worker->getUserIdentifier(),
            $worker->name(),
            $worker->role(),
            $worker->isDisabled(),
            $worker->version(),
            $worker->stations(),
        );
    }
}
