<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What may be seen to go wrong at a step, and the answer. */
final readonly class TroubleView
{
    /**
     * @param string $seen in a few words
     * @param string $answer in a sentence
     */
    public function __construct(public string $seen, public string $answer)
    {
    }
}
