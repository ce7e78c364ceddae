<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;

/**
 * Which of what lies on the shelf takes the least film: what is used counts, with a rest that is too short to keep; of
 * plans that take as much, the one that leaves what is most useful. Source: handbook section 7, "Offcuts first,
 * smallest that serves".
 */
final readonly class LeastStock
{
    /** Of the film: plans nearer to each other than this take as much. */
    private const ALIKE = 0.01;
    /** Of the pieces' film: what no piece of stock can do without. */
    private const SPARE = 1.02;
    /** Single pieces of stock that are tried, and pieces that are laid for a trial. */
    private const MOST_STOCK = 16;
    private const MOST_PIECES = 24;
    /** Ways a trial lays them. */
    private const TRIES = 8;

    private Nest $nest;

    /**
     * @param list<int|float> $turns degrees clockwise pieces may be turned by
     * @param int             $least how long a rest has to be to be kept, µm
     */
    public function __construct(Gaps $gaps, array $turns, private int $least)
    {
        // One gap everywhere: so rectangles are laid exactly, and quickly.
        $this->nest = new Nest(new Gaps($gaps->inside, $gaps->inside, $gaps->edge), $turns);
    }

    /**
     * All of it, in the order it is used up; or the one piece of it that alone takes less.
     *
     * @param list<NestStock> $stock
     * @param list<NestPiece> $pieces
     *
     * @return list<NestStock>
     */
    public function choose(array $stock, array $pieces): array
    {
        $needed = array_sum(
            array_map(static fn (NestPiece $piece): float => $piece->count * $piece->region->area(), $pieces),
        );
        $large = array_values(
            array_filter($stock, static fn (NestStock $item): bool => $item->area >= self::SPARE * $needed),
        );
        if (\count($stock) < 2 || [] === $large || \count($pieces) > self::MOST_PIECES) {
            return $stock;
        }
        // By their boxes: quick, and what a plan by their outlines saves it saves on every piece of stock.
        $pieces = array_map(
            static fn (NestPiece $piece): NestPiece => new NestPiece(
                $piece->id,
                $piece->region->box()->region(),
                $piece->count,
                $piece->turns,
                $piece->order,
            ),
            $pieces,
        );
        usort($large, static fn (NestStock $a, NestStock $b): int => $a->area <=> $b->area);
        $best = $stock;
        $plan = $this->tried($stock, $pieces);
        foreach (\array_slice($large, 0, self::MOST_STOCK) as $item) {
            $alone = $this->tried([$item], $pieces);
            if ([] === $alone->left && $this->isBetter($alone, $plan, $stock)) {
                [$best, $plan] = [[$item], $alone];
            }
        }

        return $best;
    }

    /**
     * @param list<NestStock> $stock
     * @param list<NestPiece> $pieces
     */
    private function tried(array $stock, array $pieces): Plan
    {
        $tries = 0;

        return $this->nest->plan($stock, $pieces, static function () use (&$tries): bool {
            return ++$tries < self::TRIES;
        });
    }

    /**
     * Does it take less film, or as much and leaves what is more useful?
     *
     * @param list<NestStock> $stock
     */
    public function isBetter(Plan $one, Plan $other, array $stock): bool
    {
        if (\count($one->left) !== \count($other->left)) {
            return \count($one->left) < \count($other->left);
        }
        [$film, $rest] = $this->taken($one, $stock);
        [$more, $less] = $this->taken($other, $stock);

        return abs($film - $more) > self::ALIKE * max($film, $more) ? $film < $more : $rest > $less;
    }

    /**
     * @param list<NestStock> $stock
     *
     * @return array{float, float} film it takes, mm²; and how useful what stays is: large pieces count for more than
     *     the same film in small ones
     */
    private function taken(Plan $plan, array $stock): array
    {
        $by = array_column($stock, null, 'id');
        $film = $useful = 0.0;
        foreach ($plan->sheets as $sheet) {
            $item = $by[$sheet->stock];
            $box = $item->outline->box();
            $above = Geos::clipped($item->outline, new Box($box->left, $box->top, $box->right, $sheet->length))->area();
            $isKept = $item->onRoll || $item->length - $sheet->length >= $this->least;
            $film += $isKept ? $above : $item->area;
            $useful += ($isKept ? ($item->area - $above) ** 2 : 0.0) - $item->area ** 2;
        }

        return [$film, $useful];
    }
}
