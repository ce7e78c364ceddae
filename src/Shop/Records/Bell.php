<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Wakes the workers of this machine when something was sent to them, so that they need not ask the database many times
 * a second. What another machine sends, or what is due later, they find by asking now and then.
 */
final class Bell
{
    /** How often a waiting worker listens, ms. */
    private const LISTENS_EVERY_MS = 25;

    private string $heard = '';

    public function __construct(
        #[Autowire('%env(YELBO_BELL)%')]
        private readonly string $file,
        private readonly ClockInterface $clock,
    ) {
    }

    /** Whoever waits looks at once. Where it cannot be rung they look a little later. */
    public function ring(): void
    {
        @file_put_contents($this->file, (string) hrtime(true), \LOCK_EX);
    }

    /**
     * Comes back as soon as it rings, or rang since it was last waited for.
     *
     * @param int              $mostMs what is waited at the most, ms
     * @param \Closure(): bool $or     comes back too where this is so
     */
    public function wait(int $mostMs, \Closure $or): void
    {
        // What was slept is counted: a clock of the machine that is put back must not keep anybody waiting.
        for ($slept = 0; !$or() && !$this->rang() && $slept < $mostMs; $slept += self::LISTENS_EVERY_MS) {
            $this->clock->sleep(self::LISTENS_EVERY_MS / 1000);
        }
    }

    private function rang(): bool
    {
        $now = (string) @file_get_contents($this->file);
        $rang = $now !== $this->heard;
        $this->heard = $now;

        return $rang;
    }
}
