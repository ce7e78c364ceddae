<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Bench\Part;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Learn\Entry;
use Yelbo\Trade\Learn\TimedStation;
use Yelbo\Trade\Rule;

/**
 * Notes what work at the bench took: from when a piece came there, or its worker last did something else, to when it
 * was done. Breaks that fall into it are told apart when it is learned from.
 */
final readonly class Timekeeper
{
    /** Minutes: shorter was ticked off afterwards, longer lay over. */
    private const SHORTEST = 0.1;
    private const LONGEST = 240.0;

    public function __construct(
        private EntityManagerInterface $records,
        private PieceWeeding $weeding,
        private ShopRules $rules,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Since when somebody has been at something; to be asked before its move.
     *
     * @param \DateTimeImmutable $since when it came to where it stands
     */
    public function began(\DateTimeImmutable $since): \DateTimeImmutable
    {
        $last = $this->records
            ->getConnection()
            ->fetchOne('SELECT MAX(at) FROM log_entry WHERE who = ?', [$this->book->who()]);

        return \is_string($last) ? max($since, new \DateTimeImmutable($last)) : $since;
    }

    /**
     * Keeps what a move took.
     *
     * @param int $among how many pieces were done in one go
     */
    public function keep(Piece $piece, PieceMove $move, \DateTimeImmutable $began, int $among): void
    {
        $stations = match ($move) {
            PieceMove::Weeded => [TimedStation::Weed],
            PieceMove::Applied => [TimedStation::Tape, TimedStation::Apply],
            PieceMove::Packed => [TimedStation::Tape, TimedStation::Send],
            default => [],
        };
        $minutes = ($this->clock->now()->getTimestamp() - $began->getTimestamp()) / 60 / max(1, $among);
        // What dried in between tells nothing of hands.
        $dried = PieceMove::Weeded !== $move && null !== $piece->item()->finish()->coats();
        if ($dried || $minutes < self::SHORTEST || $minutes > self::LONGEST) {
            return;
        }
        // One time for two kinds of work: each has its share of it as the handbook has it.
        $told = [];
        foreach ($stations as $station) {
            $told[] = [$station, $station->minutes($this->entry($piece, $station), $this->rules->own())];
        }
        $all = max(0.01, array_sum(array_column($told, 1)));
        foreach ($told as [$station, $share]) {
            $this->records->persist(
                new TimedWork(
                    $this->entry($piece, $station, ($minutes * $share) / $all),
                    $this->book->who(),
                    $this->clock->now(),
                    $piece->docket()->number(),
                ),
            );
        }
    }

    private function entry(Piece $piece, TimedStation $station, ?float $minutes = null): Entry
    {
        $weeding = $this->weeding->weeding($piece);
        $size = $piece->drawn()->cutSize();
        $small = $this->rules->own()->value(Rule::WeedSmall);

        return new Entry(
            $station,
            $piece->film()->grade(),
            (float) \count($weeding->waste),
            $weeding->outline(),
            (float) \count(array_filter($weeding->keeps, static fn (Part $part): bool => $part->narrow() < $small)),
            $size->width->toMillimetres() * $size->height->toMillimetres(),
            $minutes,
        );
    }
}
