<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Doctrine\DBAL\Connection;
use Yelbo\Trade\Refused;

/** The requests with a key that were answered, as the records know them. */
final readonly class AnsweredRequests
{
    /** How often the answer of another who works on the same request is looked for, and how long between, µs. */
    private const LOOKS = 20;
    private const PAUSE = 100_000;

    public function __construct(private Connection $database, private OnceOnly $once)
    {
    }

    /**
     * A request with a key comes in.
     *
     * @return array{status: int|null, body: string|null}|null what was answered before, see `OnceOnly::answered`
     *
     * @throws Refused for a key of another request
     */
    public function begin(string $key, string $who, string $what): ?array
    {
        $answered = $this->meanwhile($key, $who, $what);
        if (null === $answered) {
            $this->once->begin($key, $who, $what);
        }

        return $answered;
    }

    /**
     * What was answered to it by another node, which was asked the same. That it was done is kept a moment before what
     * was answered: so long it is waited for.
     *
     * @return array{status: int|null, body: string|null}|null see `OnceOnly::answered`
     *
     * @throws Refused for a key of another request
     */
    public function meanwhile(string $key, string $who, string $what): ?array
    {
        for ($look = 0;; ++$look) {
            $answered = $this->once->answered($this->database, $key, $who, $what);
            if (null === $answered || null !== $answered['status'] || self::LOOKS === $look) {
                return $answered;
            }
            usleep(self::PAUSE);
        }
    }

    /** Keeps what is answered to it, where it changed something. */
    public function answer(int $status, string $body): void
    {
        $this->once->answer($this->database, $status, $body);
    }

    /** Forgets those nobody repeats any more. */
    public function tidy(): void
    {
        $this->once->tidy($this->database);
    }
}
