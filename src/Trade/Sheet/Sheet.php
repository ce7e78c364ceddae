<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

/** One planned sheet. */
final readonly class Sheet
{
    /**
     * @param list<Place> $places
     * @param int         $length how far down the sheet anything reaches, µm
     * @param float       $fill   film in pieces over film up to that length
     */
    public function __construct(public string $stock, public array $places, public int $length, public float $fill)
    {
    }
}
