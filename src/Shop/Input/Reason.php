<?php

declare(strict_types=1);

namespace Yelbo\Shop\Input;

/** Why something was done, for the book. */
final class Reason
{
    private const LONGEST = 300;

    private function __construct()
    {
    }

    /** @throws Refusals at `reason` */
    public static function refuseLong(string $reason): void
    {
        if (mb_strlen($reason) > self::LONGEST) {
            throw Refusals::at('reason', 'At most '.self::LONGEST.' letters here.');
        }
    }

    /** @throws Refusals at `reason` where it is not said, or too long */
    public static function refuseNone(string $reason): void
    {
        if ('' === trim($reason)) {
            throw Refusals::at('reason', 'What went wrong? A few words for the book and the next batch.');
        }
        self::refuseLong($reason);
    }
}
