<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Proofs\ChangeRequest;
use Yelbo\Shop\Proofs\UnsentLetters;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\Supply;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\PieceState;

/**
 * The page for the morning: what is late, what is done first and why, what is low, what can be handed over, what
 * customers asked.
 *
 * @phpstan-import-type Entry from WeekBoard
 * @phpstan-import-type Order from WeekBoard
 */
final readonly class Morning
{
    private const MOST = 12;
    /** Minutes: a wait that is worth beginning early for. */
    private const LONG_WAIT = 600;

    public function __construct(
        private WeekBoard $board,
        private EntityManagerInterface $records,
        private Connection $database,
        private Shelf $shelf,
        private UnsentLetters $letters,
    ) {
    }

    /** As things stand now. */
    public function now(): MorningList
    {
        [$plan] = $this->board->current();
        $orders = array_column($plan['orders'] ?? [], null, 'docket');

        return new MorningList(
            $this->first($plan['entries'] ?? [], $orders),
            array_values(array_filter($plan['orders'] ?? [], static fn (array $order): bool => $order['late'] > 0)),
            $this->handOver(),
            $this->asked(),
            $this->letters->all(),
            $this->low(),
            null !== $plan,
        );
    }

    /**
     * The first steps of the next day there are any, each order once.
     *
     * @param list<Entry>       $entries
     * @param array<int, Order> $orders  by docket
     *
     * @return list<array{entry: Entry, order: Order, why: string}>
     */
    private function first(array $entries, array $orders): array
    {
        usort($entries, static fn (array $a, array $b): int => $a['from'] <=> $b['from']);
        $first = [];
        foreach ($entries as $entry) {
            $order = $orders[$entry['docket']] ?? null;
            if (null !== $order && !isset($first[$entry['docket']]) && \count($first) < self::MOST) {
                $first[$entry['docket']] = [
                    'entry' => $entry,
                    'order' => $order,
                    'why' => $this->why($order, $entries),
                ];
            }
        }

        return array_values($first);
    }

    /**
     * @param Order       $order
     * @param list<Entry> $entries
     */
    private function why(array $order, array $entries): string
    {
        if ($order['late'] > 0) {
            return 'late by the plan';
        }
        $waits = 0;
        foreach ($entries as $entry) {
            if ($entry['docket'] === $order['docket']) {
                $waits = max($waits, $this->minutes($entry['to'], $entry['until']));
            }
        }
        $used = null === $order['due'] ? '' : 'used '.(new \DateTimeImmutable($order['due']))->format('D j M');

        return $waits >= self::LONG_WAIT
            ? trim($used.', and '.round($waits / 60).' h of waiting come before', ', ')
            : ('' === $used ? 'nobody said when it is used' : $used);
    }

    private function minutes(string $from, string $to): int
    {
        $at = static fn (string $moment): int => (new \DateTimeImmutable($moment))->getTimestamp();

        return intdiv($at($to) - $at($from), 60);
    }

    /** @return list<array{number: int, label: string, customer: string, things: int, thing: int}> */
    private function handOver(): array
    {
        /** @var list<array{number: int|string, label: string, customer: string|null, things: int|string,
         *     thing: int|string}> $rows */
        $rows = $this->database->fetchAllAssociative(
            'SELECT d.number, d.label, c.name AS customer, COUNT(DISTINCT p.thing_id) AS things,
             MIN(p.thing_id) AS thing
             FROM docket d JOIN piece p ON p.docket_id = d.id LEFT JOIN customer c ON c.id = d.customer_id
             WHERE d.state = ? AND p.state NOT IN (?, ?)
             GROUP BY d.id HAVING SUM(p.state <> ?) = 0 ORDER BY d.needed_at, d.number LIMIT 30',
            [
                DocketState::Making->value,
                PieceState::Delivered->value,
                PieceState::Withdrawn->value,
                PieceState::Ready->value,
            ],
        );

        return array_map(
            static fn (array $row): array => [
                'number' => (int) $row['number'],
                'label' => Docket::called($row['label']),
                'customer' => $row['customer'] ?? '',
                'things' => (int) $row['things'],
                'thing' => (int) $row['thing'],
            ],
            $rows,
        );
    }

    /** @return list<ChangeRequest> to the newest proof of an order that waits for a yes */
    private function asked(): array
    {
        /** @var list<ChangeRequest> $requests */
        $requests = $this->records
            ->createQuery(
                'SELECT r FROM '.ChangeRequest::class.' r JOIN r.proof p JOIN p.docket d
                 WHERE d.state = :proofing ORDER BY r.id DESC',
            )
            ->setParameter('proofing', DocketState::Proofing->value)
            ->setMaxResults(self::MOST)
            ->getResult();

        $isNewest = static function (ChangeRequest $one): bool {
            $proof = $one->proof();

            return $proof->nth() === \count($proof->docket()->proofs()->all());
        };

        return array_values(array_filter($requests, $isNewest));
    }

    /** @return list<array{string, string}> */
    private function low(): array
    {
        $films = array_filter(
            $this->shelf->films(),
            fn (FilmOnShelf $film): bool => null !== $film->lowAt() && $this->shelf->amount($film) < $film->lowAt(),
        );
        $supplies = array_filter($this->shelf->supplies(), static fn (Supply $supply): bool => $supply->isLow());

        return [
            ...array_map(
                fn (FilmOnShelf $film): array => [
                    $film->name(),
                    \sprintf('%.2f m², wanted %.2f', $this->shelf->amount($film) / 1e6, (int) $film->lowAt() / 1e6),
                ],
                array_values($films),
            ),
            ...array_map(
                static fn (Supply $supply): array => [
                    $supply->name(),
                    null === $supply->tape()
                        ? "{$supply->amount()}, wanted {$supply->lowAt()}"
                        : \sprintf('%.1f m, wanted %.1f', $supply->amount() / 1000, (int) $supply->lowAt() / 1000),
                ],
                array_values($supplies),
            ),
        ];
    }
}
