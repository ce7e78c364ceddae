<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A step with this decal's own figures. */
final readonly class StepView
{
    public function __construct(public int $nth, public string $title, public string $how, public ?string $caution, public bool $done)
    {
    }
}
