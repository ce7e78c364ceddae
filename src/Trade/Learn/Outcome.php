<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;

/** What came of a decal that was cut: it went its way, or came back to be cut again. */
final readonly class Outcome
{
    /**
     * @param float  $smallest mm, the narrower side of the box of its smallest part
     * @param string $face     a slug; empty where it is drawn art
     */
    public function __construct(
        public Film $film,
        public Usage $use,
        public float $smallest,
        public string $face,
        public bool $cameBack,
    ) {
    }
}
