<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The cutting faces. */
final readonly class FacesView
{
    /** @param list<FaceView> $faces */
    public function __construct(public array $faces)
    {
    }
}
