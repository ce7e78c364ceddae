<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A cutting face; its thinnest stroke as a share of the letter height. */
final readonly class FaceView
{
    /**
     * @param list<string> $alphabets the alphabets it has
     * @param string $slug the short name of the typeface
     * @param string $name as people call it
     * @param string $style the style of the typeface
     * @param float $thinnest the thinnest stroke as a share of the letter height
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $style,
        public float $thinnest,
        public array $alphabets,
    ) {
    }
}
