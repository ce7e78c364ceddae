<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/**
 * A place typed from an edge, the middle or a feature of the object: `left`, `right`, `across`, `top`, `bottom`,
 * `down`, or `across/0` and `down/0` from a feature.
 */
final readonly class PlaceRequest
{
    /**
     * @param string $from what the distance is measured from, in one of these words
     * @param string $distance as typed, with its unit
     * @param int|null $element which element is placed, from 0; the words where none is named
     */
    public function __construct(public string $from, public string $distance, public ?int $element = null)
    {
    }
}
