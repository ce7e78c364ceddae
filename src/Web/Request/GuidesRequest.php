<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** What is to be dragged. */
final readonly class GuidesRequest
{
    /** @param int|null $element which element, from 0; the words where none is named */
    public function __construct(public ?int $element = null)
    {
    }
}
