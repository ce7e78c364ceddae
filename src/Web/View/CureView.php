<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Something that would help: tried, with what it comes to, or said only where nobody but the bench or the customer can do it. */
final readonly class CureView
{
    /** @param CureChangeView|null $change what of the drawing it changes; nothing where it is only said */
    public function __construct(public string $do, public string $says, public string $effect, public ?CureChangeView $change)
    {
    }
}
