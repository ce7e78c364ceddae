<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Trade\Bench\CutPart;

/** The parts of a piece that was cut in parts, with the numbers, sizes and places they were laid out with. */
final readonly class CutParts
{
    public function __construct(private Batches $batches, private Outlines $outlines, private FilmToCut $film)
    {
    }

    /**
     * Of what is not laid out yet the parts that machine and film will need.
     *
     * @return list<CutPart> by their numbers; none of a piece that is cut whole
     */
    public function of(Piece $piece): array
    {
        if (null === $piece->batch()) {
            return $this->film->cutParts($this->outlines->forKnife($piece), $piece->film());
        }
        $batch = $this->batches->batch($piece->batch());
        $parts = [];
        foreach ([$batch, ...$this->batches->othersWith($piece, $batch)] as $sheet) {
            foreach ($sheet->places() as $at) {
                $lying = PlacedOutline::kept($at);
                if ($at['piece'] === $piece->id() && $lying->part >= 0) {
                    $parts[$lying->part] = new CutPart(
                        $lying->part + 1,
                        $this->outlines->region($lying->outline)->box(),
                    );
                }
            }
        }
        ksort($parts);

        return array_values($parts);
    }
}
