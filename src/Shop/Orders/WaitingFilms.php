<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\DBAL\Connection;
use Yelbo\Trade\Journey\PieceState;

/** What is approved and waits for film, by film: told without reading a piece. */
final readonly class WaitingFilms
{
    public function __construct(private Connection $database, private Lateness $lateness)
    {
    }

    /** @return array<int, WaitingFilm> by the number of the film, that due soonest first */
    public function all(): array
    {
        /**
         * @var list<array{
         *     film_id: int,
         *     needed_at: string|null,
         *     waits_for: string,
         *     pieces: int,
         *     recut: int|string,
         * }> $rows
         */
        $rows = $this->database->fetchAllAssociative(
            'SELECT p.film_id, d.needed_at, d.waits_for, COUNT(*) AS pieces, SUM(p.recuts > 0) AS recut
            FROM piece p JOIN docket d ON d.id = p.docket_id WHERE p.state = ?
            GROUP BY p.film_id, d.needed_at, d.waits_for ORDER BY d.needed_at IS NULL, d.needed_at, p.film_id',
            [PieceState::Waiting->value],
        );
        $films = [];
        foreach ($rows as $row) {
            $needed = null === $row['needed_at'] ? null : new \DateTimeImmutable($row['needed_at']);
            $isLate = $this->lateness->willBeLate($needed, PieceState::Waiting, null, $row['waits_for']);
            $late = $isLate ? $row['pieces'] : 0;
            $before = $films[$row['film_id']] ?? new WaitingFilm($row['film_id'], 0, 0, 0, $needed);
            $films[$row['film_id']] = $before->and($row['pieces'], $late, (int) $row['recut']);
        }

        return $films;
    }
}
