<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A part to keep clear of, the lengths asked for it, and the margin the shop keeps. */
final readonly class KeepOutView
{
    /**
     * @param list<string> $measures the lengths it is measured by
     * @param string $what screw, seam, handle and so on
     * @param string $label as it is shown
     * @param LengthView $margin how far the knife keeps away
     */
    public function __construct(
        public string $what,
        public string $label,
        public array $measures,
        public LengthView $margin,
    ) {
    }
}
