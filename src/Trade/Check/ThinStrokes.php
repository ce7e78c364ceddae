<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/** Where film is thinner than a stroke may be, and how thin. Source: handbook section 5. */
final readonly class ThinStrokes
{
    /** Thin places: up to so many are measured exactly, of more only the narrowest few. */
    private const MANY = 4;
    private const FEW = 2;
    /** So many are a texture: the narrowest few tell how bad it is. */
    private const A_FIELD = 300;
    /** How often a thinner stroke elsewhere is looked for. */
    private const AGAIN = 2;
    /** Of a limit: what is so thin on the whole, and no longer than the limit, is a touch or a point. */
    private const SHARP = 0.3;
    /** Of a limit: a stroke so thin may only run out to a point there; and what is shorter is a point. */
    private const POINTED = 0.2;
    private const POINT = 0.5;
    /** µm: how finely the opening test tells a stroke at the limit from one under it. */
    public const GRACE = 10;

    public function __construct(private Limits $limits)
    {
    }

    /**
     * Places where a letter merely touches itself or runs out to a point, apart from strokes that are thin: no longer
     * than a stroke is wide, sharp, and where the knife parts it nothing comes off.
     *
     * @param list<Region> $parts
     *
     * @return array{list<Region>, list<Region>}
     */
    public function touching(Region $layer, array $parts): array
    {
        $touches = $thin = [];
        foreach ($parts as $part) {
            $box = $part->box();
            $isSharp =
                max($box->width(), $box->height()) < $this->limits->stroke
                && self::meanWidth($part) < self::SHARP * $this->limits->stroke;
            if ($isSharp && $this->keepsTogether($layer, $part)) {
                $touches[] = $part;
            } else {
                $thin[] = $part;
            }
        }

        return [$touches, $thin];
    }

    /** Is it in as many pieces without a part as with it? */
    private function keepsTogether(Region $layer, Region $part): bool
    {
        $box = $part->box()->grown(self::GRACE);
        foreach ($layer->pieces() as $piece) {
            if ($piece->box()->overlaps($box)) {
                $left = Geos::difference($piece, Geos::grow($part, self::GRACE))->pieces();
                $whole = array_filter(
                    $left,
                    fn (Region $rest): bool => $rest->area() > ($this->limits->stroke / 1000) ** 2,
                );
                if (\count($whole) > 1) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * How wide strokes are where they are thinnest: all of a few, of many the narrowest ones, and
     * those that an opening by the least width found so far still takes away.
     *
     * @param list<Region> $parts the narrowest first
     *
     * @return array<int, int> µm, by their place among the parts
     */
    public function widths(Region $layer, array $parts): array
    {
        $widths = [];
        $boxes = array_map(static fn (Region $part): Box => $part->box(), $parts);
        foreach (\array_slice($parts, 0, \count($parts) > self::MANY ? self::FEW : self::MANY) as $nth => $part) {
            $widths[$nth] = $this->width($layer, $part);
        }
        for (
            $round = 0;
            \count($parts) > \count($widths) && \count($parts) < self::A_FIELD && $round < self::AGAIN;
            ++$round
        ) {
            $thinner = Opening::tooThin($layer, min([$this->limits->stroke, ...$widths]) - self::GRACE);
            $at = self::unmeasured(\array_slice(self::narrowestFirst($thinner)[0], 0, self::MANY), $boxes, $widths);
            if (null === $at) {
                break;
            }
            $widths[$at] = $this->width($layer, $parts[$at]);
        }

        return $widths;
    }

    /**
     * The first part that one of these lies in and that has no width yet.
     *
     * @param list<Region>    $thinner
     * @param list<Box>       $boxes  of the parts
     * @param array<int, int> $widths
     */
    private static function unmeasured(array $thinner, array $boxes, array $widths): ?int
    {
        foreach ($thinner as $thin) {
            $box = $thin->box();
            foreach ($boxes as $nth => $of) {
                if ($of->overlaps($box)) {
                    if (!isset($widths[$nth])) {
                        return $nth;
                    }
                    break;
                }
            }
        }

        return null;
    }

    /** How wide a stroke is where it is thinnest, µm. */
    private function width(Region $layer, Region $part): int
    {
        $box = $part->box();
        $limit = $this->limits->stroke;
        $near = Geos::clipped($layer, $box->grown(2 * $limit));
        $found = Opening::thinnest($near, $limit, static fn (Region $thin): bool => $thin->box()->overlaps($box));

        return $found >= self::POINTED * $limit
            ? $found
            : Opening::thinnest(
                $near,
                $limit,
                static fn (Region $thin): bool => $thin->box()->overlaps($box)
                    && max($thin->box()->width(), $thin->box()->height()) > self::POINT * $limit,
            );
    }

    /**
     * @param list<Region> $parts
     *
     * @return array{list<Region>, list<int>} the narrowest first, and how wide each is on the whole
     */
    public static function narrowestFirst(array $parts): array
    {
        $means = array_map(self::meanWidth(...), $parts);
        asort($means);

        return [array_map(static fn (int $nth): Region => $parts[$nth], array_keys($means)), array_values($means)];
    }

    /** As if it were a ribbon, µm. */
    public static function meanWidth(Region $part): int
    {
        return (int) ((2000 * $part->area()) / max(0.001, $part->outlineLength()));
    }
}
