<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The shop's own objects, by name. */
final readonly class KnownObjectsView
{
    /** @param list<KnownObjectView> $objects the objects*/
    public function __construct(public array $objects)
    {
    }
}
