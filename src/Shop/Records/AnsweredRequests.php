<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Doctrine\DBAL\Connection;

/** The requests with a key that were answered, as the records know them. */
final readonly class AnsweredRequests
{
    public function __construct(private Connection $database, private OnceOnly $once)
    {
    }

    /**
     * A request with a key comes in.
     *
     * @return array{status: int|null, body: string|null}|null what was answered before, see `OnceOnly::answered`
     *
     * @throws Conflict for a key of another request
     */
    public function begin(string $key, string $who, string $what): ?array
    {
        $answered = $this->once->answered($this->database, $key, $who, $what);
        if (null === $answered) {
            $this->once->begin($key, $who, $what);
        }

        return $answered;
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
