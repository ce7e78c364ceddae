<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\PrintArea;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Knife\CutFile;
use Yelbo\Trade\Knife\KnifeWay;
use Yelbo\Trade\Knife\Machine;

/**
 * Sheets as they are cut: what lies where, and the file for the cutter. What was worked out of a sheet once is kept by
 * its content.
 */
final readonly class CutSheets
{
    public function __construct(
        private Batches $batches,
        private Outlines $outlines,
        private Machines $machines,
        private ShopRules $rules,
        private Cache $cache,
    ) {
    }

    /**
     * What lies on a sheet, except what was spoiled since.
     *
     * @return list<PlacedPiece>
     */
    public function contents(Batch $batch): array
    {
        $here = $this->batches->together($batch);
        $contents = [];
        foreach ($batch->places() as $at) {
            if (isset($here[$at['piece']])) {
                $contents[] = new PlacedPiece($here[$at['piece']], PlacedOutline::kept($at));
            }
        }

        return $contents;
    }

    /**
     * What lies on many sheets at once, without their pieces.
     *
     * @param list<Batch> $batches
     *
     * @return array<int, list<PlacedOutline>> by the number of the batch
     */
    public function lying(array $batches): array
    {
        $here = $this->batches->piecesTogether($batches);
        $lying = [];
        foreach ($batches as $batch) {
            $lying[$batch->id()] = array_map(
                PlacedOutline::kept(...),
                array_values(
                    array_filter(
                        $batch->places(),
                        static fn (array $at): bool => isset($here[$batch->release()][$at['piece']]),
                    ),
                ),
            );
        }

        return $lying;
    }

    /**
     * @param list<PlacedPiece> $contents
     *
     * @return list<Piece> each once, however many of its parts lie there
     */
    public static function pieces(array $contents): array
    {
        $pieces = [];
        foreach ($contents as $placed) {
            $pieces[$placed->piece->id()] = $placed->piece;
        }

        return array_values($pieces);
    }

    /** What is cut of a piece, where it lies on the sheet, µm. */
    public function put(PlacedOutline $placed): Region
    {
        $region = $this->outlines->region($placed->outline);

        return $placed->place->put($placed->mirrored ? $region->mirrored() : $region);
    }

    /** The outlines as path data in mm. */
    public function path(PlacedOutline $placed): string
    {
        return $this->cache->recall("put.{$placed->key()}", fn (): string => SvgPath::write($this->put($placed)));
    }

    /** The box of what is cut of a piece, where it lies on the sheet. */
    public function box(PlacedOutline $placed): Box
    {
        return $this->cache->recall("put-box.{$placed->key()}", fn (): Box => $this->put($placed)->box());
    }

    /**
     * How much of a sheet is to be cut, its weed boxes too, m.
     *
     * @param list<PlacedOutline> $contents
     * @param list<Box>   $boxes
     */
    public function metres(array $contents, array $boxes): float
    {
        return self::round($boxes) / 1000 + array_sum(
            array_map(
                fn (PlacedOutline $placed): float => $this->cache->recall(
                    "outline.{$placed->outline}.length",
                    fn (): float => $this->outlines->region($placed->outline)->outlineLength(),
                ),
                $contents,
            ),
        ) / 1000;
    }

    /**
     * The way of the knife round weed boxes, mm.
     *
     * @param list<Box> $boxes
     */
    public static function round(array $boxes): float
    {
        return array_sum(
            array_map(static fn (Box $box): float => 2 * ($box->width() + $box->height()) / 1000, $boxes),
        );
    }

    /**
     * The cut file of a sheet: the film that stays, weed boxes around it, and nothing else.
     *
     * @param list<PlacedOutline>    $contents
     * @param StockItem|null $loaded   other film than was planned
     */
    public function file(Batch $batch, array $contents, ?StockItem $loaded = null): CutFile
    {
        [$width, $height] = null === $loaded ? [$batch->width(), $batch->height()] : $batch->sizeOn($loaded);
        $film = $batch->film()->name();
        $machine = $this->machines->inUse();
        $title = null === $machine ? '' : "Batch {$batch->id()}, $film, {$machine->label()}";

        return $this->cache->recall(
            "cut-file.{$this->key($batch, $contents, [$width, $height, $title])}",
            fn (): CutFile => new CutFile(
                $width,
                $height,
                Machine::by($this->rules->current()),
                KnifeWay::through(
                    array_map(fn (PlacedOutline $placed): array => [$this->put($placed), $film], $contents),
                    array_map(static fn (Box $box): array => [$box->region(), $film], $batch->boxes()),
                ),
                $title,
                Film::Printable === $batch->film()->grade()
                    ? PrintArea::on($width, $height, $this->rules->current())->marks()
                    : [],
            ),
        );
    }

    /** `batch-7-permanent-navy-board-305x610-f80-45.svg`: what it is, and how the machine is set. */
    public function fileName(Batch $batch, string $format): string
    {
        $machine = $this->machines->inUse();

        return \sprintf(
            'batch-%d-%s%s.%s',
            $batch->id(),
            preg_replace('~[^a-z0-9]+~', '-', strtolower($batch->film()->name())),
            null === $machine ? '' : '-'.$machine->slug(),
            $format,
        );
    }

    /**
     * How long the cutter takes, s.
     *
     * @param list<PlacedOutline> $contents
     */
    public function seconds(Batch $batch, array $contents): float
    {
        return $this->cache->recall(
            "cut-seconds.{$this->key($batch, $contents, [])}",
            fn (): float => $this->file($batch, $contents)->seconds(),
        );
    }

    /**
     * @param list<PlacedOutline>      $contents
     * @param list<int|string> $also
     */
    private function key(Batch $batch, array $contents, array $also): string
    {
        return hash(
            'xxh128',
            serialize([
                array_map(static fn (PlacedOutline $placed): string => $placed->key(), $contents),
                $batch->boxes(),
                $batch->film()->name(),
                $this->rules->current(),
                $also,
            ]),
        );
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return list<array{int, int, string}> a line of the book for each: its docket, which of its decals, and what is
     *     said
     */
    public static function lines(array $pieces, string $says): array
    {
        return array_map(
            static fn (Piece $piece): array => [
                $piece->docket()->number(),
                $piece->nth(),
                "{$piece->tag()} $says",
            ],
            $pieces,
        );
    }
}
