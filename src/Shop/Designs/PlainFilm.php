<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\ElementShape;
use Yelbo\Trade\Lettering\Pattern;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;

/**
 * Film of a plain shape or a pattern, whether it lies beside words or in their place. Where nothing is said a pattern
 * is repeated at a tenth of the shorter side it covers. Source: handbook section 4, "Several things on one object".
 */
final class PlainFilm
{
    /** Of a shape's length: how high a rule is. */
    private const RULE = 0.04;
    /** µm */
    private const THINNEST_RULE = 1000;
    /** Of the shorter side, where no pitch is typed; and of a pitch, what is repeated. */
    private const PITCH = 0.1;
    private const LEAST_PITCH = 4000;
    private const SPOT = 0.4;
    /** µm: a pattern reaches so far into what frames it, so that they are one piece. */
    private const INTO_FRAME = 100;
    /** Of a drawing that is still to be brought: as a picture is usually held. */
    private const STANDS_IN = [3, 2];

    /**
     * A shape with its box at the origin, µm.
     *
     * @param int $usual µm, how high it is where nothing is said
     *
     * @throws Refused where its inside leaves no film
     */
    public static function shape(DesignElement $element, int $usual): Region
    {
        $shape = $element->shape();
        if (null === $shape) {
            return self::sized(...array_map(static fn (int $side): int => $side * $usual, self::STANDS_IN));
        }
        $isRule = ElementShape::Line === $shape;
        $thin = max(self::THINNEST_RULE, (int) (self::RULE * ($element->wide ?? $usual)));
        $high = $element->high ?? ($isRule ? $thin : $element->wide ?? $usual);
        $wide = $element->wide ?? ($isRule ? 2 * $usual : $high);
        $size = static fn (int $across, int $down): Size => new Size(
            Length::micrometres($across),
            Length::micrometres($down),
        );

        return $shape
            ->film($size($wide, $high), null === $element->inner ? null : $size(...$element->inner), $element->sides)
            ->atOrigin();
    }

    /**
     * A pattern over what is safe, in its frame.
     *
     * @param Region $in what lies in it, µm
     *
     * @throws Refused where nothing of it fits, or more than anybody could weed
     */
    public static function pattern(Pattern $pattern, DesignElement $element, Region $safe, Region $in): Region
    {
        $shorter = min($safe->box()->width(), $safe->box()->height());
        $pitch = $element->pitch ?? max(self::LEAST_PITCH, (int) (self::PITCH * $shorter));
        $spot = $element->spot ?? (int) (self::SPOT * $pitch);
        $area = self::less($safe, $element->border ?? 0);
        $clear = Geos::grow($in, $element->gap ?? intdiv($pitch, 2));
        if (null === $element->frame) {
            return $pattern->film($area, $clear, $pitch, $spot);
        }
        $inside = self::less($area, $element->frame);
        // Dots stay clear of a frame by half of what parts them; what is long runs into it.
        $joins = Pattern::Stripes === $pattern || Pattern::Lattice === $pattern;
        $reach = $joins ? Geos::grow($inside, self::INTO_FRAME) : self::less($inside, intdiv($pitch - $spot, 2));

        return Geos::union([
            $pattern->film($joins ? Geos::intersection($reach, $area) : $reach, $clear, $pitch, $spot),
            Geos::difference(Geos::difference($area, $inside), $clear),
        ]);
    }

    private static function less(Region $area, int $by): Region
    {
        return 0 === $by || $area->isEmpty() ? $area : Geos::inset($area, $by);
    }

    private static function sized(int $wide, int $high): Region
    {
        return ElementShape::Rectangle->film(new Size(Length::micrometres($wide), Length::micrometres($high)));
    }
}
