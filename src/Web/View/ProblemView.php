<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** An error as a sentence (application/problem+json). */
final readonly class ProblemView
{
    /** @param list<FieldView> $fields */
    public function __construct(public string $type, public string $title, public int $status, public string $detail, public array $fields, public ?ConflictView $conflict = null)
    {
    }
}
