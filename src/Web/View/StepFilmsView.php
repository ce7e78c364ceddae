<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What is drawn as art in the picture of a step. */
final readonly class StepFilmsView
{
    /**
     * @param list<StepArtView> $films from bottom to top
     * @param SpotView $from of those the left top corner of what is put on, mm
     */
    public function __construct(public array $films, public SpotView $from)
    {
    }
}
