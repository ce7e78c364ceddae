<?php

declare(strict_types=1);

namespace Yelbo\Shop\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\LayPlan;
use Yelbo\Shop\Batches\LayPlanHandler;
use Yelbo\Shop\Batches\Nesting;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Batches\PlanQueue;
use Yelbo\Shop\Batches\Remnants;
use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Delivery\Delivery;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\DesignElement;
use Yelbo\Shop\Designs\DesignLibrary;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\Machines\TypedFigure;
use Yelbo\Shop\Machines\TypedMachine;
use Yelbo\Shop\Objects\ObjectAnswers;
use Yelbo\Shop\Objects\ObjectLibrary;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Customers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\People\Role;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Proofs\Approval;
use Yelbo\Shop\Proofs\ProofLinks;
use Yelbo\Shop\Stock\FilmFacts;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Shop\Stock\Supply;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Plan\StepKind;

/**
 * Fills an empty shop with the made-up wharf. Orders go the way every order goes, by the
 * same actions, with the clock set back so that waits run and some days are nearly up.
 */
final class DemoShop
{
    public const SIGN_INS = [
        ['ines', 'Ines', Role::Owner, 'lantern-towpath'],
        ['tomas', 'Tomas', Role::Bench, 'kettle-and-rope'],
    ];

    /** How far along the line each station is. */
    private const FAR = [
        'ask' => 0,
        'size' => 1,
        'proof' => 2,
        'batch' => 3,
        'cut' => 4,
        'weed' => 5,
        'apply' => 6,
        'cure' => 7,
        'send' => 8,
        'sent' => 9,
        'done' => 10,
    ];

    /** @var list<FilmOnShelf> */
    private array $films = [];

    public function __construct(
        private readonly EntityManagerInterface $records,
        private readonly TakeOrder $take,
        private readonly ObjectLibrary $objects,
        private readonly DesignLibrary $designs,
        private readonly DrawOrder $draw,
        private readonly Approval $approval,
        private readonly ProofLinks $links,
        private readonly PlanQueue $queue,
        private readonly PlanEditor $plans,
        private readonly LayPlanHandler $layer,
        private readonly Remnants $remnants,
        private readonly Delivery $delivery,
        private readonly PieceWeeding $weeding,
        private readonly Stockroom $stockroom,
        private readonly Machines $machines,
        private readonly BenchWork $bench,
        private WorkPlans $workPlans,
        private Customers $customers,
        private readonly DemoHistory $history,
        private readonly Book $book,
        private readonly UserPasswordHasherInterface $hasher,
    ) {
    }

    /** Whether there is nothing on record yet. */
    public function isEmpty(): bool
    {
        return null === $this->records->getRepository(Worker::class)->findOneBy([]);
    }

    /** @param \Closure(int, int): void|null $tell how many orders of how many are in */
    public function fill(?\Closure $tell = null): void
    {
        // In an emptied shop numbers begin anew: what was looked at before must not be taken for what comes.
        $this->records->clear();
        $now = new \DateTimeImmutable();
        try {
            Clock::set(new MockClock($now->modify('-3 days')));
            $this->book->as('Ines');
            $this->people();
            $this->machines();
            $this->stock();
            $all = \count(DemoOrders::ORDERS) + \count(DemoOrders::SHAPED);
            foreach (DemoOrders::OBJECTS as $answers) {
                $this->objects->add(ObjectAnswers::fromKept($answers), null);
            }
            foreach (DemoOrders::ORDERS as $nth => $order) {
                $this->order($order, $now, $nth);
                null === $tell || $tell($nth + 1, $all);
            }
            foreach (DemoOrders::SHAPED as $nth => $order) {
                $this->shaped($order, $now, $nth);
                null === $tell || $tell(\count(DemoOrders::ORDERS) + $nth + 1, $all);
            }
            $this->book->as('Ines');
            $this->offcuts(DemoOrders::OFFCUTS);
            $this->history->fill($now);
        } finally {
            Clock::set(new NativeClock());
        }
    }

    private function people(): void
    {
        foreach (self::SIGN_INS as [$signIn, $name, $role, $password]) {
            $worker = new Worker($signIn, $name, $role);
            $worker->setHash($this->hasher->hashPassword($worker, $password));
            $this->records->persist($worker);
        }
        $this->records->flush();
    }

    private function machines(): void
    {
        foreach (DemoOrders::MACHINES as [$name, $kind, $figures, $force, $blade]) {
            $this->machines->add(
                new TypedMachine(
                    $name,
                    $kind,
                    array_map(
                        static fn (string $rule, string $value): TypedFigure => new TypedFigure($rule, $value),
                        array_keys($figures),
                        $figures,
                    ),
                    $force,
                    $blade,
                    '1',
                ),
            );
        }
    }

