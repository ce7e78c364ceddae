<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Orders\AskedOn;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Item;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Plan\Handover;
use Yelbo\Trade\Plan\Step;
use Yelbo\Trade\Plan\StepKind;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Plan\Waits;

/** What is left to do of every open order, from its plans of work and where each piece stands. */
final readonly class OrderWorks
{
    private const UNCUT = [PieceState::Waiting, PieceState::Batched, PieceState::Cutting];
    private const COATS = [StepKind::Coat, StepKind::PaintBehind];

    public function __construct(
        private EntityManagerInterface $records,
        private WorkPlans $plans,
        private PieceWeeding $weeding,
        private AskedThings $things,
        private ShopRules $rules,
        private ClockInterface $clock,
        private OrderMarks $marks,
        private Cache $cache,
    ) {
    }

    /** @return list<OrderWork> those of taken orders something is left to do of, by their numbers */
    public function all(): array
    {
        /** @var list<Docket> $dockets */
        $dockets = $this->records
            ->createQuery(
                'SELECT d, c FROM '.Docket::class.' d LEFT JOIN d.customer c WHERE d.state IN (:open) ORDER BY '
                    .'d.number',
            )
            ->setParameter('open', [
                DocketState::Sizing->value,
                DocketState::Proofing->value,
                DocketState::Making->value,
            ])
            ->getResult();

        $marks = $this->marks->of(array_map(static fn (Docket $docket): int => $docket->number(), $dockets));
        $works = array_map(
            fn (Docket $docket): OrderWork => $this->work(
                $docket,
                $this->cache->recall(
                    "order-left.{$docket->number()}.{$marks[$docket->number()]}",
                    fn (): OrderLeft => $this->left($docket),
                ),
            ),
            $dockets,
        );

        return array_values(array_filter($works, static fn (OrderWork $work): bool => [] !== $work->steps));
    }

    /** What is left to do of one order. */
    public function of(Docket $docket): OrderWork
    {
        return $this->work($docket, $this->left($docket));
    }

    /** An order as it stands now. */
    private function work(Docket $docket, OrderLeft $left): OrderWork
    {
        [$begins, $because] = [null, ''];
        if (!\in_array($docket->state(), [DocketState::Sizing, DocketState::Making], true)) {
            $yes = (new StepMinutes($this->rules->current()))->yes();
            $begins = ($left->proofed ?? $this->clock->now())->add(new \DateInterval("PT{$yes}M"));
            $because = 'the customer’s yes';
        }
        if (null === $begins && null !== $left->rests && $left->rests > $this->clock->now()) {
            [$begins, $because] = [$left->rests, 'what rests or dries'];
        }

        return new OrderWork(
            $docket->number(),
            $docket->tag(),
            $docket->label(),
            $docket->customer()?->name() ?? '',
            $docket->neededAt(),
            $begins > $this->clock->now() ? $begins : null,
            $because,
            $left->steps,
        );
    }

    private function left(Docket $docket): OrderLeft
    {
        $minutes = new StepMinutes($this->rules->current());
        $pieces = $docket->pieces();
        $steps = [];
        if (DocketState::Sizing === $docket->state()) {
            $setUp = $minutes->setUp(\count($docket->items()));
            $steps[] = new OrderStep('size', Station::Size, $setUp, $minutes->yes(), 'size and proof');
        }
        $told = array_map(static fn (Piece $piece): Item => $piece->item(), $pieces);
        $untold = array_filter($docket->items(), static fn (Item $item): bool => !\in_array($item, $told, true));
        array_push($steps, ...$this->bench($pieces, array_values($untold), $minutes, $docket->delivery()));

        return new OrderLeft(
            array_merge(...array_map(static fn (OrderStep $step): array => $step->inParts(), $steps)),
            RestingThings::restsUntil($pieces),
            ($docket->proofs()->newest()[0] ?? null)?->madeAt(),
        );
    }

    /**
     * @param list<Piece> $pieces
     * @param list<Item>  $untold those that have no pieces yet
     *
     * @return list<OrderStep>
     */
    private function bench(array $pieces, array $untold, StepMinutes $minutes, Handover $delivery): array
    {
        $open = array_filter(
            $pieces,
            static fn (Piece $piece): bool => !\in_array(
                $piece->state(),
                [PieceState::OnItsWay, PieceState::Delivered],
                true,
            ),
        );
        if ([] === $open && [] === $untold) {
            return [];
        }
        [$apply, $coats, $rest, $after] = $this->benchWork(array_values($open), $untold, $minutes);

        return [
            ...$this->cuts(array_values($open), $untold, $minutes),
            ...$this->weeds(array_values($open), $untold, $minutes),
            ...$apply > 0.0
                ? [new OrderStep('apply', Station::Apply, $apply, [] === $coats ? $rest : 0, 'tape and apply')]
                : [],
            ...array_map(
                static fn (int $nth, array $coat): OrderStep => new OrderStep(
                    'coat-'.(1 + $nth),
                    Station::Apply,
                    $minutes->coat($coat[0]),
                    // What is coated rests meanwhile.
                    $nth === \count($coats) - 1 ? max($coat[1], $rest - $nth * $coat[1]) : $coat[1],
                    1 === \count($coats) ? 'coat' : 'coat '.(1 + $nth),
                ),
                array_keys($coats),
                $coats,
            ),
            $this->send($delivery, $after, $minutes),
        ];
    }

    /** @param int $after minutes it rests once it is with its customer */
    private function send(Handover $delivery, int $after, StepMinutes $minutes): OrderStep
    {
        $rules = $this->rules->current();

        return new OrderStep(
            'send',
            Station::Send,
            $minutes->pack() + $delivery->minutes($rules),
            $delivery->onItsWay($rules) + $after,
            Handover::Posted === $delivery ? 'pack and post' : 'pack and hand over',
        );
    }

    /**
     * @param list<Piece> $pieces
     * @param list<Item>  $untold
     *
     * @return list<OrderStep> a sheet for each film
     */
    private function cuts(array $pieces, array $untold, StepMinutes $minutes): array
    {
        $films = $names = [];
        foreach ($pieces as $piece) {
            if (\in_array($piece->state(), self::UNCUT, true)) {
                $film = $piece->film();
                $films[$film->id()] = ($films[$film->id()] ?? 0.0) + $this->weeding->weeding($piece)->outline();
                $names[$film->id()] = $film->colour();
            }
        }
        foreach ($untold as $item) {
            foreach ($this->unseen($item)->films as $id => [, $colour, $outline]) {
                $films[$id] = ($films[$id] ?? 0.0) + $outline;
                $names[$id] = '' === $colour ? 'film' : $colour;
            }
        }

        return array_map(
            static fn (int $film, float $outline): OrderStep => new OrderStep(
                "cut-$film",
                Station::Cut,
                $minutes->cut($outline),
                0,
                "cut {$names[$film]}",
            ),
            array_keys($films),
            $films,
        );
    }

    /**
     * @param list<Piece> $pieces
     * @param list<Item>  $untold
     *
     * @return list<OrderStep>
     */
    private function weeds(array $pieces, array $untold, StepMinutes $minutes): array
    {
        $weed = 0.0;
        foreach ($pieces as $piece) {
            if (\in_array($piece->state(), [...self::UNCUT, PieceState::Weeding], true)) {
                $weed += $this->weeding->weeding($piece)->minutes;
            }
        }
        foreach ($untold as $item) {
            $thing = $this->unseen($item);
            $weed += $thing->copies * $thing->weeding;
        }

        return $weed > 0.0 ? [new OrderStep('weed', Station::Weed, $weed, 0, 'weed')] : [];
    }

    /**
     * @param list<Piece> $pieces
     * @param list<Item>  $untold
     *
     * @return array{float, list<array{int, int}>, int, int} minutes of taping and applying; of each coat how many
     *     things
     *     and how long it dries; minutes it rests here afterwards, and once it is handed over
     */
    private function benchWork(array $pieces, array $untold, StepMinutes $minutes): array
    {
        $work = new BenchToDo();
        foreach (RestingThings::things($pieces) as $thing) {
            if ($thing->state()->rank() <= PieceState::Applying->rank()) {
                $this->toDo($work, $thing);
            }
        }
        foreach ($untold as $item) {
            $work->asked($this->unseen($item), $minutes, $this->rules->current());
        }

        return $work->all();
    }

    private function toDo(BenchToDo $work, Thing $thing): void
    {
        $nth = 0;
        foreach ($this->steps($thing) as $step) {
            if (\in_array($step->kind, self::COATS, true)) {
                $work->coat($nth++, 1, $step->wait);
            } else {
                $work->apply($step->minutes);
            }
        }
        $item = $thing->item();
        $here = $item->isAppliedHere() && !Waits::isElsewhere($item->useOf(), $item->object()->material());
        foreach ($thing->pieces() as $piece) {
            $grade = $piece->film()->grade();
            $work->rest(Waits::untilUsed($grade, $item->finish(), $this->rules->current()), $here);
        }
    }

    /** One that has no pieces yet. */
    private function unseen(Item $item): AskedThing
    {
        return $this->things->unseen(AskedOn::drawn($item), self::copies($item));
    }

    /** Decals of a thing that has no pieces yet: of a set one for each name. */
    private static function copies(Item $item): int
    {
        return $item->copies() * max(1, \count($item->roster()));
    }

    /** @return list<Step> those hands still do */
    private function steps(Thing $thing): array
    {
        return array_values(
            array_diff_key($this->plans->of($thing)->handSteps(), array_flip($thing->progress()->done)),
        );
    }
}
