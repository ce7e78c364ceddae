<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\CutSheets;
use Yelbo\Shop\Batches\LayPlan;
use Yelbo\Shop\Batches\LayPlanHandler;
use Yelbo\Shop\Batches\Nesting;
use Yelbo\Shop\Batches\NestPlan;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Batches\PlanKind;
use Yelbo\Shop\Batches\PlanQueue;
use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Shop\Orders\ProofPage;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\People\Role;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Proofs\Approval;
use Yelbo\Shop\Settings\ChangedRule;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Tests\Device\MachineInHand;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Rule;

/** A small shop on the real database; every test's changes are rolled back after it. */
abstract class ShopTestCase extends WebTestCase
{
    protected KernelBrowser $browser;
    protected EntityManagerInterface $records;
    protected FilmOnShelf $navy;
    protected StockItem $sheets;
    protected MockClock $clock;

    protected function setUp(): void
    {
        $this->clock = new MockClock('2026-11-23 09:00:00');
        Clock::set($this->clock);
        $this->browser = self::createClient();
        $this->browser->disableReboot();
        $this->records = $this->get(EntityManagerInterface::class);
        $hasher = $this->get(UserPasswordHasherInterface::class);
        foreach ([['ines', 'Ines', Role::Owner], ['tomas', 'Tomas', Role::Bench]] as [$signIn, $name, $role]) {
            $worker = new Worker($signIn, $name, $role);
            $worker->setHash($hasher->hashPassword($worker, 'lantern'));
            $this->records->persist($worker);
        }
        $this->navy = new FilmOnShelf(Film::Permanent, 'navy', '#1b2f57');
        $this->sheets = new StockItem($this->navy, StockItem::SHEET, 300_000, 600_000, 3, '1');
        $this->records->persist(new ChangedRule(Rule::Think->value, 0));
        $this->records->persist($this->navy);
        $this->records->persist($this->sheets);
        $this->records->flush();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        Clock::set(new NativeClock());
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    protected function get(string $class): object
    {
        $service = self::getContainer()->get($class);
        \assert($service instanceof $class);

        return $service;
    }

    protected function machine(): MachineInHand
    {
        return $this->get(MachineInHand::class);
    }

    protected function answers(string $words = 'Kestrel', int $count = 2, string $appliedBy = 'shop'): Answers
    {
        return Answers::fromKept([
            'customer' => 'Osric Tamblyn',
            'contact' => '0700 900 181',
            'words' => $words,
            'object' => 'Coal hod',
            'width' => '180mm',
            'height' => '110mm',
            'film' => (string) $this->navy->id(),
            'quantity' => (string) $count,
            'neededOn' => '2026-12-05',
            'appliedBy' => $appliedBy,
        ]);
    }

    protected function taken(string $words = 'Kestrel', int $count = 2, string $appliedBy = 'shop'): Docket
    {
        return $this->get(TakeOrder::class)->begin(new TypedOrder($this->answers($words, $count, $appliedBy)), true);
    }

    /** @param list<string>|null $lines other words than the order's own */
    protected function draw(
        Docket $docket,
        Design $design,
        bool $proof = true,
        ?array $lines = null,
        ?int $version = null,
    ): void {
        $item = $docket->item();
        $this->get(DrawOrder::class)->draw(
            $item,
            $version ?? $docket->version(),
            new Draft($lines ?? $item->words(), $design, null === $lines ? $item->roster() : []),
            $proof,
        );
    }

    /** The page of the newest proof that shows the first thing of an order. */
    protected function page(Docket $docket): ProofPage
    {
        return $docket->proofs()->pageOf($docket->item()) ?? self::fail('no proof yet');
    }

    protected function approve(Docket $docket, int $proof = 1, string $by = 'Osric Tamblyn'): void
    {
        $this->get(Approval::class)->approve($docket, $docket->version(), $proof, $by);
    }

    /** @param array<string, int|float|string> $setting how the words are set */
    protected function approved(
        string $words = 'Kestrel',
        int $count = 2,
        string $appliedBy = 'shop',
        array $setting = [],
    ): Docket {
        $docket = $this->taken($words, $count, $appliedBy);
        $this->draw($docket, new Design('bebas', setting: [] === $setting ? null : $setting));
        $this->approve($docket);

        return $docket;
    }

    /** Pieces laid out and released, the way a worker takes. */
    protected function release(Piece ...$pieces): Batch
    {
        $plan = $this->planned(...$pieces);

        return $this->get(PlanEditor::class)->release($plan, $plan->version())[0];
    }

    /** The plan of least film for some pieces, without a second thought. */
    protected function planned(Piece ...$pieces): NestPlan
    {
        return $this->plannedFor(0, ...$pieces);
    }

    /** @param int $seconds it is thought about */
    protected function plannedFor(int $seconds, Piece ...$pieces): NestPlan
    {
        $nesting = $this->get(PlanQueue::class)->begin(
            ([...$pieces][0] ?? throw new \LogicException('Nothing to plan.'))->film(),
            array_map(static fn (Piece $piece): array => [$piece, $piece->version()], array_values($pieces)),
            [],
            Nesting::NO_BOXES,
            null,
            $seconds,
        );
        foreach ($nesting->plans() as $plan) {
            if (PlanKind::LeastFilm === $plan->kind()) {
                $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));

                return $this->get(PlanEditor::class)->plan($plan->id());
            }
        }
        throw new \LogicException('There is one of each kind.');
    }

    /** @return list<Piece> what lies in a batch */
    protected function piecesIn(Batch $batch): array
    {
        return CutSheets::pieces($this->get(CutSheets::class)->contents($batch));
    }

    /** The film that stays of a piece, as it is cut. */
    protected function region(Piece $piece): Region
    {
        return $this->get(Outlines::class)->cut($piece);
    }

    /** A docket whose pieces have been cut. */
    protected function cut(string $words = 'Kestrel', int $count = 1, string $appliedBy = 'shop'): Docket
    {
        $docket = $this->approved($words, $count, $appliedBy);
        $this->release(...$docket->pieces());
        foreach ($docket->pieces() as $piece) {
            $piece->move(PieceMove::StartCut, $this->clock->now());
            $piece->move(PieceMove::CutDone, $this->clock->now());
        }
        $this->records->flush();

        return $docket;
    }

    protected function weed(Piece $piece): void
    {
        $bench = $this->get(BenchWork::class);
        $bench->countOut(
            $piece,
            $piece->version(),
            array_keys($this->get(PieceWeeding::class)->weeding($piece)->insides()),
        );
        $bench->weeded($piece, $piece->version());
    }

    /** @return list<string> what the book says of a docket, oldest first */
    protected function book(Docket $docket): array
    {
        /** @var list<string> $says */
        $says = $this->records
            ->getConnection()
            ->fetchFirstColumn('SELECT says FROM log_entry WHERE docket = ? ORDER BY id', [$docket->number()]);

        return $says;
    }
}
