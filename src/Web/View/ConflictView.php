<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Records\Conflict;

/** Who was quicker, where somebody else changed the same record first. */
final readonly class ConflictView
{
    /**
     * @param string $record what was changed; empty where the sentence alone says it
     * @param string $by     who changed it; empty where nobody knows
     * @param string $did    what they did; empty where nobody knows
     */
    public function __construct(public string $record, public string $by, public string $did)
    {
    }

    public static function from(Conflict $conflict): self
    {
        return new self($conflict->record, $conflict->by, $conflict->did);
    }
}
