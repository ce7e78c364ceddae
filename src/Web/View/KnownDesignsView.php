<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The shop's own designs, by name. */
final readonly class KnownDesignsView
{
    /** @param list<KnownDesignView> $designs the designs */
    public function __construct(public array $designs)
    {
    }
}
