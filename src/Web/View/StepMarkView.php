<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A box or line of a step's drawing. */
final readonly class StepMarkView
{
    /**
     * @param string $role what it means: object, tape, line, figure, way or cut
     * @param string $path as path data, mm
     */
    public function __construct(public string $role, public string $path)
    {
    }
}
