<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Item;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Price\Costing;
use Yelbo\Trade\Price\RealCost;
use Yelbo\Trade\Price\Spent;

/** What orders really cost: film that was cut up, material that was booked, minutes that were timed. */
final readonly class Costs
{
    public function __construct(
        private Connection $database,
        private FilmCutUp $film,
        private WorkPlans $plans,
        private PieceWeeding $weeding,
        private Outlines $outlines,
        private Invoices $invoices,
        private ShopRules $rules,
    ) {
    }

    /** Of an order so far, beside its quote; none where nothing of it was cut yet. */
    public function of(Docket $docket): ?RealCost
    {
        $spent = $this->spent($docket);

        return null === $spent
            ? null
            : new RealCost(
                $this->invoices->quoted($docket),
                (new Costing($this->rules->current()))->cost($spent),
                $this->invoices->net($docket),
            );
    }

    /** What an order took so far; none where nothing of it was cut yet. */
    public function spent(Docket $docket): ?Spent
    {
        // What was cut before the order was changed was cut for it too.
        $pieces = $docket->piecesEver();
        $back = $this->cameBack($pieces);
        $times = static fn (Piece $piece, PieceState $state): int => ($back[$piece->id()] ?? 0)
            + (int) self::isPast($piece, $state);
        $cuts = static fn (Piece $piece): int => $times($piece, PieceState::Cutting);
        $weeds = static fn (Piece $piece): int => $times($piece, PieceState::Weeding);
        $cut = array_values(array_filter($pieces, static fn (Piece $piece): bool => $cuts($piece) > 0));
        if ([] === $cut) {
            return null;
        }
        $minutes = new StepMinutes($this->rules->current());
        $share = $this->film->of($cut);
        $blade = $share['boxes'] + array_sum(
            array_map(fn (Piece $one): float => $cuts($one) * $this->weeding->weeding($one)->outline(), $cut),
        );
        [$tape, $blanks] = $this->booked($docket);
        $weeding = fn (Piece $piece): float => $weeds($piece) * $this->weeding->weeding($piece)->minutes;
        $applied = array_values(
            array_filter($cut, static fn (Piece $piece): bool => self::isPast($piece, PieceState::Applying)),
        );
        $onTop = array_filter($applied, static fn (Piece $piece): bool => $piece->drawn()->isOnTop());

        return new Spent(
            \count($docket->items()),
            $share['films'],
            $tape,
            $blanks,
            $blade,
            $share['sheets'] * $minutes->cut(0.0) + $minutes->cut($blade, 0),
            $this->timed($docket, ['weed'], array_map($weeding, $cut), array_sum(array_map($weeds, $cut))),
            $this->timed($docket, ['tape', 'apply', 'send'], array_map($this->bench(...), $applied), \count($onTop)),
            $this->coats($cut, $minutes),
            $docket->delivery(),
            array_sum(array_map(fn (Piece $piece): float => $cuts($piece) * $this->printed($piece), $cut)),
        );
    }

    private static function isPast(Piece $piece, PieceState $state): bool
    {
        return PieceState::Withdrawn !== $piece->state() && $piece->state()->rank() > $state->rank();
    }

    /**
     * How often each was cut and came back; what was spoiled before the knife was at it was neither cut nor weeded.
     *
     * @param list<Piece> $pieces
     *
     * @return array<int, int> by piece
     */
    private function cameBack(array $pieces): array
    {
        $ids = array_map(static fn (Piece $piece): int => $piece->id(), $pieces);

        return array_map(intval(...), $this->database->fetchAllKeyValue(
            'SELECT piece, COUNT(*) FROM cut_outcome WHERE came_back = 1 AND piece IN (?) GROUP BY piece',
            [$ids],
            [ArrayParameterType::INTEGER],
        ));
    }

    /** mm² of ink on a piece. */
    private function printed(Piece $piece): float
    {
        return Film::Printable !== $piece->film()->grade() || [] === $piece->proof()->drawing()->pictures()
            ? 0.0
            : $this->outlines->region($piece->drawn()->outline())->area();
    }

    /**
     * Minutes of hands an order takes by the figures, done or not.
     *
     * @param list<Piece> $pieces
     */
    public function told(Docket $docket, array $pieces): float
    {
        $minutes = new StepMinutes($this->rules->current());
        $films = array_unique(array_map(static fn (Piece $piece): int => $piece->film()->id(), $pieces));
        $all = $minutes->setUp(\count($docket->items())) +
            $minutes->cut(0.0, \count($films)) +
            $minutes->pack() +
            $docket->delivery()->minutes($this->rules->current());
        foreach ($pieces as $piece) {
            $all += $this->weeding->weeding($piece)->minutes +
                $this->bench($piece) +
                $minutes->cut($this->weeding->weeding($piece)->outline(), 0);
        }

        return $all;
    }

    /** Minutes of taping and applying by the plan of work of the thing, told at its first piece. */
    private function bench(Piece $piece): float
    {
        return $piece === $piece->thing()->first() ? $this->plans->of($piece->thing())->benchMinutes() : 0.0;
    }

    /**
     * Minutes that were timed, and those the figures tell of what was not.
     *
     * @param list<string> $stations
     * @param list<float>  $told     minutes of each piece, by the figures; none of what is not done yet
     * @param int          $done     how often it was done, timed or not
     *
     * @return array{float, float}
     */
    private function timed(Docket $docket, array $stations, array $told, int $done): array
    {
        /** @var array{minutes: float|string|null, times: int|string} $row */
        $row = $this->database->fetchAssociative(
            'SELECT SUM(minutes) AS minutes, COUNT(*) AS times FROM timed_work WHERE docket = ? AND station IN (?)',
            [$docket->number(), $stations],
            [1 => ArrayParameterType::STRING],
        );
        // Taping and what follows it share one time: two lines for each piece.
        $times = (int) $row['times'] / (\count($stations) > 1 ? 2 : 1);
        $untimed = 0 === $done ? 0.0 : max(0.0, 1 - $times / $done);

        return [(float) $row['minutes'], round($untimed * array_sum($told), 2)];
    }

    /**
     * @param list<Piece> $cut
     *
     * @return array{float, int} minutes, and coats on things
     */
    private function coats(array $cut, StepMinutes $minutes): array
    {
        /** @var array<int, Item> $items */
        $items = [];
        $many = [];
        foreach ($cut as $piece) {
            $isOn = PieceState::Withdrawn !== $piece->state()
                && $piece->state()->rank() > PieceState::Applying->rank();
            if ($isOn && $piece === $piece->thing()->first() && $piece->item()->isAppliedHere()) {
                $items[$piece->item()->id()] = $piece->item();
                $many[$piece->item()->id()] = ($many[$piece->item()->id()] ?? 0) + 1;
            }
        }

        $all = 0.0;
        $laid = 0;
        foreach ($items as $nth => $item) {
            [$coats] = $minutes->coats($item->finish());
            $all += $coats * $minutes->coat($many[$nth]);
            $laid += $coats * $many[$nth];
        }

        return [$all, $laid];
    }

    /** @return array{int, int} mm of tape and blanks that were taken off the shelf for it */
    private function booked(Docket $docket): array
    {
        /** @var array<string, int|string> $taken */
        $taken = $this->database->fetchAllKeyValue(
            'SELECT s.kind, -SUM(m.delta) FROM movement m JOIN supply s ON s.id = m.supply_id
             WHERE m.reason LIKE ? GROUP BY s.kind',
            ["{$docket->tag()}/%"],
        );

        return [(int) ($taken['tape'] ?? 0), (int) ($taken['blank'] ?? 0)];
    }
}
