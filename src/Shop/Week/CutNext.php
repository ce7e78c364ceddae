<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\StockCoverFor;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Rule;

/**
 * What to cut next by the plan of the week, so that nothing gets late and film is not wasted by haste: a fuller sheet
 * saves film and costs days, and both are said. Source: handbook sections 7 and 16.
 *
 * @phpstan-import-type Entry from WeekBoard
 * @phpstan-import-type Order from WeekBoard
 * @phpstan-import-type Plan from WeekBoard
 * @phpstan-type Press array{order: Order, by: \DateTimeImmutable}
 */
final readonly class CutNext
{
    /** Orders that are looked at for what they would be cut with. */
    private const MOST = 60;
    /** Hours: what has to be cut within them is cut now. */
    private const SOON = 24;
    private const NAMED = 3;

    public function __construct(
        private WeekBoard $board,
        private Calendar $calendar,
        private Connection $database,
        private Dockets $dockets,
        private StockCoverFor $enough,
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param FilmOnShelf|null $chosen the film whose price of waiting is told too
     * @param list<Piece>      $pieces those that wait for it
     *
     * @return array<int, CutProposal> by the number of the film; none as long as there is no plan
     */
    public function all(?FilmOnShelf $chosen, array $pieces): array
    {
        $plan = $this->board->last();
        if (null === $plan) {
            return [];
        }
        $waiting = $this->waiting();
        $orders = array_column($plan['orders'], null, 'docket');
        $proposals = [];
        foreach ($waiting as $film => $dockets) {
            $press = $this->press($plan, $orders, $film, $dockets);
            $coming = $this->coming($plan, $orders, $film, $dockets, $press['by'] ?? null);
            $proposals[$film] = $this->proposal(
                $press,
                $coming,
                null !== $chosen && $chosen->id() === $film ? $this->price($chosen, $pieces, $coming) : '',
            );
        }

        return $proposals;
    }

    /** @return array<int, list<int>> the numbers of dockets that wait, by film */
    private function waiting(): array
    {
        /** @var list<array{film: int, docket: int}> $rows */
        $rows = $this->database->fetchAllAssociative(
            'SELECT DISTINCT p.film_id AS film, d.number AS docket FROM piece p JOIN docket d ON d.id = p.docket_id
             WHERE p.state = ?',
            [PieceState::Waiting->value],
        );
        $films = [];
        foreach ($rows as $row) {
            $films[$row['film']][] = $row['docket'];
        }

        return $films;
    }

    /**
     * The order that presses most, and by when it has to be cut: as much later than planned as it would be ready early.
     *
     * @param Plan              $plan
     * @param array<int, Order> $orders  by docket
     * @param list<int>         $dockets
     *
     * @return Press|null none where nobody said by when
     */
    private function press(array $plan, array $orders, int $film, array $dockets): ?array
    {
        $press = null;
        foreach ($plan['entries'] as $entry) {
            $order = $orders[$entry['docket']] ?? null;
            $isOfIt = "cut-$film" === $entry['key'] && \in_array($entry['docket'], $dockets, true);
            if (!$isOfIt || null === $order || null === $order['due']) {
                continue;
            }
            $early = (new \DateTimeImmutable($order['due']))->getTimestamp() -
                (new \DateTimeImmutable($order['ready']))->getTimestamp();
            $by = $this->inHours((new \DateTimeImmutable($entry['from']))->modify(max(0, $early).' seconds'), $entry);
            $isWorse = null === $press
                || [$order['late'], $press['by']] > [$press['order']['late'], $by];
            if ($isWorse) {
                $press = ['order' => $order, 'by' => $by];
            }
        }

        return $press;
    }

    /**
     * The last moment up to one at which a cut can begin within the shop's hours; now where there is none.
     *
     * @param Entry $cut
     */
    private function inHours(\DateTimeImmutable $moment, array $cut): \DateTimeImmutable
    {
        $takes = (new \DateTimeImmutable($cut['to']))->getTimestamp() -
            (new \DateTimeImmutable($cut['from']))->getTimestamp();
        $now = $this->clock->now();
        $hours = $this->calendar->hours();
        for ($day = $moment->setTime(0, 0); $day >= $now->setTime(0, 0); $day = $day->modify('-1 day')) {
            foreach (array_reverse($hours->on($day)) as [$opens, $closes]) {
                $last = min($moment, $day->modify("+$closes minutes")->modify("-$takes seconds"));
                if ($last >= $day->modify("+$opens minutes")) {
                    return max($last, $now);
                }
            }
        }

        return $now;
    }

    /**
     * What is still with its customer and will come to the same film before it has to be cut.
     *
     * @param Plan                    $plan
     * @param array<int, Order>       $orders  by docket
     * @param list<int>               $dockets those that wait already
     * @param \DateTimeImmutable|null $by      none where nothing presses
     *
     * @return list<Entry> their cuts as planned, the soonest first
     */
    private function coming(array $plan, array $orders, int $film, array $dockets, ?\DateTimeImmutable $by): array
    {
        $coming = array_filter(
            $plan['entries'],
            static fn (array $entry): bool => "cut-$film" === $entry['key']
                && !\in_array($entry['docket'], $dockets, true)
                && (null === $by || new \DateTimeImmutable($entry['from']) <= $by)
                && isset($orders[$entry['docket']]),
        );
        usort($coming, static fn (array $a, array $b): int => $a['from'] <=> $b['from']);

        return \array_slice($coming, 0, self::MOST);
    }

    /**
     * @param Press|null  $press
     * @param list<Entry> $coming
     */
    private function proposal(?array $press, array $coming, string $price): CutProposal
    {
        if (null === $press) {
            return new CutProposal(false, null, 'Nothing presses: cut it when the sheet is full.', $price);
        }
        $tag = $press['order']['tag'];
        $by = $press['by'];
        $soon = $by <= $this->clock->now()->modify('+'.self::SOON.' hours');
        $says = match (true) {
            $press['order']['late'] > 0 => "Cut it now: $tag is late.",
            $soon => "Cut it now: by {$by->format('D j M, H:i')} at the latest, for $tag.",
            [] === $coming => "Cut it by {$by->format('D j M, H:i')}, for $tag. Nothing else is coming to it.",
            default => "It can wait until {$by->format('D j M, H:i')}, for $tag.",
        };

        return new CutProposal($soon || $press['order']['late'] > 0, $by, $says, $price);
    }

    /**
     * @param list<Piece> $pieces
     * @param list<Entry> $coming
     */
    private function price(FilmOnShelf $film, array $pieces, array $coming): string
    {
        $later = $tags = [];
        $last = $this->clock->now();
        foreach ($coming as $entry) {
            $docket = $this->dockets->numbered($entry['docket']);
            $boxes = $this->boxes($docket, $film);
            if ([] !== $boxes) {
                array_push($later, ...$boxes);
                $tags[] = $docket->tag();
                $last = max($last, new \DateTimeImmutable($entry['from']));
            }
        }
        if ([] === $later || [] === $pieces) {
            return '';
        }
        $now = array_map(
            static fn (Piece $piece): array => [
                Box::sized(
                    $piece->drawn()->cutSize()->width->micrometres,
                    $piece->drawn()->cutSize()->height->micrometres,
                ),
                1,
            ],
            $pieces,
        );
        $rules = $this->rules->current();
        $saved = $this->enough->together($film, $now, $later);
        $minutes = (new StepMinutes($rules))->cut(0.0);
        $worth = Money::of(
            ($saved * ($film->price() ?? 100 * $rules->value(Rule::FilmPrice))) / 100 +
            ($minutes / 60) * $rules->value(Rule::BenchHour),
        );
        $days = max(0.0, ($last->getTimestamp() - $this->clock->now()->getTimestamp()) / 86_400);

        return self::named($tags).
            \sprintf(
                ' will come to it. Cut together on %s that saves %.3f m² and %d minutes, %s, and costs %.1f days.',
                $last->format('D j M'),
                $saved,
                round($minutes),
                $worth->plain(),
                $days,
            );
    }

    /** @param list<string> $tags */
    private static function named(array $tags): string
    {
        $rest = \count($tags) - self::NAMED;

        return implode(', ', \array_slice($tags, 0, self::NAMED)).($rest > 0 ? " and $rest more" : '');
    }

    /** @return list<array{Box, int}> of what is frozen of an order in a film, each with how many of it */
    private function boxes(Docket $docket, FilmOnShelf $film): array
    {
        $boxes = [];
        foreach ($docket->proofs()->newest() as $page) {
            for ($member = 0; $member < $page->drawing()->members(); ++$member) {
                foreach ($page->drawing()->layers($member) as $nth => $layer) {
                    if (($layer['film'] ?? $page->item()->ownFilm()->id()) === $film->id()) {
                        $size = $page->drawing()->layerSize($member, $nth);
                        $boxes[] = [
                            Box::sized($size->width->micrometres, $size->height->micrometres),
                            $page->item()->copies(),
                        ];
                    }
                }
            }
        }

        return $boxes;
    }
}
