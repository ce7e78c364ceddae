<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Stamp\TransportNamesStamp;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Journey\PlanMove;
use Yelbo\Trade\Journey\PlanState;
use Yelbo\Trade\Rule;

/** Which plans the workers are to think about, for how long, and whether anybody still waits for them. */
final readonly class PlanQueue
{
    private const PIECES_A_SECOND = 4;

    public function __construct(
        private EntityManagerInterface $records,
        private PlanStates $states,
        private ShopRules $rules,
        private Shelf $shelf,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private MessageBusInterface $bus,
    ) {
    }

    /** Somebody looks at it: what nobody looks at is given up. */
    public function seen(Nesting $nesting): void
    {
        $this->records
            ->getConnection()
            ->executeStatement('UPDATE nesting SET seen_at = ? WHERE id = ?', [
                $this->clock->now()->format('Y-m-d H:i:s'),
                $nesting->id(),
            ]);
    }

    /**
     * @param list<array{Piece, int}> $pieces each with the version it was chosen at
     * @param list<int>               $split
     * @param int|null                $seconds how long each plan may think; by the shop's figure where left out
     *
     * @throws Refusals
     */
    public function begin(
        FilmOnShelf $film,
        array $pieces,
        array $split,
        string $boxes,
        ?int $stock,
        ?int $seconds = null,
    ): Nesting {
        $versions = self::versions($film, $pieces);
        if (null !== $stock && $this->shelf->item($stock)->film() !== $film) {
            throw Refusals::at('stock', 'This stock is of another film.');
        }
        $known = $this->known($film, $versions, $split, $boxes, $stock);
        if (null !== $known) {
            $this->seen($known);
            $this->goOn($known);

            return $known;
        }
        $seconds ??= $this->seconds(\count($versions));
        $nesting = new Nesting(
            $film,
            $versions,
            array_values(array_intersect($split, array_keys($versions))),
            $boxes,
            $stock,
            $this->book->who(),
            $this->clock->now(),
            $this->shelf->lastMovement(),
            $seconds,
        );
        $this->records->wrapInTransaction(function () use ($nesting, $seconds): void {
            $this->tidy();
            $this->records->persist($nesting);
            $this->records->flush();
            $this->dispatch($nesting, $seconds);
        });

        return $nesting;
    }

    /**
     * @param list<array{Piece, int}> $pieces
     *
     * @return non-empty-array<int, int> by the number of the piece
     */
    private static function versions(FilmOnShelf $film, array $pieces): array
    {
        $versions = [];
        foreach ($pieces as [$piece, $version]) {
            if ($piece->film() !== $film) {
                throw Refusals::at('pieces', "{$piece->tag()} is to be cut from another film.");
            }
            $versions[$piece->id()] = $version;
        }

        return $versions ?: throw Refusals::at('pieces', 'Choose at least one piece to cut.');
    }

    /** Where there is no time to think, the first look is all there is. */
    private function dispatch(Nesting $nesting, int $seconds): void
    {
        foreach (0 === $seconds ? [false] : [true, false] as $quick) {
            foreach ($nesting->plans() as $plan) {
                $this->bus->dispatch(
                    new LayPlan($plan->id(), $quick),
                    $quick ? [new TransportNamesStamp(['quick'])] : [],
                );
            }
        }
    }

    /** Stops all that is still being worked on; the best so far stays. */
    public function cancel(Nesting $nesting): void
    {
        $this->states->move(PlanMove::GiveUp, ['nesting_id' => $nesting->id()], ['cancelled' => 1], false);
    }

    /** Lays out again what is not pinned, for longer where that is wanted. */
    public function again(NestPlan $plan, int $version, bool $longer): void
    {
        $this->change->apply($plan, $version, function () use ($plan, $longer): void {
            $plan->again((int) $this->rules->current()->value($longer ? Rule::ThinkLonger : Rule::Think));
            $this->records->flush();
            $this->seen($plan->nesting());
            $this->bus->dispatch(new LayPlan($plan->id()));
        });
    }

    /**
     * Plans that were given up before their time, because other pieces were looked at for a while, are thought about to
     * the end. Where a worker was quicker nothing is taken from it.
     */
    private function goOn(Nesting $nesting): void
    {
        foreach ($nesting->plans() as $plan) {
            $this->records->refresh($plan);
            if (!$plan->wasCutShort()) {
                continue;
            }
            $again = $this->states->move(
                PlanMove::Resume,
                ['id' => $plan->id(), 'state' => $plan->state()->value, 'version' => $plan->version()],
                ['progress' => 0, 'cancelled' => 0],
            );
            if (1 === $again) {
                $this->bus->dispatch(new LayPlan($plan->id()));
            }
            $this->records->refresh($plan);
        }
    }

    /**
     * What one worker asks for again: what was laid, and moved by hand, is still there.
     *
     * @param array<int, int> $versions
     * @param list<int>       $split
     */
    private function known(FilmOnShelf $film, array $versions, array $split, string $boxes, ?int $stock): ?Nesting
    {
        ksort($versions);
        sort($split);
        foreach (
            $this->records
                ->getRepository(Nesting::class)
                ->findBy(
                    ['film' => $film, 'madeBy' => $this->book->who(), 'boxes' => $boxes, 'stock' => $stock],
                    ['id' => 'DESC'],
                    5,
                ) as $nesting
        ) {
            [$before, $parted] = [$nesting->pieces(), $nesting->split()];
            ksort($before);
            sort($parted);
            $whole =
                [] ===
                array_filter(
                    $nesting->plans(),
                    static fn (NestPlan $plan): bool => \in_array(
                        $plan->state(),
                        [PlanState::Released, PlanState::Failed],
                        true,
                    ),
                );
            if (
                $before === $versions
                && $parted === array_values(array_intersect($split, array_keys($versions)))
                && $whole
                && !$this->isShelfChanged($nesting)
            ) {
                return $nesting;
            }
        }

        return null;
    }

    /**
     * Something came onto the shelf or left it since: what was laid before is not the best any more, or not possible.
     */
    private function isShelfChanged(Nesting $nesting): bool
    {
        return false !==
            $this->records
                ->getConnection()
                ->fetchOne(
                    'SELECT 1 FROM movement m JOIN stock_item s ON s.id = m.item_id WHERE s.film_id = ? AND m.id > ? '
                        .'LIMIT 1',
                    [$nesting->film()->id(), $nesting->movement()],
                );
    }

    /** A few pieces need no long thought. */
    private function seconds(int $pieces): int
    {
        $most = (int) $this->rules->current()->value(Rule::Think);

        return min($most, max(1, (int) ceil($pieces / self::PIECES_A_SECOND)));
    }

    /** Plans of days ago serve nobody. */
    private function tidy(): void
    {
        $old = $this->clock->now()->modify('-2 days')->format('Y-m-d H:i:s');
        $database = $this->records->getConnection();
        $database->executeStatement(
            'DELETE p FROM nest_plan p JOIN nesting n ON n.id = p.nesting_id WHERE n.made_at < ?',
            [$old],
        );
        $database->executeStatement('DELETE FROM nesting WHERE made_at < ?', [$old]);
    }
}
