<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What has to stay free of film, and how far from it. Source: handbook section 3, keep-outs. */
enum KeepOut: string
{
    case Lip = 'lip';
    case Seam = 'seam';
    case Handle = 'handle';
    case Edge = 'edge';
    case Hole = 'hole';
    case Hinge = 'hinge';
    case Other = 'other';

    /** As it is shown. */
    public function label(): string
    {
        return match ($this) {
            self::Lip => 'Lip that is drunk from',
            self::Seam => 'Seam or mould line',
            self::Handle => 'Handle root',
            self::Edge => 'Bevelled or rolled edge',
            self::Hole => 'Hole',
            self::Hinge => 'Hinge, clip or latch',
            self::Other => 'Something else',
        };
    }

    /**
     * Which of its measures are asked: from the left and the top to its middle, and its own size.
     *
     * @return list<string>
     */
    public function measures(): array
    {
        return match ($this) {
            self::Lip => [],
            self::Seam => ['x'],
            self::Edge => ['width'],
            self::Hole => ['x', 'y', 'width'],
            self::Handle, self::Hinge, self::Other => ['x', 'y', 'width', 'height'],
        };
    }

    /** µm on every side of it. */
    public function margin(Rules $rules): int
    {
        return match ($this) {
            self::Lip => $rules->micrometres(Rule::KeepLip),
            self::Seam => $rules->micrometres(Rule::KeepSeam),
            self::Handle => $rules->micrometres(Rule::KeepHandle),
            self::Hole => $rules->micrometres(Rule::KeepHole),
            self::Hinge => $rules->micrometres(Rule::KeepHinge),
            self::Edge, self::Other => 0,
        };
    }

    /**
     * What it takes of a wall of a size, as measured along the surface; an edge's band is
     * taken off by the safe area itself.
     *
     * @param int $width  µm, of the wall
     * @param int $height µm, of the wall
     * @param int $x      µm from its left to the middle of the part
     * @param int $y      µm from its top to the middle of the part
     * @param int $w      µm
     * @param int $h      µm
     *
     * @throws Refused where it does not lie on the object
     */
    public function region(int $width, int $height, int $x, int $y, int $w, int $h, Rules $rules): Region
    {
        $margin = $this->margin($rules);
        if ($x < 0 || $x > $width) {
            throw new Refused(
                'off-the-object',
                'This lies beside the object. Measure from its left edge to the middle of the part.',
                '/x',
            );
        }
        if ($y < 0 || $y > $height) {
            throw new Refused(
                'off-the-object',
                'This lies above or below the object. Measure from its top edge to the middle of the part.',
                '/y',
            );
        }

        return match ($this) {
            self::Lip => (new Box(0, 0, $width, min($margin, $height)))->region(),
            self::Seam => (new Box($x - $margin, 0, $x + $margin, $height))->region(),
            self::Edge => Region::none(),
            self::Hole => ConvexArea::ellipse($x, $y, $w / 2 + $margin, $w / 2 + $margin)->region(),
            self::Handle, self::Hinge, self::Other => (new Box(
                $x - intdiv($w, 2) - $margin,
                $y - intdiv($h, 2) - $margin,
                $x + intdiv($w, 2) + $margin,
                $y + intdiv($h, 2) + $margin,
            ))->region(),
        };
    }
}
