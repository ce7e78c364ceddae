<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Bench\CutPart;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\PrintArea;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Knife\Machine;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Parts;

/**
 * What there is of a film to cut from, as far as machine and printer reach, and how pieces may lie on it: the same for
 * what is told with a price and for what is planned. Source: handbook section 7.
 */
final readonly class FilmToCut
{
    /** Degrees a piece may be turned by where the film has no direction. */
    private const TURNS = [0, 90, 180, 270];
    /** Sheets of a kind, where it does not matter how many there are. */
    private const ENOUGH = 1000;

    public function __construct(private Shelf $shelf, private ShopRules $rules, private Cache $cache)
    {
    }

    /** The gaps between pieces and to the edge, by the shop’s figures. */
    public function gaps(): Gaps
    {
        $rules = $this->rules->current();

        return new Gaps(
            $rules->micrometres(Rule::GapInsideOrder),
            $rules->micrometres(Rule::GapBetweenOrders),
            $rules->micrometres(Rule::SheetEdge),
        );
    }

    /** @return list<int> degrees clockwise */
    public function turns(FilmOnShelf $film): array
    {
        return $film->hasDirection() ? [0] : self::TURNS;
    }

    /**
     * What there is, in the order it is used up.
     *
     * @param int|null $only the number of one item of it; all where left out
     *
     * @return list<NestStock>
     */
    public function stock(FilmOnShelf $film, ?int $only = null): array
    {
        $stock = [];
        foreach ($this->shelf->itemsOf($film) as $item) {
            if (null === $only || $item->id() === $only) {
                $stock[] = $this->one($item);
            }
        }

        return array_values(array_filter($stock));
    }

    /**
     * The kinds of sheets and rolls of it, each as often as it takes: what was left over may be gone by the time. A
     * roll as wide as the machine where there is none.
     *
     * @return non-empty-list<NestStock>
     */
    public function kinds(FilmOnShelf $film): array
    {
        $rules = $this->rules->current();
        $kinds = [];
        foreach ($this->shelf->itemsOf($film) as $item) {
            $one = StockItem::OFFCUT === $item->kind() ? null : $this->one($item);
            if (null !== $one) {
                $kinds["{$item->width()} $one->length"] = new NestStock(
                    $one->id,
                    $one->outline,
                    self::ENOUGH,
                    $one->reach,
                    $one->onRoll,
                );
            }
        }
        $width = $rules->micrometres(Rule::CutWidth) + 2 * $rules->micrometres(Rule::SheetEdge);
        $length = $rules->micrometres(Rule::CutLength);

        return array_values($kinds) ?: [NestStock::sheet('roll', $width, $length, self::ENOUGH, null, true)];
    }

    /** @return NestStock|null nothing where the machine does not take it */
    public function one(StockItem $item): ?NestStock
    {
        $rules = $this->rules->current();
        $length = self::usableLength($item, $rules);
        $reach = Machine::reach($rules, $item->width(), $length);
        if (Film::Printable === $item->film()->grade()) {
            $reach = $reach?->common(PrintArea::on($item->width(), $length, $rules)->room());
        }

        return null === $reach ? null : $item->forNesting($reach, $length);
    }

    /** How much of a sheet there is to lay on, µm: of a roll so much as the machine takes at once. */
    public static function usableLength(StockItem $item, Rules $rules): int
    {
        return StockItem::ROLL === $item->kind()
            ? min($item->height(), $rules->micrometres(Rule::MarginTop) + $rules->micrometres(Rule::CutLength))
            : $item->height();
    }

    /**
     * The largest part that can lie on the widest kind of it: of kinds as wide the longest. Nothing is parted to lie on
     * what was left over.
     *
     * @return array{int, int} µm, across and down
     */
    public function panel(FilmOnShelf $film): array
    {
        $rooms = array_map(
            fn (NestStock $kind): ?Region => $kind->room($this->gaps()->edge),
            $this->kinds($film),
        );
        $sizes = array_map(
            static fn (Region $room): array => [$room->box()->width(), $room->box()->height()],
            array_filter($rooms),
        );

        return max([[1, 1], ...$sizes]);
    }

    /**
     * What is cut of one decal: it alone, or the parts of one that is larger than the machine and the widest film take,
     * in its own frame.
     *
     * @param array{int, int}|null $panel as `panel()`, where that is known already
     *
     * @return non-empty-list<Region>
     */
    public function parts(Region $region, FilmOnShelf $film, ?array $panel = null): array
    {
        [$width, $length] = $panel ?? $this->panel($film);
        $box = $region->box();
        [$long, $short] = [max($width, $length), min($width, $length)];
        if (max($box->width(), $box->height()) <= $long && min($box->width(), $box->height()) <= $short) {
            return [$region];
        }
        $gap = $this->gaps()->inside;

        return $this->cache->recall(
            'parts.'.hash('xxh128', serialize([$region, $width, $length, $gap])),
            static fn (): array => Parts::forMachine($region, $width, $length, $gap),
        ) ?: [$region];
    }

    /** @return list<CutPart> the parts it is cut in, numbered; none where it is cut whole */
    public function cutParts(Region $region, FilmOnShelf $film): array
    {
        $parts = $this->parts($region, $film);

        return 1 === \count($parts)
            ? []
            : array_map(
                static fn (Region $part, int $nth): CutPart => new CutPart($nth + 1, $part->box()),
                $parts,
                array_keys($parts),
            );
    }
}
