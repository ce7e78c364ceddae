<?php

declare(strict_types=1);

namespace Yelbo\Device\Cutter;

/** What the machine says of itself. */
final readonly class CutterStatus
{
    public const IDLE = 'idle';
    public const CUTTING = 'cutting';
    public const PAUSED = 'paused';
    public const DONE = 'done';
    public const STOPPED = 'stopped';
    public const FAILED = 'failed';
    /** Of a job that was never begun. */
    public const UNKNOWN = 'unknown';

    /**
     * @param float $share    of the job's time, from 0 to 1
     * @param int   $contours outlines cut whole
     * @param float $x        the knife, mm from the sheet's left
     * @param float $y        the knife, mm from the sheet's top
     * @param float $seconds  left, as the machine sees it
     */
    public function __construct(
        public string $state,
        public ?string $job,
        public float $share,
        public int $contours,
        public float $x,
        public float $y,
        public float $seconds,
        public string $says,
    ) {
    }

    /** The knife is on its way, or waits in the middle of it. */
    public function isBusy(): bool
    {
        return self::CUTTING === $this->state || self::PAUSED === $this->state;
    }
}
