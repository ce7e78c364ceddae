<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Bench\LearnedPace;

/** What was learned of a station's minutes. */
final readonly class PaceView
{
    /**
     * @param string $station where
     * @param float $times so many times the handbook's minutes; 1 as long as that tells better
     * @param int $timed pieces of work it was learned from
     * @param int $mishaps of them those left out as breaks and mishaps
     * @param float|null $handbookError what the handbook is off by on average, a share
     * @param float|null $learnedError what is told now is off by
     * @param string $who whose pace it is; empty for the shop's
     * @param string $madeAt when it was learned, ISO 8601
     */
    public function __construct(
        public string $station,
        public float $times,
        public int $timed,
        public int $mishaps,
        public ?float $handbookError,
        public ?float $learnedError,
        public string $madeAt,
        public string $who,
    ) {
    }

    public static function from(LearnedPace $pace): self
    {
        return new self(
            $pace->station()->value,
            $pace->times(),
            $pace->timed(),
            $pace->mishaps(),
            $pace->handbookError(),
            $pace->learnedError(),
            $pace->madeAt()->format(\DATE_ATOM),
            $pace->who(),
        );
    }
}
