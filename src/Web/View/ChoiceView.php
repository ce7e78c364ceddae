<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One answer to choose. */
final readonly class ChoiceView
{
    public function __construct(public string $value, public string $says)
    {
    }
}
