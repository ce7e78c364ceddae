<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Contracts\Service\ResetInterface;
use Yelbo\Trade\Refused;

/**
 * Requests that are repeated because nobody knows whether the first was kept. Each carries a key; the key is kept in
 * the transaction of what it asks for, by `OnceOnlyMiddleware`, so that there is never one without the other. Asked
 * again with the same key nothing is done, and the answer of then is given.
 */
final class OnceOnly implements ResetInterface
{
    private const KEPT = '-2 days';
    /** Bytes; an answer that is longer is looked up by whoever asks. */
    private const LONGEST_ANSWER = 500_000;

    /** @var array{string, string, string}|null the key, who asks, and for what */
    private ?array $asked = null;
    private bool $isKept = false;
    private bool $hasEnded = false;

    public function __construct(private readonly ClockInterface $clock)
    {
    }

    /** A request with a key comes in. */
    public function begin(string $key, string $who, string $what): void
    {
        $this->asked = [$key, $who, $what];
        $this->isKept = false;
    }

    /**
     * What is still to be kept of the request, in the first transaction that ends.
     *
     * @return array{string, string, string, string}|null key, who, what and when
     */
    public function toKeep(): ?array
    {
        return null === $this->asked || $this->isKept
            ? null
            : [...$this->asked, $this->clock->now()->format('Y-m-d H:i:s')];
    }

    /** It stands in the transaction that ends now. */
    public function kept(): void
    {
        $this->isKept = true;
    }

    /** A transaction ended, with whatever was done in it. */
    public function ended(): void
    {
        $this->hasEnded = true;
    }

    /** Whether anything of the request is kept already. */
    public function hasEnded(): bool
    {
        return $this->hasEnded;
    }

    /**
     * What was answered when it was asked for the first time.
     *
     * @return array{status: int|null, body: string|null}|null none where it never was; no status where it was kept and
     *     the answer got lost
     *
     * @throws Refused for a key of another request
     */
    public function answered(Connection $database, string $key, string $who, string $what): ?array
    {
        $row = $database->fetchAssociative('SELECT who, what, status, body FROM answered WHERE request = ?', [$key]);
        if (false === $row) {
            return null;
        }
        if ($row['who'] !== $who || $row['what'] !== $what) {
            throw new Refused(
                'key-of-another',
                'This was asked for with the key of another request. Load the page again.',
            );
        }

        return [
            'status' => is_numeric($row['status']) ? (int) $row['status'] : null,
            'body' => \is_string($row['body']) ? $row['body'] : null,
        ];
    }

    /** Keeps the answer beside the key, for whoever did not get it. */
    public function answer(Connection $database, int $status, string $body): void
    {
        if ($this->isKept && null !== $this->asked && \strlen($body) <= self::LONGEST_ANSWER) {
            $database->executeStatement('UPDATE answered SET status = ?, body = ? WHERE request = ?', [
                $status,
                $body,
                $this->asked[0],
            ]);
        }
    }

    /** Nobody repeats what is days old. */
    public function tidy(Connection $database): void
    {
        $database->executeStatement('DELETE FROM answered WHERE at < ?', [
            $this->clock->now()->modify(self::KEPT)->format('Y-m-d H:i:s'),
        ]);
    }

    public function reset(): void
    {
        $this->asked = null;
        $this->hasEnded = false;
        $this->isKept = false;
    }
}
