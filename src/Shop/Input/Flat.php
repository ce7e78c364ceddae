<?php

declare(strict_types=1);

namespace Yelbo\Shop\Input;

/**
 * A part whose fields stand beside those of what holds it, when they are sent and kept. Where it is one of several
 * kinds, a field names which.
 */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Flat
{
    /** @param string $by the field that names the kind; empty where there is only one */
    public function __construct(public string $by = '')
    {
    }
}
