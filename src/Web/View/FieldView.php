<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A sentence at a field. */
final readonly class FieldView
{
    /**
     * @param string $field the name of the field
     * @param string $says a sentence for the worker
     */
    public function __construct(public string $field, public string $says)
    {
    }
}
