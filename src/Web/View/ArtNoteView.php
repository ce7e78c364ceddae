<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What was put right in a drawing (put-right), or cannot be cut (left-out). */
final readonly class ArtNoteView
{
    /**
     * @param string $kind which kind it is
     * @param string $says a sentence for the worker
     */
    public function __construct(public string $kind, public string $says)
    {
    }
}
