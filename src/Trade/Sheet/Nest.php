<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

/**
 * Places pieces on stock by their true outlines, also inside each other, each at the first free
 * place from the top and then from the left. Several orders are tried, then the best is changed a
 * little again and again; from time to time what was found is moved closer together. Rectangles have an exact way of
 * their own.
 *
 * The same input and no more time give the same plan; more time goes on in the same sequence,
 * so it never gives a worse one. Source: handbook section 7.
 *
 * A try is the sheets with what lies on them, and what found no place.
 *
 * @phpstan-type Tried array{list<array{int, list<array{int, float, int, int}>, int|null}>, list<int>}
 */
final readonly class Nest
{
    /** µm: about how large the cells are that places are found by. */
    private const CELL = 780;
    /** So few pieces are laid in smaller cells, and once in any case, however little time there is. */
    private const SMALL = 520;
    /** Of the mean of the pieces' longer sides: cells in which places are found quickly. */
    private const LARGE = 0.005;
    private const FEW = 24;
    /** So many times finer are the cells in which everything is moved closer together. */
    private const FINER = 3;
    /** After so many tries a piece that is done again, if something better was found. */
    private const EVERY = 8;
    /** So many pieces are laid all standing and all lying, too. */
    private const ALL_ONE_WAY = 12;

    private FoundPlan $found;

    /**
     * @param list<int|float> $turns degrees clockwise
     * @param int|null        $cell  µm: about how large the cells are that places are found by; as small as is worth it
     *     where left out
     */
    public function __construct(private Gaps $gaps, private array $turns = [0], private ?int $cell = null)
    {
        $this->found = new FoundPlan($gaps, $turns);
    }

    /**
     * @param list<NestStock>               $stock  tried in this order
     * @param list<NestPiece>               $pieces
     * @param \Closure(Plan): bool|null $more   asked after every try, with the best plan so far,
     *     whether to go on; where it is left out only few pieces are laid by their outlines, once
     * @param list<Fixed>               $fixed  sheets that pieces lie on already: they stay, and are filled up first
     */
    public function plan(array $stock, array $pieces, ?\Closure $more = null, array $fixed = []): Plan
    {
        $copies = array_merge(
            ...array_map(static fn (NestPiece $piece): array => array_fill(0, $piece->count, $piece), $pieces),
        );
        $best = $this->first($stock, $pieces, array_keys($copies), $fixed);
        if ([] === $copies || [] === $stock) {
            return $best;
        }
        $cost = $this->found->cost($best, $stock, $pieces);
        foreach ([] === $fixed && \count($copies) <= self::ALL_ONE_WAY ? $this->oneWay() : [] as $nest) {
            $plan = $nest->plan($stock, $pieces);
            $now = $this->found->cost($plan, $stock, $pieces);
            [$best, $cost] = $now < $cost ? [$plan, $now] : [$best, $cost];
        }
        $large = $this->inLargerCells($pieces, $fixed);
        foreach ($this->tries($stock, $copies, $fixed) as $found) {
            if (null !== $found) {
                $plan = $this->found->plain($found, $stock, $pieces, $fixed);
                $now = $this->found->cost($plan, $stock, $pieces);
                if ($now < $cost && $this->found->holds($plan, $stock, $pieces, $fixed)) {
                    [$best, $cost] = [$plan, $now];
                }
            }
            if (null === $more || !$more($best)) {
                break;
            }
            if (null !== $large) {
                $plan = $large->plan($stock, $pieces);
                $now = $this->found->cost($plan, $stock, $pieces);
                [$best, $cost, $large] = $now < $cost ? [$plan, $now, null] : [$best, $cost, null];
            }
        }

        return $best;
    }

    /**
     * The pieces in larger cells: they take their places otherwise, and now and then better ones.
     *
     * @param list<NestPiece> $pieces
     * @param list<Fixed>     $fixed
     */
    private function inLargerCells(array $pieces, array $fixed): ?self
    {
        $many = array_sum(array_map(static fn (NestPiece $piece): int => $piece->count, $pieces));

        return [] === $fixed && null === $this->cell && $many <= self::FEW
            ? new self($this->gaps, $this->turns, self::largeCell($pieces))
            : null;
    }

    /**
     * Half a hundredth of what pieces are long: they are laid as quickly whatever their size, and nearly as well.
     *
     * @param list<NestPiece> $pieces
     *
     * @return int µm
     */
    public static function largeCell(array $pieces): int
    {
        $sides = array_map(
            static fn (NestPiece $piece): int => max($piece->region->box()->width(), $piece->region->box()->height()),
            $pieces,
        );

        return max(self::SMALL, (int) (self::LARGE * array_sum($sides) / max(1, \count($sides))));
    }

    /**
     * A plan with every piece standing, or every piece lying: each by itself is put down where it reaches least far,
     * and two that lie may take more than two that stand.
     *
     * @return list<self>
     */
    private function oneWay(): array
    {
        $ways = [[], []];
        foreach ($this->turns as $turn) {
            if (0.0 === fmod($turn, 90)) {
                $ways[(int) round(abs($turn) / 90) % 2][] = $turn;
            }
        }

        return [] === $ways[0] || [] === $ways[1]
            ? []
            : [new self($this->gaps, $ways[0], $this->cell), new self($this->gaps, $ways[1], $this->cell)];
    }

    /**
     * @param list<NestStock> $stock
     * @param list<NestPiece> $copies
     * @param list<Fixed> $fixed
     *
     * @return \Generator<int, array{list<array{int, list<array{int, float, int, int}>, int|null}>, list<int>}|null>
     */
    private function tries(array $stock, array $copies, array $fixed): \Generator
    {
        $rectangles =
            [] === $fixed && $this->gaps->inside === $this->gaps->between
                ? Rectangles::forStock($stock, $copies, $this->gaps->between, $this->gaps->edge, $this->turns)
                : null;
        if (null !== $rectangles) {
            return $rectangles->tries();
        }
        $cell = $this->cellOf($this->cell ?? (\count($copies) <= self::FEW ? self::SMALL : self::CELL));
        $placer = $this->placer($stock, $copies, $fixed, $cell);
        $compaction = new Compaction($stock, $copies, $this->gaps, $this->turns, intdiv($cell, self::FINER));

        return self::compacted(
            (new Search($placer))->tries(\count($copies) <= self::FEW || [] !== $fixed),
            $compaction,
            self::EVERY * \count($copies),
        );
    }

    /**
     * @param list<NestStock> $stock
     * @param list<NestPiece> $copies
     * @param list<Fixed>     $fixed
     * @param int             $cell   µm
     */
    private function placer(array $stock, array $copies, array $fixed, int $cell): Placer
    {
        $beds = array_map(
            fn (NestStock $item): ?SheetRaster => SheetRaster::fromStock(
                $item,
                $this->gaps->edge,
                $cell,
                RasterShape::margin($this->gaps->between, $cell),
            ),
            $stock,
        );

        return new Placer(
            $stock,
            $copies,
            $beds,
            fn (NestPiece $piece): array => RasterShape::all(
                $piece->region,
                $piece->turns ?? $this->turns,
                $this->gaps->inside,
                $this->gaps->between,
                $cell,
            ),
            $this->gaps,
            $fixed,
        );
    }

    /**
     * What there is before anything is tried: by boxes, or what was put there by hand alone.
     *
     * @param list<NestStock> $stock
     * @param list<NestPiece> $pieces
     * @param list<int>       $copies
     * @param list<Fixed>     $fixed
     */
    private function first(array $stock, array $pieces, array $copies, array $fixed): Plan
    {
        $begun = array_map(
            static fn (Fixed $sheet, int $nth): array => [$sheet->stock, [], $nth],
            $fixed,
            array_keys($fixed),
        );

        return [] === $fixed
            ? (new BoxNest($this->gaps, $this->turns))->plan($stock, $pieces)
            : $this->found->plain([$begun, $copies], $stock, $pieces, $fixed);
    }

    /**
     * @return int µm: such that so many cells are just what has to stay free between pieces, and that it is so many
     *    finer ones
     */
    private function cellOf(int $about): int
    {
        $free = RasterShape::reach($this->gaps->between);
        $cells = max(1, (int) round($free / $about));

        return 0 === $this->gaps->between ? $about : self::FINER * (int) ceil($free / $cells / self::FINER);
    }

    /**
     * @param \Generator<int, Tried|null> $tries
     *
     * @return \Generator<int, Tried|null> what is tried, and now and then the last one moved closer together
     */
    private static function compacted(\Generator $tries, Compaction $compaction, int $every): \Generator
    {
        $last = null;
        $since = 0;
        foreach ($tries as $found) {
            $last = $found ?? $last;
            yield $found;
            if (++$since < $every || null === $last) {
                continue;
            }
            foreach ($compaction->closer($last[0]) as $closer) {
                yield null === $closer ? null : [$closer, $last[1]];
            }
            [$last, $since] = [null, 0];
        }
    }
}