    private function stock(): void
    {
        foreach (DemoOrders::FILMS as [$grade, $colour, $swatch, $sheets, $finish, $thickness, $liner, $price, $low]) {
            $film = new FilmOnShelf(Film::from($grade), $colour, $swatch);
            $maker = DemoOrders::MAKERS[$grade] ?? ['', null, null];
            $low *= 180_000;
            $film->describe(
                new FilmFacts($colour, $swatch, $finish, $thickness, $liner, false, ...[...$maker, $price, $low]),
            );
            $this->films[] = $film;
            $this->records->persist($film);
            $this->records->flush();
            $this->stockroom->receive(
                $film,
                StockItem::SHEET,
                300_000,
                600_000,
                $sheets,
                (string) \count($this->films),
                'L'.(418 + \count($this->films)),
            );
        }
        $this->offcuts(DemoOrders::OFFCUTS_BEFORE);
        foreach (DemoOrders::ROLLS as [$film, $width, $length, $bin]) {
            $this->stockroom->receive(
                $this->films[$film],
                StockItem::ROLL,
                $width * 1000,
                $length * 1000,
                1,
                $bin,
                'L431',
            );
        }
        foreach (DemoOrders::SUPPLIES as [$kind, $name, $width, $amount, $bin, $low]) {
            $this->stockroom->keep(
                new Supply($kind, $name, null === $width ? null : $width * 1000, $amount, $bin, $low),
            );
        }
    }

    /** @param list<array{int, int, int, string, string|null}> $offcuts */
    private function offcuts(array $offcuts): void
    {
        foreach ($offcuts as [$film, $width, $height, $bin, $outline]) {
            $this->stockroom->receive(
                $this->films[$film],
                StockItem::OFFCUT,
                $width * 1000,
                $height * 1000,
                1,
                $bin,
                '',
                $outline,
                'left over before Yelbo',
            );
        }
    }

    /**
     * @param array{
     *     string, string, string, string, string, string, string, string, string,
     *     int, int, int, string, string, string,
     * } $order
     */
    private function order(array $order, \DateTimeImmutable $now, int $nth): void
    {
        [
            $customer,
            $contact,
            $words,
            $object,
            $surface,
            $width,
            $height,
            $corner,
            $use,
            $film,
            $count,
            $days,
            $applies,
            $face,
            $station,
        ] = $order;
        $far = self::FAR[$station];
        $began = $now->modify(\sprintf('-%d hours', 26 + 2 * $far + ($nth % 5)));
        Clock::set(new MockClock($began));
        $this->book->as(0 === $nth % 3 ? 'Tomas' : 'Ines');
        $docket = $this->take->begin(new TypedOrder(Answers::fromKept([
            'customer' => $customer,
            'contact' => $contact,
            'words' => $words,
            'object' => $object,
            'surface' => $surface,
            'width' => $width,
            'height' => 1 === $nth && 0 === $far ? '' : $height,
            'corner' => $corner,
            'useOf' => $use,
            'film' => (string) $this->films[$film]->id(),
            'quantity' => (string) $count,
            'neededOn' => $now->modify("+$days days")->format('Y-m-d'),
            'appliedBy' => $applies,
        ])), $far > 0);
        if ($far < 2) {
            return;
        }
        Clock::set(new MockClock($began->modify('+40 minutes')));
        $item = $docket->item();
        $this->draw->draw($item, $docket->version(), new Draft($item->words(), new Design($face)), true);
        if ($far < 3) {
            return;
        }
        $this->approval->approve($docket, $docket->version(), 1, $customer);
        if ($far >= 4) {
            $this->make($docket, $far, $began->modify('+2 hours'));
        } elseif ('Ottilie Marchbanks' === $customer) {
            $this->spoilOne($docket, $began->modify('+3 hours'));
        }
    }

