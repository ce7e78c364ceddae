<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Bench\CutPart;
use Yelbo\Trade\Bench\Part;
use Yelbo\Trade\Bench\Weeding;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;

/** A piece to be weeded, large. */
final readonly class WeedingView
{
    /**
     * @param list<WastePartView> $insides the insides to pick out, in the order of picking
     * @param list<int>           $out which insides are out
     * @param PieceView $piece the number of the piece
     * @param string $path the outlines as path data, mm
     * @param BoxView $block what is looked at, mm
     * @param int $keeps how many pieces of film stay
     * @param string $school surround-first or insides-first
     * @param string $why why so, in a sentence
     * @param float $minutes how long it is expected to take
     * @param list<CutPartView> $parts the parts it was cut in; none where it was cut whole
     */
    public function __construct(
        public PieceView $piece,
        public string $path,
        public BoxView $block,
        public int $keeps,
        public array $insides,
        public array $out,
        public string $school,
        public string $why,
        public float $minutes,
        public array $parts,
    ) {
    }

    /**
     * @param list<int>     $out   the inside pieces that are out
     * @param list<CutPart> $parts the parts it was cut in
     */
    public static function from(
        PieceView $piece,
        Region $outline,
        Weeding $weeding,
        array $out,
        array $parts,
    ): self {
        return new self(
            $piece,
            SvgPath::write($outline),
            BoxView::from($weeding->block),
            \count($weeding->keeps),
            array_map(
                static fn (int $nth, Part $part): WastePartView => WastePartView::from(
                    $nth,
                    $part,
                    \in_array($part, $weeding->reverse, true),
                ),
                array_keys($weeding->insides()),
                $weeding->insides(),
            ),
            $out,
            $weeding->school,
            $weeding->why,
            $weeding->minutes,
            array_map(CutPartView::from(...), $parts),
        );
    }
}
