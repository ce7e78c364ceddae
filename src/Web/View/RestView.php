<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What a cut left of its sheet: paths in mm in the sheet’s frame. */
final readonly class RestView
{
    public function __construct(public int $batch, public int $version, public FilmView $film, public string $from, public SizeView $sheet, public string $outline, public ?string $square, public ?SizeView $squareSize, public ?string $odd, public float $oddArea, public string $propose)
    {
    }
}