    /**
     * @param array{
     *     answers: array<string, mixed>,
     *     days: int,
     *     face?: string,
     *     setting?: array<string, int|float|string>,
     *     layers?: list<array{int, int}>,
     *     capHeight?: int,
     *     price?: int,
     *     station: string,
     *     change?: array{string, float, float},
     *     others?: list<array<string, mixed>>,
     *     elements?: list<array<string, mixed>>,
     *     keep?: string,
     *     coated?: int,
     * } $order
     */
    private function shaped(array $order, \DateTimeImmutable $now, int $nth): void
    {
        $far = self::FAR[$order['station']];
        $began = $now->modify(\sprintf('-%d hours', 28 + 2 * $far + $nth));
        Clock::set(new MockClock($began));
        $this->book->as(0 === $nth % 2 ? 'Ines' : 'Tomas');
        $film = $order['answers']['film'];
        $typed =
            [
                'film' => (string) $this->films[\is_int($film) ? $film : 0]->id(),
                'neededOn' => $now->modify("+{$order['days']} days")->format('Y-m-d'),
                // Each name of the demo is one person, whichever way they were reached this time.
                'known' => (string) ($this->customers->found($order['answers']['customer'], 1)[0] ?? null)?->id(),
            ] + $order['answers'];
        $others = array_map(
            fn (array $other): Answers => Answers::fromKept(
                ['film' => (string) $this->films[\is_int($other['film'] ?? null) ? $other['film'] : 0]->id()]
                    + $other
                    + array_diff_key($typed, ['keepOuts' => 0, 'roster' => 0]),
            ),
            $order['others'] ?? [],
        );
        $docket = $this->take->begin(new TypedOrder(Answers::fromKept($typed), $others), true);
        $layers = array_map(
            fn (array $layer): array => ['offset' => $layer[0], 'film' => $this->films[$layer[1]]->id()],
            $order['layers'] ?? [],
        );
        Clock::set(new MockClock($began->modify('+30 minutes')));
        $docket->askPrice($order['price'] ?? null);
        $elements = array_map(
            fn (array $element): DesignElement => DesignElement::fromKept(
                (isset($element['film']) && \is_int($element['film'])
                    ? ['film' => $this->films[$element['film']]->id()]
                    : []) + $element,
            ),
            $order['elements'] ?? [],
        );
        $design = new Design(
            $order['face'] ?? null,
            $order['capHeight'] ?? null,
            setting: $order['setting'] ?? null,
            layers: $layers ?: null,
        );
        foreach (array_reverse($docket->items()) as $item) {
            $first = 1 === $item->nth();
            $this->draw->draw(
                $item,
                $docket->version(),
                new Draft(
                    $item->words(),
                    $first ? $design : $design->sized(null),
                    $item->roster(),
                    elements: $first ? $elements : [],
                ),
                $first && $far > 1,
            );
        }
        if (isset($order['keep'])) {
            $this->designs->keep($order['keep'], $docket->items()[0]->object(), $docket->items()[0]->draft());
        }
        if ($far >= 3) {
            $this->approval->approve($docket, $docket->version(), 1, $docket->customer()?->name() ?? '');
        }
        if ($far >= 4) {
            $this->make($docket, $far, $began->modify('+2 hours'));
        }
        if (isset($order['coated'])) {
            Clock::set(new MockClock($now->modify("-{$order['coated']} minutes")));
            foreach ($docket->things() as $thing) {
                $this->bench->tick($thing, $thing->version(), [StepKind::Coat->value]);
            }
        }
        if (isset($order['change'])) {
            [, $token] = $this->links->give($docket, $typed['contact']);
            Clock::set(new MockClock($began->modify('+5 hours')));
            $this->links->follow($token);
            $this->links->requestChange($token, $docket->customer()?->name() ?? '', $order['change'][0], [
                (int) (1000 * $order['change'][1]),
                (int) (1000 * $order['change'][2]),
            ]);
        }
    }

    private function make(Docket $docket, int $far, \DateTimeImmutable $at): void
    {
        Clock::set(new MockClock($at));
        $batch = $this->release($docket);
        if ($far < 5) {
            return;
        }
        $batch->start('demo', $at);
        $batch->began();
        foreach ($docket->pieces() as $piece) {
            $piece->move(PieceMove::StartCut, $at);
            $piece->move(PieceMove::CutDone, $at->modify('+10 minutes'));
            $this->book->note(
                'cut-done',
                "{$piece->tag()} cut, batch {$batch->id()}",
                $piece->docket()->number(),
                $piece->nth(),
            );
        }
        $batch->finished();
        $this->records->flush();
        if ($far >= 6) {
            $this->remnants->putAway(
                $batch,
                $batch->version(),
                null === $this->remnants->lying($batch)->square ? Remnants::SCRAP : Remnants::SQUARE,
            );
        }
        if ($far >= 6) {
            foreach ($docket->pieces() as $piece) {
                $this->finish($piece, $far);
            }
        }
    }

    /** The way a worker takes: plans are made, and the first is released. */
    private function release(Docket $docket): Batch
    {
        $pieces = array_map(static fn (Piece $piece): array => [$piece, $piece->version()], $docket->pieces());
        [$plan] = $this->queue
            ->begin(
                $docket->item()->ownFilm(),
                $pieces,
                [],
                Nesting::NO_BOXES,
                null,
                0,
            )
            ->plans();
        ($this->layer)(new LayPlan($plan->id()));
        $plan = $this->plans->plan($plan->id());

        return $this->plans->release($plan, $plan->version())[0];
    }

    private function finish(Piece $piece, int $far): void
    {
        $this->bench->countOut($piece, $piece->version(), array_keys($this->weeding->weeding($piece)->insides()));
        $this->bench->weeded($piece, $piece->version());
        $thing = $piece->thing();
        if ($far < 7 || [] !== $thing->missing()) {
            return;
        }
        $this->bench->tick($thing, $thing->version(), array_keys($this->workPlans->of($thing)->handSteps()));
        $this->bench->move(
            $thing,
            $thing->version(),
            $thing->item()->isAppliedHere() ? PieceMove::Applied : PieceMove::Packed,
        );
        if ($far >= 9) {
            $this->delivery->move(
                $thing,
                $thing->version(),
                10 === $far ? PieceMove::HandOver : PieceMove::Post,
                10 === $far ? '' : 'TW-5512-08',
            );
        }
    }

    private function spoilOne(Docket $docket, \DateTimeImmutable $at): void
    {
        $this->make($docket, 5, $at);
        $piece = $docket->pieces()[0];
        $this->bench->spoil($piece, $piece->version(), 'the dot lifted with the surround');
    }
}
