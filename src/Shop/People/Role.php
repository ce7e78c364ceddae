<?php

declare(strict_types=1);

namespace Yelbo\Shop\People;

/** What somebody may do. */
enum Role: string
{
    case Owner = 'owner';
    case Bench = 'bench';

    /** As the security system names it. */
    public function attribute(): string
    {
        return match ($this) {
            self::Owner => 'ROLE_OWNER',
            self::Bench => 'ROLE_BENCH',
        };
    }
}
