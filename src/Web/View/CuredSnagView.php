<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What helps against one kind of snag. */
final readonly class CuredSnagView
{
    /** @param list<CureView> $cures */
    public function __construct(public string $code, public array $cures)
    {
    }
}
