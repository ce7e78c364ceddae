<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What an object can be made of, and whether film can be stuck inside it and read from outside. */
final readonly class MaterialView
{
    /**
     * @param string $value as it is sent
     * @param string $label as it is shown
     * @param bool $hasInside whether film can be stuck inside it
     * @param bool $isPainted whether film goes on paint, which has to be cured
     */
    public function __construct(
        public string $value,
        public string $label,
        public bool $hasInside,
        public bool $isPainted,
    ) {
    }
}
