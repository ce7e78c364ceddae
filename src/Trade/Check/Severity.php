<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

/** How bad a snag is. Source: handbook section 5. */
enum Severity: string
{
    /** It is not cut so unless the owner lets it pass. */
    case Stop = 'stop';
    case Warn = 'warn';
    /** Nothing is wrong; the bench should know. */
    case Note = 'note';

    /** Stops first: 0, 1, 2. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
