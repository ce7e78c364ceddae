<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

/** Somebody else changed the same record first. */
final class Conflict extends \RuntimeException
{
    /**
     * @param string $record what was changed: `Y-0412`; empty where the sentence alone says it
     * @param string $by     who changed it; empty where nobody knows
     * @param string $did    what they did; empty where nobody knows
     */
    public function __construct(
        string $sentence,
        public readonly string $record = '',
        public readonly string $by = '',
        public readonly string $did = '',
        ?\Throwable $late = null,
    ) {
        parent::__construct($sentence, 0, $late);
    }

    /** Two did something to the same at the same moment, and the database let the other one first. */
    public static function atOnce(\Throwable $late): self
    {
        return new self(
            'Somebody did something to the same at the same moment and came first. Nothing of yours was kept: look '
                .'at it again, then do it once more if it is still right.',
            late: $late,
        );
    }

    /** What was typed meanwhile stays on the page. */
    public static function changed(string $record, string $by = '', string $did = '', ?\Throwable $late = null): self
    {
        $who = '' === $by ? 'somebody else' : $by.('' === $did ? '' : " ($did)");

        return new self(
            "$record was changed meanwhile by $who. You see it fresh now; what you typed is kept.",
            $record,
            $by,
            $did,
            $late,
        );
    }
}
