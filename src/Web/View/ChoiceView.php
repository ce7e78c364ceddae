<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Something that can be chosen, and what it is called. */
final readonly class ChoiceView
{
    /**
     * @param string $value as it is sent
     * @param string $label as it is shown
     */
    public function __construct(public string $value, public string $label)
    {
    }
}
