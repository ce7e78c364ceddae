<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** An error as a sentence (application/problem+json). */
final readonly class ProblemView
{
    /**
     * @param list<FieldView> $fields what is wrong at which field
     * @param string $type a short name of the problem
     * @param string $title the problem in a few words
     * @param int $status the HTTP status
     * @param string $detail the problem in a sentence
     * @param ConflictView|null $conflict what somebody else did meanwhile
     */
    public function __construct(
        public string $type,
        public string $title,
        public int $status,
        public string $detail,
        public array $fields,
        public ?ConflictView $conflict = null,
    ) {
    }
}
