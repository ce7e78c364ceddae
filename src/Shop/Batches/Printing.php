<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\PrintArea;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Sheet\RegisterMark;

/**
 * Sheets of pictures that are printed before they are cut: what lies where, and how far they are.
 *
 * @phpstan-type Printed array{
 *     art: int,
 *     x: float,
 *     y: float,
 *     width: float,
 *     height: float,
 *     turn: float,
 *     mirrored: bool,
 *     inside: Region,
 * }
 */
final readonly class Printing
{
    /** µm: a print goes on beyond its cut, so that no edge stays white where the cut is a little off. */
    private const BLEED = 1_000;

    public function __construct(
        private CutSheets $sheets,
        private Outlines $outlines,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private ShopRules $rules,
    ) {
    }

    /** How far a sheet is; nothing where nothing is printed on it. */
    public function run(Batch $batch): ?PrintRun
    {
        return Film::Printable === $batch->film()->grade() && [] !== $this->pictures($batch)
            ? PrintRun::of($batch, $this->rules->current())
            : null;
    }

    /**
     * Every picture of a sheet, where it is printed.
     *
     * @return list<Printed> its middle, its sides and how it is turned about its middle, clockwise; mm, degrees; and
     *     what of the sheet it is printed on, a little beyond its cut, µm
     */
    public function pictures(Batch $batch): array
    {
        $pictures = [];
        foreach ($this->sheets->contents($batch) as $placed) {
            $piece = $placed->piece;
            $picture = $piece->proof()->drawing()->layers($piece->member())[$piece->layer()]['picture'] ?? null;
            if (null === $picture) {
                continue;
            }
            $box = new Box(...\array_slice($picture, 1));
            $outline = $this->outlines->region($placed->outline);
            if ($placed->mirrored) {
                // As its outline is: about its own middle.
                $own = $outline->box();
                $sum = $own->left + $own->right;
                $box = new Box($sum - $box->right, $box->top, $sum - $box->left, $box->bottom);
            }
            $turned = $outline->turned($placed->place->turn)->box();
            $there = $box->region()->turned($placed->place->turn)->moved(
                $placed->place->x - $turned->left,
                $placed->place->y - $turned->top,
            )->box();
            $pictures[] = [
                'art' => $picture[0],
                'x' => ($there->left + $there->right) / 2000,
                'y' => ($there->top + $there->bottom) / 2000,
                'width' => $box->width() / 1000,
                'height' => $box->height() / 1000,
                'turn' => $placed->place->turn,
                'mirrored' => $placed->mirrored,
                'inside' => Geos::grow($this->sheets->put($placed), self::BLEED),
            ];
        }

        return $pictures;
    }

    /** @return list<Region> the register marks of a sheet, as they are printed, µm */
    public function marks(Batch $batch): array
    {
        return array_map(
            static fn (array $at): Region => RegisterMark::at(...$at),
            PrintArea::on($batch->width(), $batch->height(), $this->rules->current())->marks(),
        );
    }

    /**
     * It came out of the printer.
     *
     * @throws Refused|Conflict
     */
    public function printed(Batch $batch, int $version): void
    {
        $this->expect($batch);
        $this->change->apply($batch, $version, function () use ($batch): void {
            $batch->printed($this->clock->now());
            $this->book->note('print', "Batch {$batch->id()} printed");
        });
    }

    /**
     * One more clear coat is on it.
     *
     * @throws Refused while it is wet, or has all its coats
     * @throws Conflict
     */
    public function coated(Batch $batch, int $version): void
    {
        $run = $this->expect($batch);
        if (PrintRun::COAT !== $run->next) {
            throw new Refused(
                'not-yet',
                PrintRun::PRINT === $run->next ? 'Print it first.' : 'It has all its clear coats.',
            );
        }
        $wet = $run->waits($this->clock->now());
        if (null !== $wet) {
            throw new Refused('not-yet', $wet);
        }
        $this->change->apply($batch, $version, function () use ($batch): void {
            $batch->coated($this->clock->now());
            $this->book->note('coat', "Batch {$batch->id()}: clear coat {$batch->print()->coats()}");
        });
    }

    /** @throws Refused */
    private function expect(Batch $batch): PrintRun
    {
        return $this->run($batch) ?? throw new Refused('illegal-move', 'Nothing on this sheet is printed.');
    }
}
