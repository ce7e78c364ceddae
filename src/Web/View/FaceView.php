<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A cutting face; its thinnest stroke as a share of the letter height. */
final readonly class FaceView
{
    /** @param list<string> $alphabets */
    public function __construct(public string $slug, public string $name, public string $style, public float $thinnest, public array $alphabets)
    {
    }
}
