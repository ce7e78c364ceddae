<?php

declare(strict_types=1);

namespace Yelbo\Shop\Access;

use Symfony\Component\Clock\ClockInterface;

/**
 * Guessing passwords is slowed for each name and each address, and then refused for a while. Who has signed in from
 * here before is not locked out by somebody who guesses from elsewhere.
 */
final readonly class SignInGate
{
    private const SPAN = '-15 minutes';
    private const KNOWN = '-30 days';
    /** Tries of one name without a wait; from then on the wait doubles. */
    private const FREE = 5;
    /** Tries of one name, and from one address, until it is refused for the span. */
    private const MOST = 10;
    private const MOST_FROM_ONE = 30;

    public function __construct(private SecurityLog $log, private ClockInterface $clock)
    {
    }

    /** Seconds until somebody may try again; 0 where it is now. */
    public function wait(string $who): int
    {
        $now = $this->clock->now();
        $since = $now->modify(self::SPAN);
        $whole = $now->getTimestamp() - $since->getTimestamp();
        [$from, $lastFrom] = $this->log->count(SecurityLog::REFUSED, 'address', $this->log->address(), $since);
        if ($from >= self::MOST_FROM_ONE && null !== $lastFrom) {
            return max(1, $lastFrom->getTimestamp() + $whole - $now->getTimestamp());
        }
        [$of, $last] = $this->log->count(SecurityLog::REFUSED, 'who', $who, $since);
        $isKnown = $this->log->knows($who, $this->log->address(), $now->modify(self::KNOWN));
        if ($of < self::FREE || null === $last || $isKnown) {
            return 0;
        }
        $wait = $of >= self::MOST ? $whole : 2 ** ($of - self::FREE);

        return max(0, $last->getTimestamp() + $wait - $now->getTimestamp());
    }
}
