<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\FrozenNotes;

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

    public static function from(FrozenNotes $notes): self
    {
        return new self(
            $notes->care,
            $notes->cautions,
            $notes->remarks,
        );
    }
}
