<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A photo as it lies on its object. */
final readonly class LaidPhotoView
{
    /**
     * @param string $photo what it is found by
     * @param string $colour the colour most of the object has, #rrggbb
     */
    public function __construct(public string $photo, public string $colour)
    {
    }
}
