<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One decal of a proof, every layer of it. */
final readonly class PartView
{
    /**
     * @param list<string>    $lines
     * @param list<LayerView> $layers the letters first
     */
    public function __construct(public array $lines, public SizeView $size, public LengthView $left, public LengthView $top, public array $layers)
    {
    }
}
