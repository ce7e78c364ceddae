<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A kind of surface with the lengths measured of it. */
final readonly class KindView
{
    /**
     * @param list<MeasureView> $lengths the lengths it is measured by
     * @param string $kind as it is sent
     * @param string $label as it is shown
     */
    public function __construct(public string $kind, public string $label, public array $lengths)
    {
    }
}
