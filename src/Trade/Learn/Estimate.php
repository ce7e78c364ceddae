<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

/** Minutes that are told, and between what eight of ten ordinary times lie. */
final readonly class Estimate
{
    /**
     * @param float $minutes most likely
     * @param float $least minutes, nine times of ten
     * @param float $most minutes, nine times of ten
     * @param bool $isLearned from the log, or the handbook's
     */
    public function __construct(public float $minutes, public float $least, public float $most, public bool $isLearned)
    {
    }
}
