<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
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
 * @phpstan-import-type PlanPlace from NestPlan
 */
final readonly class PlanRelease
{
    public function __construct(
        private EntityManagerInterface $records,
        private NestParts $parts,
        private Outlines $outlines,
        private FilmToCut $film,
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
     * @throws Conflict where a piece or film is taken already
     */
    public function release(Nesting $nesting, array $laid, array $pieces): array
    {
        $taken = array_unique(array_column(array_merge(...array_column($laid['sheets'], 'places')), 'piece'));
        if ([] === $taken) {
            throw Refusals::at('plan', 'Nothing lies on any sheet of this plan.');
        }
        $whole = $this->whole($laid, $pieces);

        return $this->change->applyAll(
            array_values(array_map(static fn (int $id): array => [$pieces[$id], $nesting->pieces()[$id]], $taken)),
            fn (): array => $this->batches($nesting, $laid, $pieces, $whole),
        );
    }

    /**
     * @param Laid              $laid
     * @param array<int, Piece> $pieces by id
     * @param array<int, true>  $whole  by id: those all parts of which lie somewhere
     *
     * @return list<Batch>
     */
    private function batches(Nesting $nesting, array $laid, array $pieces, array $whole): array
    {
        foreach (array_intersect_key($pieces, $whole) as $piece) {
            if (PieceState::Waiting !== $piece->state()) {
                throw new Conflict("{$piece->tag()} does not wait for film any more. Lay the others out again.");
            }
        }
        $batches = $in = [];
        foreach ($laid['sheets'] as $sheet) {
            $places = array_values(
                array_filter($sheet['places'], static fn (array $at): bool => isset($whole[$at['piece']])),
            );
            if ([] === $places) {
                continue;
            }
            $stock = $this->shelf->item($sheet['stock']);
            $batch = $batches[] = $this->freeze($nesting->film(), $stock, $places, $pieces, $nesting);
            $batch->releasedWith($batches[0]);
            foreach (array_column($places, 'piece') as $id) {
                if (!isset($in[$id])) {
                    $in[$id] = true;
                    $this->putIn($pieces[$id], $batch);
                }
            }
        }

        return $batches;
    }

    private function putIn(Piece $piece, Batch $batch): void
    {
        $piece->putIn($batch->id(), $this->clock->now());
        $this->book->note(
            'batch',
            "{$piece->tag()} in batch {$batch->id()} on {$batch->stock()->number()}",
            $piece->docket()->number(),
            $piece->nth(),
        );
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
     * @param list<PlanPlace>   $places
     * @param array<int, Piece> $pieces
     */
    private function freeze(FilmOnShelf $film, StockItem $stock, array $places, array $pieces, Nesting $nesting): Batch
    {
        $rules = $this->rules->current();
        $lie = $this->lie($nesting, $places, $pieces);
        $boxes = $this->boxes($nesting, $stock, $lie);
        $reaches = max([
            0,
            ...array_map(static fn (array $one): int => $one[0]->box()->bottom, $lie),
            ...array_map(static fn (Box $one): int => $one->bottom, $boxes),
        ]);
        $kept = array_sum(array_map(static fn (array $one): float => $one[0]->area(), $lie));
        $taken = max($rules->micrometres(Rule::ShortestLoad), $reaches + $rules->micrometres(Rule::SheetEdge));
        $batch = new Batch(
            $film,
            $stock,
            array_map(
                fn (array $at, array $lies): array => $this->placed($at, $pieces[$at['piece']], $lies[2]),
                $places,
                $lie,
            ),
            $reaches,
            round($kept / max(1e-6, (($stock->width() / 1000) * $reaches) / 1000), 4),
            $this->clock->now(),
            array_map(static fn (Box $one): array => [$one->left, $one->top, $one->right, $one->bottom], $boxes),
            StockItem::ROLL === $stock->kind() ? min($stock->height(), $taken) : null,
        );
        $this->records->persist($batch);
        $this->records->flush();
        $this->stockroom->take($stock, $batch->taken(), $batch->id());

        return $batch;
    }

    /**
     * @param PlanPlace $at
     * @param Region    $drawn what lies there, in its own frame
     *
     * @return Placed
     */
    private function placed(array $at, Piece $piece, Region $drawn): array
    {
        return [
            'piece' => $piece->id(),
            'tag' => $piece->tag(),
            'x' => $at['x'],
            'y' => $at['y'],
            'turn' => $at['turn'],
            ...match (true) {
                $at['part'] >= 0 => ['outline' => $this->outlines->store($drawn), 'part' => $at['part']],
                $piece->drawn()->isJoined() => ['outline' => $this->outlines->store($drawn)],
                default => ['outline' => $piece->drawn()->outline(), 'mirrored' => $piece->proof()->frozen()->mirrored],
            },
        ];
    }

    /**
     * Pieces as they lie on a sheet, the group each is boxed with, and what of each is cut in its own frame.
     *
     * @param list<PlanPlace>   $places
     * @param array<int, Piece> $pieces
     *
     * @return list<array{Region, string, Region}>
     */
    public function lie(Nesting $nesting, array $places, array $pieces): array
    {
        $rules = $this->rules->current();

        return array_map(function (array $at) use ($nesting, $pieces, $rules): array {
            $piece = $pieces[$at['piece']];
            $region =
                $at['part'] < 0
                    ? $this->outlines->forKnife($piece)
                    : $this->parts->ofPiece($piece, \in_array($piece->id(), $nesting->split(), true), $rules)[
                        $at['part']
                    ];

            return [
                (new Place('', $at['x'], $at['y'], $at['turn']))->put($region),
                Nesting::BOX_AN_ORDER === $nesting->boxes()
                    ? (string) $piece->docket()->number()
                    : $piece->id().'#'.$at['part'],
                $region,
            ];
        }, $places);
    }

    /**
     * @param list<array{Region, string, Region}> $lie
     *
     * @return list<Box> weed boxes
     */
    public function boxes(Nesting $nesting, StockItem $stock, array $lie): array
    {
        $rules = $this->rules->current();
        $room =
            Nesting::NO_BOXES === $nesting->boxes()
                ? null
                : $this->film->one($stock)?->room(intdiv($rules->micrometres(Rule::SheetEdge), 4));

        return null === $room
            ? []
            : WeedBoxes::around(
                array_map(static fn (array $one): array => [$one[0], $one[1]], $lie),
                $room,
                $rules->micrometres(Rule::WeedBoxAway),
            );
    }
}
