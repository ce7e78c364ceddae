<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Records\NotFound;

/** What film the shop has. */
final readonly class Shelf
{
    public function __construct(private EntityManagerInterface $records)
    {
    }

    /** @return list<FilmOnShelf> */
    public function films(): array
    {
        return $this->records->getRepository(FilmOnShelf::class)->findBy([], ['grade' => 'ASC', 'colour' => 'ASC']);
    }

    /** @throws NotFound */
    public function film(int $id): FilmOnShelf
    {
        return $this->records->find(FilmOnShelf::class, $id) ?? throw new NotFound('There is no such film.');
    }

    /** A film by its number as typed; none where there is none. */
    public function filmNumbered(int $id): ?FilmOnShelf
    {
        return $id > 0 ? $this->records->find(FilmOnShelf::class, $id) : null;
    }

    /** @throws NotFound */
    public function item(int $id): StockItem
    {
        return $this->records->find(StockItem::class, $id) ?? throw new NotFound('There is no such stock.');
    }

    /**
     * @return list<StockItem> offcuts first, the smallest first, then sheets and then rolls: so the shelf empties
     *    before a sheet is begun
     */
    public function itemsOf(FilmOnShelf $film): array
    {
        $items = $this->records->getRepository(StockItem::class)->findBy(['film' => $film]);
        $items = array_filter($items, static fn (StockItem $item): bool => $item->count() > 0);
        usort(
            $items,
            static fn (StockItem $a, StockItem $b): int => [self::place($a), $a->width() * $a->height(), $a->id()] <=> [
                self::place($b),
                $b->width() * $b->height(),
                $b->id(),
            ],
        );

        return $items;
    }

    private static function place(StockItem $item): int
    {
        return (int) array_search($item->kind(), [StockItem::OFFCUT, StockItem::SHEET, StockItem::ROLL], true);
    }

    /**
     * The sides of the largest piece of a film, µm; nothing where there is none.
     *
     * @return array{int, int}|null
     */
    public function largest(FilmOnShelf $film): ?array
    {
        $largest = null;
        foreach ($this->itemsOf($film) as $item) {
            $largest =
                null === $largest || $item->width() * $item->height() > $largest[0] * $largest[1]
                    ? [$item->width(), $item->height()]
                    : $largest;
        }

        return $largest;
    }

    /** µm; nothing where there is no tape on the shelf. */
    public function widestTape(): ?int
    {
        $widths = array_map(
            static fn (Supply $supply): int => $supply->amount() > 0 ? $supply->width() ?? 0 : 0,
            $this->supplies(),
        );

        return max([0, ...$widths]) ?: null;
    }

    /** @return list<StockItem> */
    public function all(): array
    {
        return $this->records
            ->getRepository(StockItem::class)
            ->findBy([], ['film' => 'ASC', 'kind' => 'DESC', 'id' => 'ASC']);
    }

    /** What its label says, typed or scanned; nothing where there is no such. */
    public function named(string $code): StockItem|Supply|null
    {
        if (1 !== preg_match('~^\s*([SRNTB])-?0*(\d{1,9})\s*$~i', $code, $found)) {
            return null;
        }
        $kept = $this->records->find(
            \in_array(strtoupper($found[1]), ['T', 'B'], true) ? Supply::class : StockItem::class,
            (int) $found[2],
        );

        return null !== $kept && strtoupper($found[1]) === $kept->number()[0] ? $kept : null;
    }

    /** @return list<Supply> */
    public function supplies(): array
    {
        return $this->records
            ->getRepository(Supply::class)
            ->findBy([], ['kind' => 'DESC', 'name' => 'ASC', 'width' => 'ASC']);
    }

    /** @throws NotFound */
    public function supply(int $id): Supply
    {
        return $this->records->find(Supply::class, $id) ?? throw new NotFound('There is no such tape or blank.');
    }

    /** Film of a kind on the shelf, mm². */
    public function amount(FilmOnShelf $film): float
    {
        return array_sum(array_map(static fn (StockItem $item): float => $item->area() / 1e6, $this->itemsOf($film)));
    }

    /** Whether there is less of a film than there should be. */
    public function isLow(FilmOnShelf $film): bool
    {
        return null !== $film->lowAt() && $this->amount($film) < $film->lowAt();
    }

    /** The number of the last movement there was. */
    public function lastMovement(): int
    {
        $last = $this->records->getRepository(Movement::class)->findOneBy([], ['id' => 'DESC']);

        return $last?->id() ?? 0;
    }

    /** @return list<Movement> the newest first */
    public function movements(StockItem|Supply $of, int $most = 50): array
    {
        return $this->records
            ->getRepository(Movement::class)
            ->findBy([$of instanceof Supply ? 'supply' : 'item' => $of], ['id' => 'DESC'], $most);
    }
}
