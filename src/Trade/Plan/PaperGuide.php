<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Bench\CutPart;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;

/**
 * A paper guide true to size: the edges of the object, the art, its centre lines, where it is cut in and folded. Laid
 * on the object it shows where the decal goes. Source: handbook section 11.
 *
 * @phpstan-import-type Mark from Strokes
 */
final readonly class PaperGuide
{
    /** µm round it, so that edges are not lost at the edge of the paper. */
    private const ROUND = 5_000;
    /** µm round the art, where the whole object would take too many pages. */
    private const REACH = 30_000;

    /**
     * @param Box        $frame all that is shown, in the object's frame, µm
     * @param list<Mark> $marks from bottom to top, mm
     * @param bool       $whole whether all of the object is shown, or only what lies round the art
     */
    private function __construct(public Box $frame, public array $marks, public bool $whole)
    {
    }

    /**
     * @param Region       $outline of the object laid flat
     * @param list<Region> $films   of the art, in the object's frame
     * @param bool         $whole   all of the object, or only what lies round the art
     */
    public static function of(Decal $decal, Region $outline, array $films, bool $whole): self
    {
        $art = (new Box(0, 0, $decal->art->width->micrometres, $decal->art->height->micrometres))
            ->moved($decal->left->micrometres, $decal->top->micrometres);
        $frame = $whole ? $outline->box()->around($art)->grown(self::ROUND) : $art->grown(self::REACH);

        return new self(
            $frame,
            [
                ['role' => Strokes::OBJECT, 'path' => SvgPath::write($outline)],
                ...array_map(
                    static fn (Region $film): array => ['role' => Strokes::ART, 'path' => SvgPath::write($film)],
                    $films,
                ),
                ...Strokes::cross($frame, $art),
                ...Edge::Folded === $decal->on->edge ? Strokes::reliefs($decal) : [],
                // Where each part goes that it was cut in: under them the guide is the whole.
                ...array_map(
                    static fn (CutPart $part): array => Strokes::box(
                        Strokes::FIGURE,
                        $part->box->moved($decal->left->micrometres, $decal->top->micrometres),
                    ),
                    $decal->detail->parts,
                ),
            ],
            $whole,
        );
    }
}
