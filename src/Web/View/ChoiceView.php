<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Something that can be chosen, and what it is called. */
final readonly class ChoiceView
{
    public function __construct(public string $value, public string $label)
    {
    }
}
