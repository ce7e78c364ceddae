<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What is to be read beside the drawing. */
final readonly class ProofNotesView
{
    /**
     * @param list<string> $care how it is looked after, sentences
     * @param list<string> $cautions what to mind, sentences
     * @param list<string> $remarks what the shop let pass, and why
     */
    public function __construct(
        public array $care,
        public array $cautions,
        public array $remarks,
    ) {
    }
}
