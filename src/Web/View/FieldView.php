<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A sentence at a field. */
final readonly class FieldView
{
    public function __construct(public string $field, public string $says)
    {
    }
}
