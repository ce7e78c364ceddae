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
        $items = $this->lying([$film], null);
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

    /**
     * All that is on the shelf, by film.
     *
     * @param StockItem|null $also something that is asked for, even where nothing is left of it
     *
     * @return list<StockItem>
     */
    public function all(?StockItem $also = null): array
    {
        $items = $this->lying($this->films(), $also);
        usort(
            $items,
            static fn (StockItem $a, StockItem $b): int => [$a->film()->id(), $b->kind(), $a->id()] <=> [
                $b->film()->id(),
                $a->kind(),
                $b->id(),
            ],
        );

        return $items;
    }

    /**
     * @param list<FilmOnShelf> $films
     *
     * @return list<StockItem> what is there of them; not the years of offcuts that were used up
     */
    private function lying(array $films, ?StockItem $also): array
    {
        /** @var list<StockItem> $items */
        $items = $this->records
            ->createQuery(
                'SELECT i FROM '.StockItem::class.' i WHERE (i.film IN (:films) AND i.count > 0) OR i = :also',
            )
            ->setParameter('films', $films)
            ->setParameter('also', $also)
            ->getResult();

        return $items;
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

    /** What is sold with decals on it, by its number; none where there is no such. */
    public function blank(int $id): ?Supply
    {
        $supply = $id > 0 ? $this->records->find(Supply::class, $id) : null;

        return Supply::BLANK === $supply?->kind() ? $supply : null;
    }

    /** Film of a kind on the shelf, mm². */
    public function amount(FilmOnShelf $film): float
    {
        return self::area($this->itemsOf($film));
    }

    /**
     * Films of which there is less than there should be.
     *
     * @param list<FilmOnShelf> $films
     * @param list<StockItem>   $items all that is on the shelf
     *
     * @return list<FilmOnShelf>
     */
    public static function low(array $films, array $items): array
    {
        return array_values(
            array_filter(
                $films,
                static fn (FilmOnShelf $film): bool => null !== $film->lowAt()
                    && self::area(array_filter(
                        $items,
                        static fn (StockItem $item): bool => $item->film() === $film,
                    )) < $film->lowAt(),
            ),
        );
    }

    /** @param array<StockItem> $items */
    private static function area(array $items): float
    {
        return array_sum(array_map(static fn (StockItem $item): float => $item->area() / 1e6, $items));
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
