<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What helps against one kind of snag. */
final readonly class CuredSnagView
{
    /**
     * @param list<CureView> $cures what would help, tried first
     * @param string $code the short name of the snag
     */
    public function __construct(public string $code, public array $cures)
    {
    }
}
