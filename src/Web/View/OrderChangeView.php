<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What is different about a taken order, and what that sets back. */
final readonly class OrderChangeView
{
    /**
     * @param list<string> $says each difference, in a few words
     * @param list<string> $setsBack what has to be done again for it, and what is lost
     * @param DocketView|null $docket as it is now; null as long as it is only looked at
     */
    public function __construct(public array $says, public array $setsBack, public ?DocketView $docket)
    {
    }
}
