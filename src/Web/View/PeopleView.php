<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Who works here, and who is signed in where. */
final readonly class PeopleView
{
    /**
     * @param list<WorkerView> $people by name
     * @param list<SignedInView> $signedIn the last used first
     */
    public function __construct(public array $people, public array $signedIn)
    {
    }
}
