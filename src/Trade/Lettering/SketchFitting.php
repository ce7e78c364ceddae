<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Anchor;
use Yelbo\Trade\Geometry\AnchoredRoom;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Object\Ball;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Nearly the same as a fit, and quickly: what faces are shown and lists are ranked by. */
final readonly class SketchFitting
{
    /** µm: more than rounding to the grid can move a corner outwards. */
    private const ROUNDING = 2;

    private OnTaper $onTaper;
    private RingRound $rings;
    private AllRound $allRound;

    public function __construct(private Typesetter $typesetter, private Rules $rules)
    {
        $this->onTaper = new OnTaper($typesetter);
        $this->rings = new RingRound($typesetter);
        $this->allRound = new AllRound($typesetter);
    }

    /**
     * Where sketches are tried: the safe area less the rims of layers, laid straight on a taper.
     *
     * @param int|list<int>|null $offset
     * @param int                $thicken what outlines grow by when they are mended, µm
     *
     * @throws Refused where the object leaves no room
     */
    public function room(Surface $surface, int|array|null $offset = null, int $thicken = 0): Room
    {
        $room = $surface->safe($surface->clearance($this->rules));
        if ($room->region()->isEmpty()) {
            throw NoRoom::on($surface, null, $this->rules);
        }
        $inner = $room->inset(self::ROUNDING + max([0, ...(array) $offset]) + $thicken);
        $base = $surface instanceof SurfaceLessKeepOuts ? $surface->surface : $surface;
        $straight = $base instanceof Taper ? TaperLaidStraight::straight($base, $inner->region()) : null;

        return null === $straight
            ? Fitting::anchored($base, $inner, Fitting::middle($room))
            : new AnchoredRoom($straight, Anchor::middle($straight->region()->box()));
    }

    /**
     * Nearly the same as a fit, and quickly: the largest letter height, and the letters at it not
     * fused. True to a thousandth in a convex room, to some per cent in others.
     *
     * @param Room $room as `room()` gives it
     *
     * @return array{int, Region}
     */
    public function sketch(Surface $surface, Room $room, Words $words): array
    {
        if (!$words->setting->isProportional()) {
            $words = $words->with(
                $words->setting->bowed($this->typesetter->bow($words->with($words->setting->unbowed()))),
            );
        }
        $room = $room instanceof AnchoredRoom ? $room->leaning($words->setting->lean) : $room;
        [$words, $ring] = $this->rings->ringed($words, $room, Fitting::middle($room), null, false);
        // Cut out of a band they are sketched by their letters alone, the band's own film beside them reckoned in.
        $isBand = $words->setting->isRing() && Arrangement::Knockout === $words->setting->arrangement;
        $words = $isBand ? $words->with($words->setting->arranged(Arrangement::Ring)) : $words;
        $sketch =
            $room->isConvex()
                ? $this->typesetter->sketch($words)
                : Geos::union([$this->typesetter->sketch($words)]);
        $scale = $this->sketchScale($surface, $room, $sketch);
        if ($isBand) {
            $half = min($sketch->box()->width(), $sketch->box()->height()) / 2;
            $scale *= $half / ($half + Frames::BAND * Glyphs::SKETCH_HEIGHT);
        }
        $height = $ring ?? (int) floor(Glyphs::SKETCH_HEIGHT * $scale);
        $height = Arrangement::AllRound === $words->setting->arrangement
            ? min($height, $this->allRound->sketched($surface, $words))
            : $height;

        return $height < Typesetter::SMALLEST
            ? throw NoRoom::forWords()
            : [$height, $sketch->put($height / Glyphs::SKETCH_HEIGHT, 0, 0)];
    }

    /** How much larger the sketch could be on this surface. */
    private function sketchScale(Surface $surface, Room $room, Region $sketch): float
    {
        $base = $surface instanceof SurfaceLessKeepOuts ? $surface->surface : $surface;
        $middle = Fitting::middle($surface->safe($surface->clearance($this->rules)));

        return match (true) {
            $base instanceof Taper && $room instanceof AnchoredRoom => $this->onTaper
                ->sketched($base, $room, $sketch, $middle),
            $base instanceof Ball => min(
                $room->largest($sketch, true)->scale(),
                $base->reach($this->rules->share(Rule::BallFlat)) / max(
                    1.0,
                    PartsOnBall::reach(Geos::union([$sketch])),
                ),
            ),
            default => $room->largest($sketch, true)->scale(),
        };
    }
}
