<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\NotFound;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Rule;

/** What film the shop has. */
final readonly class Shelf
{
    public function __construct(private EntityManagerInterface $records, private ShopRules $rules)
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

    public function filmNumbered(int $id): ?FilmOnShelf
    {
        return $id > 0 ? $this->records->find(FilmOnShelf::class, $id) : null;
    }

    /** @throws NotFound */
    public function item(int $id): StockItem
    {
        return $this->records->find(StockItem::class, $id) ?? throw new NotFound('There is no such stock.');
    }

    /** @return list<StockItem> offcuts first, the smallest first: so the shelf empties before a sheet is begun */
    public function of(FilmOnShelf $film): array
    {
        $items = $this->records->getRepository(StockItem::class)->findBy(['film' => $film]);
        $items = array_filter($items, static fn (StockItem $item): bool => $item->count() > 0);
        usort($items, static fn (StockItem $a, StockItem $b): int => [StockItem::SHEET === $a->kind(), $a->width() * $a->height(), $a->id()] <=> [StockItem::SHEET === $b->kind(), $b->width() * $b->height(), $b->id()]);

        return $items;
    }

    /**
     * The sides of the largest piece of a film, µm; nothing where there is none.
     *
     * @return array{int, int}|null
     */
    public function largest(FilmOnShelf $film): ?array
    {
        $largest = null;
        foreach ($this->of($film) as $item) {
            $largest = null === $largest || $item->width() * $item->height() > $largest[0] * $largest[1] ? [$item->width(), $item->height()] : $largest;
        }

        return $largest;
    }

    /** @return list<StockItem> */
    public function all(): array
    {
        return $this->records->getRepository(StockItem::class)->findBy([], ['film' => 'ASC', 'kind' => 'DESC', 'id' => 'ASC']);
    }

    /** Trims what is left of a sheet square and shelves it, or says that nothing is worth keeping. */
    public function shelveRest(StockItem $from, int $usedLength): ?StockItem
    {
        $rest = $from->height() - $usedLength;
        if (StockItem::SHEET !== $from->kind() || $rest < $this->rules->current()->micrometres(Rule::ShortestOffcut)) {
            return null;
        }
        $offcut = new StockItem($from->film(), StockItem::OFFCUT, $from->width(), $rest, 1, $from->bin());
        $this->records->persist($offcut);

        return $offcut;
    }
}
