<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Sheet\NestStock;

/** The one way onto the shelf and off it: every change leaves a movement in the same transaction. */
final readonly class Stockroom
{
    public function __construct(
        private EntityManagerInterface $records,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Film that was bought.
     *
     * @param int $width  µm
     * @param int $height µm
     */
    public function receive(
        FilmOnShelf $film,
        string $kind,
        int $width,
        int $height,
        int $count,
        string $bin,
        string $lot = '',
        ?string $outline = null,
        string $reason = '',
    ): StockItem {
        return $this->records->wrapInTransaction(function () use (
            $film,
            $kind,
            $width,
            $height,
            $count,
            $bin,
            $lot,
            $outline,
            $reason,
        ): StockItem {
            $item = $this->put(
                new StockItem($film, $kind, $width, $height, $count, $bin, $outline),
                $lot,
                Movement::RECEIVED,
                $reason,
                null,
            );
            $this->book->note(
                'stock',
                "{$film->name()}: {$this->amount($item)} received as {$item->number()}, bin $bin",
            );

            return $item;
        });
    }

    /** More sheets of a size that is on the shelf already. */
    public function receiveMore(StockItem $item, int $count, string $lot): void
    {
        $this->change(
            $item,
            Movement::RECEIVED,
            '' === $lot ? '' : "lot $lot",
            null,
            static function () use ($item, $count): void {
                $item->correct($item->count() + $count);
            },
            "$count more of {$item->number()} received",
        );
    }

    /**
     * After a look at the shelf.
     *
     * @param int $amount how many; of a roll µm of length
     */
    public function correct(StockItem $item, int $version, int $amount, string $reason): void
    {
        $this->expect($item, $version);
        $this->change(
            $item,
            Movement::COUNTED,
            $reason,
            null,
            static fn () => $item->correct($amount),
            "{$item->number()} counted: $reason",
        );
    }

    /**
     * Throws some of an item away.
     *
     * @throws Refusals where there is not so much
     */
    public function scrap(StockItem $item, int $version, int $amount, string $reason): void
    {
        $this->expect($item, $version);
        $this->change(
            $item,
            Movement::SCRAPPED,
            $reason,
            null,
            static fn () => $item->correct(
                StockItem::ROLL === $item->kind() ? $item->height() - $amount : $item->count() - $amount,
            ),
            "{$item->number()} scrapped: $reason",
        );
    }

    /**
     * Off the shelf for a batch. Who comes second for the last one is told who has it.
     *
     * @param int $length of a roll, µm
     *
     * @throws Conflict
     */
    public function take(StockItem $item, int $length, int $batch): void
    {
        $this->records->wrapInTransaction(function () use ($item, $length, $batch): void {
            $this->records->refresh($item, LockMode::PESSIMISTIC_WRITE);
            if ($item->count() < 1 || (StockItem::ROLL === $item->kind() && $item->height() < $length)) {
                throw new Conflict($this->takenBy($item) ?? "{$item->number()} is used up. Choose other stock.");
            }
            $this->change(
                $item,
                Movement::TAKEN,
                "for batch $batch",
                $batch,
                static fn () => $item->take($length),
                null,
            );
        });
    }

    /** @param int $length of a roll, µm */
    public function putBack(StockItem $item, int $length, int $batch): void
    {
        $this->change(
            $item,
            Movement::PUT_BACK,
            "batch $batch was not cut from it",
            $batch,
            static fn () => $item->putBack($length),
            null,
        );
    }

    /**
     * What a cut left.
     *
     * @param Region $outline in any frame
     */
    public function shelve(FilmOnShelf $film, Region $outline, string $bin, string $lot, int $batch): StockItem
    {
        $box = $outline->box();
        $outline = $outline->moved(-$box->left, -$box->top);
        $item = new StockItem(
            $film,
            StockItem::OFFCUT,
            $box->width(),
            $box->height(),
            1,
            $bin,
            NestStock::fillsItsBox($outline) ? null : SvgPath::write($outline),
        );

        return $this->put($item, $lot, Movement::SHELVED, "left of batch $batch", $batch);
    }

    private function put(StockItem $item, string $lot, string $what, string $reason, ?int $batch): StockItem
    {
        $item->came($this->clock->now(), $lot);
        $this->records->persist($item);
        $this->records->persist(
            new Movement(
                $this->clock->now(),
                $this->book->who(),
                $item,
                null,
                $what,
                $item->count(),
                $item->area(),
                $reason,
                $batch,
            ),
        );
        $this->records->flush();

        return $item;
    }

    /** @param \Closure(): void $do */
    private function change(
        StockItem $item,
        string $what,
        string $reason,
        ?int $batch,
        \Closure $do,
        ?string $says,
    ): void {
        try {
            $this->records->wrapInTransaction(function () use ($item, $what, $reason, $batch, $do, $says): void {
                [$count, $area] = [$item->count(), $item->area()];
                $do();
                $this->records->persist(
                    new Movement(
                        $this->clock->now(),
                        $this->book->who(),
                        $item,
                        null,
                        $what,
                        $item->count() - $count,
                        $item->area() - $area,
                        $reason,
                        $batch,
                    ),
                );
                if (null !== $says) {
                    $this->book->note('stock', $says);
                }
            });
        } catch (OptimisticLockException $late) {
            throw Conflict::changed($item->number(), late: $late);
        }
    }

    private function expect(StockItem $item, int $version): void
    {
        $this->records->refresh($item);
        if ($item->version() !== $version) {
            throw new Conflict(
                ($this->takenBy($item) ?? "{$item->number()} was changed meanwhile by somebody else.").
                    ' You see it fresh now; what you typed is kept.',
            );
        }
    }

    /** Who took the last one, and for what. */
    private function takenBy(StockItem $item): ?string
    {
        $last = $this->records
            ->getRepository(Movement::class)
            ->findOneBy(['item' => $item, 'what' => Movement::TAKEN], ['id' => 'DESC']);

        return null === $last
            ? null
            : "{$item->number()} was taken by {$last->who()} {$last->reason()}. Choose other stock, or lay the "
                .'pieces out again.';
    }

    private function amount(StockItem $item): string
    {
        $width = Length::micrometres($item->width())->inMetric();
        $height = Length::micrometres($item->height())->inMetric();

        return StockItem::ROLL === $item->kind()
            ? "a roll $width wide, $height long"
            : "{$item->count()} of $width × $height";
    }
}
