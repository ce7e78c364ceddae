<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What an object can be, what is measured of it, and what it may have to be kept clear of. */
final readonly class KindsView
{
    /**
     * @param list<KindView>    $kinds
     * @param list<KeepOutView> $keepOuts
     * @param list<MaterialView> $materials
     */
    public function __construct(public array $kinds, public array $keepOuts, public array $materials)
    {
    }
}
