<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Change;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Overtaken;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Sheet\Place;
use Yelbo\Trade\Sheet\WeedBoxes;

/**
 * A plan becomes batches, one a sheet: each frozen as it lies, its film off the shelf, its pieces taken. Two people
 * cannot take the same piece or the same offcut; the second is told who has it.
 *
 * @phpstan-import-type Laid from NestPlan
 * @phpstan-import-type Placed from Batch
 */
final readonly class Releasing
{
    public function __construct(
        private EntityManagerInterface $records,
        private Laying $laying,
        private Shelf $shelf,
        private Stockroom $stockroom,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private ShopRules $rules,
    ) {
    }

    /**
     * @param Laid              $laid
     * @param array<int, Piece> $pieces by id
     *
     * @return list<Batch>
     *
     * @throws Overtaken where a piece or film is taken already
     */
    public function release(Nesting $nesting, array $laid, array $pieces): array
    {
        $taken = [];
        foreach ($laid['sheets'] as $sheet) {
            foreach ($sheet['places'] as $at) {
                $piece = $pieces[$at['piece']];
                $taken[$piece->id()] = [$piece, $nesting->pieces()[$piece->id()]];
            }
        }
        if ([] === $taken) {
            throw Refusals::at('plan', 'Nothing lies on any sheet of this plan.');
        }
        $whole = $this->whole($laid, $pieces);

        return $this->change->together(array_values($taken), function () use ($nesting, $laid, $pieces, $whole): array {
            foreach ($pieces as $piece) {
                if (isset($whole[$piece->id()]) && PieceState::Waiting !== $piece->state()) {
                    throw new Overtaken("{$piece->tag()} does not wait for film any more. Lay the others out again.");
                }
            }
            $batches = [];
            $first = null;
            $in = [];
            foreach ($laid['sheets'] as $sheet) {
                $places = array_values(array_filter($sheet['places'], static fn (array $at): bool => isset($whole[$at['piece']])));
                if ([] === $places) {
                    continue;
                }
                $batch = $this->freeze($nesting->film(), $this->shelf->item($sheet['stock']), $places, $pieces, $nesting);
                $first ??= $batch;
                $batch->releasedWith($first);
                foreach ($places as $at) {
                    $piece = $pieces[$at['piece']];
                    if (!isset($in[$piece->id()])) {
                        $in[$piece->id()] = true;
                        $piece->putIn($batch, $this->clock->now());
                        $this->book->note('batch', "{$piece->tag()} in batch {$batch->id()} on {$batch->stock()->number()}", null, $piece);
                    }
                }
                $batches[] = $batch;
            }

            return $batches;
        });
    }

    /**
     * Decals of which every part found a place; of the others none is cut.
     *
     * @param Laid              $laid
     * @param array<int, Piece> $pieces
     *
     * @return array<int, true>
     */
    private function whole(array $laid, array $pieces): array
    {
        $whole = array_fill_keys(array_keys($pieces), true);
        foreach ($laid['left'] as $left) {
            unset($whole[$left['piece']]);
        }

        return $whole;
    }

    /**
     * @param list<array{piece: int, part: int, x: int, y: int, turn: float, pinned: bool}> $places
     * @param array<int, Piece>                                                             $pieces
     */
    private function freeze(FilmOnShelf $film, StockItem $stock, array $places, array $pieces, Nesting $nesting): Batch
    {
        $rules = $this->rules->current();
        $placed = [];
        $put = [];
        $length = 0;
        $kept = 0.0;
        foreach ($places as $at) {
            $piece = $pieces[$at['piece']];
            $entry = ['piece' => $piece->id(), 'tag' => $piece->tag(), 'x' => $at['x'], 'y' => $at['y'], 'turn' => $at['turn']];
            $region = $piece->region();
            if ($at['part'] >= 0) {
                $region = $this->laying->partsOf($piece, \in_array($piece->id(), $nesting->split(), true), $rules)[$at['part']];
                $entry['part'] = $at['part'];
                $entry['path'] = SvgPath::write($region);
            }
            $placed[] = $entry;
            $lies = (new Place('', $at['x'], $at['y'], $at['turn']))->put($region);
            $put[] = [$lies, Nesting::BOX_AN_ORDER === $nesting->boxes() ? (string) $piece->docket()->number() : $piece->id().'#'.$at['part']];
            $length = max($length, $lies->box()->bottom);
            $kept += $region->area();
        }
        $most = StockItem::ROLL === $stock->kind() ? min($stock->height(), $length + $rules->micrometres(Rule::SheetEdge)) : 0;
        $box = $this->boxes($nesting->boxes(), $put, $stock);
        $reaches = max([$length, ...array_map(static fn (Box $one): int => $one->bottom, $box)]);
        $batch = new Batch($film, $stock, $placed, $reaches, round($kept / max(1e-6, $stock->width() / 1000 * $reaches / 1000), 4), $this->clock->now(), array_map(static fn (Box $one): array => [$one->left, $one->top, $one->right, $one->bottom], $box), $most > 0 ? max($most, $rules->micrometres(Rule::ShortestLoad)) : null);
        $this->records->persist($batch);
        $this->records->flush();
        $this->stockroom->take($stock, $batch->taken(), $batch->id());

        return $batch;
    }

    /**
     * @param list<array{Region, string}> $put
     *
     * @return list<Box>
     */
    private function boxes(string $which, array $put, StockItem $stock): array
    {
        $rules = $this->rules->current();
        $room = Nesting::NO_BOXES === $which ? null : $this->laying->one($stock, $rules)?->room(intdiv($rules->micrometres(Rule::SheetEdge), 4));

        return null === $room ? [] : WeedBoxes::around($put, $room, $rules->micrometres(Rule::WeedBoxAway));
    }
}
