<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\Remnants;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Sheet\Remnant;

/** What a cut left of its sheet: paths in mm in the sheet’s frame. */
final readonly class RemnantView
{
    /**
     * @param int $batch the number of the batch
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param FilmView $film the film it is cut from
     * @param string $from the number of the sheet or roll it was cut from
     * @param SizeView $sheet the size of the sheet
     * @param string $outline the outline as path data, mm
     * @param string|null $square the largest rectangle left, as path data, mm
     * @param SizeView|null $squareSize the size of the largest rectangle
     * @param string|null $odd all that is left in one piece, as path data, mm
     * @param float $oddArea m²
     * @param string $propose what the shop would keep
     */
    public function __construct(
        public int $batch,
        public int $version,
        public FilmView $film,
        public string $from,
        public SizeView $sheet,
        public string $outline,
        public ?string $square,
        public ?SizeView $squareSize,
        public ?string $odd,
        public float $oddArea,
        public string $propose,
    ) {
    }

    public static function from(Batch $batch, Remnant $remnant): self
    {
        return new self(
            $batch->id(),
            $batch->version(),
            FilmView::from($batch->film()),
            $batch->stock()->number(),
            SizeView::micrometres($batch->width(), $batch->height()),
            $batch->outline(),
            null === $remnant->square ? null : SvgPath::write($remnant->square),
            null === $remnant->square ? null : SizeView::box($remnant->square->box()),
            null === $remnant->odd ? null : SvgPath::write($remnant->odd),
            $remnant->oddArea(),
            Remnants::usual($remnant),
        );
    }
}
