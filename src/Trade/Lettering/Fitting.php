<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Largest;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Ball;
use Yelbo\Trade\Object\Development;
use Yelbo\Trade\Object\KeptClear;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/**
 * The largest size at which every point of the outline lies in the object's safe area,
 * proportions locked. On a taper whose curve would show, the art is bent along it.
 * Source: handbook section 4, "Fit"; section 3, development of a taper.
 */
final readonly class Fitting
{
    /** µm: more than rounding to the grid can move a corner outwards. */
    private const ROUNDING = 2;
    /** Of a size: how finely the largest is found where letters do not grow with their circle. */
    private const FINE = 0.0008;
    private const MOST_TRIES = 24;
    /** µm: any circle, to measure art by. */
    private const CIRCLE = 100_000;

    private OnTaper $onTaper;
    private RingRound $rings;

    public function __construct(private Typesetter $typesetter, private Rules $rules)
    {
        $this->onTaper = new OnTaper($typesetter);
        $this->rings = new RingRound($typesetter);
    }

    /**
     * @param int|null             $capHeight µm; the largest that fits where it is left out
     * @param int|list<int>|null   $offset    widths of the layers underneath, µm
     * @param int|null             $clearance µm; by the shop's rule where it is left out
     * @param array{int, int}|null $at        left and top where the art is wanted; the middle where left out
     *
     * @throws Refused where the object leaves no room, or the words cannot be set
     */
    public function fit(
        Surface $surface,
        Words $words,
        ?int $capHeight = null,
        int|array|null $offset = null,
        ?int $clearance = null,
        ?array $at = null,
    ): Fitted {
        $room = $surface->safe($clearance ?? $surface->clearance($this->rules));
        $safe = $room->region();
        if ($safe->isEmpty()) {
            throw $this->noRoom($surface, $clearance);
        }
        $inner = $room->inset(self::ROUNDING + max([0, ...(array) $offset]) + $words->setting->mending->thicken);
        [$words, $ring] = $this->rings->ringed($words, $inner, self::middle($surface), $capHeight);
        $base = $surface instanceof KeptClear ? $surface->surface : $surface;
        if ($base instanceof Taper) {
            $fitted = $this->onTaper->fit($base, $room, $inner, $words, $capHeight, $offset, $at);
            if (null !== $fitted && $fitted->droop > Development::SHOWS) {
                return $fitted;
            }
        }
        $flat = $this->flat($surface, $room, $inner, $words, $capHeight, $offset, $at, $ring);
        $box = $flat->artwork->box();
        if ($base instanceof Taper) {
            [$x, $y] = $base->straightened($flat->at[0] + $box->width() / 2, $flat->at[1] + $box->height());
            $droop = $base->development->droop($base->development->apexRadius - $base->radiusAt($y), $box->width());
            $flat = new Fitted(
                $flat->capHeight,
                $flat->largest,
                $flat->artwork,
                $flat->at,
                $safe,
                $flat->inside,
                $words,
                (int) round($droop),
            );
        } elseif ($base instanceof Ball) {
            $flat = new Fitted(
                $flat->capHeight,
                $flat->largest,
                $flat->artwork,
                $flat->at,
                $safe,
                $flat->inside,
                $words,
                strain: self::strain($base, $flat),
            );
        }

        return $flat;
    }

    /**
     * Where sketches are tried: the safe area less the rims of layers, laid straight on a taper.
     *
     * @param int|list<int>|null $offset
     * @param int                $thicken what outlines grow by when they are mended, µm
     *
     * @throws Refused where the object leaves no room
     */
    public function sketchRoom(Surface $surface, int|array|null $offset = null, int $thicken = 0): Room
    {
        $room = $surface->safe($surface->clearance($this->rules));
        if ($room->region()->isEmpty()) {
            throw $this->noRoom($surface, null);
        }
        $inner = $room->inset(self::ROUNDING + max([0, ...(array) $offset]) + $thicken);
        $base = $surface instanceof KeptClear ? $surface->surface : $surface;

        return $base instanceof Taper ? OnTaper::straight($base, $inner->region()) ?? $inner : $inner;
    }

    /**
     * Nearly the same as a fit, and quickly: the largest letter height, and the letters at it not
     * fused. True to a thousandth in a convex room, to some per cent in others.
     *
     * @param Room $room as `sketchRoom()` gives it
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
        [$words, $ring] = $this->rings->ringed($words, $room, self::middle($surface), null);
        $sketch =
            $room instanceof ConvexArea
                ? $this->typesetter->sketch($words)
                : Geos::union([$this->typesetter->sketch($words)]);
        $height = $ring ?? (int) floor(Glyphs::SKETCH_HEIGHT * $room->largest($sketch, true)->scale());

        return $height < Typesetter::SMALLEST
            ? throw self::tooLong()
            : [$height, $sketch->put($height / Glyphs::SKETCH_HEIGHT, 0, 0)];
    }

    private static function tooLong(): Refused
    {
        return new Refused(
            'words-too-long',
            'These words do not fit this object even at half a millimetre. Break them into lines or take a larger object.',
            '/lines',
        );
    }

    /**
     * @param int|list<int>|null   $offset
     * @param array{int, int}|null $at
     * @param int|null             $ring   the largest letter height of a ring round a hole
     */
    private function flat(
        Surface $surface,
        Room $room,
        Room $inner,
        Words $words,
        ?int $capHeight,
        int|array|null $offset,
        ?array $at,
        ?int $ring,
    ): Fitted {
        $middle = self::middle($surface);
        [$reference, $scale] = match (true) {
            null !== $ring => [$ring, new Centred($this->typesetter->top($words, $ring), $inner, $middle)],
            $words->setting->isProportional() => $this->largest($words, $inner),
            default => $this->onCircle($words, $inner, $middle),
        };
        $largest = $ring ?? (int) floor($reference * ($words->setting->isProportional() ? $scale->scale() : 1));
        $chosen = $capHeight ?? $largest;
        if ($chosen < Typesetter::SMALLEST) {
            throw self::tooLong();
        }
        $top = $this->typesetter->top($words, $chosen, $reference);
        $artwork = $this->typesetter->layers($words, $top, $chosen, $offset);
        $box = $artwork->box();
        if (null !== $at) {
            $place = [$at[0] + $box->width() / 2, $at[1] + $box->height() / 2];
        } elseif ($chosen === $reference || $words->setting->isProportional()) {
            $place = $scale->middle($chosen / $reference, $middle) ?? $middle;
        } else {
            $place = $inner->largest($top)->middle(1.0, $middle) ?? $middle;
        }
        // What was mended away at one side does not move the rest.
        [$x, $y] =
            null === $at && !$words->setting->mending->isNothing()
                ? self::apart($top->box(), $this->typesetter->mended($words, $top)->box())
                : [0, 0];
        $place = [$place[0] + $x, $place[1] + $y];
        $corner = [(int) round($place[0] - $box->width() / 2), (int) round($place[1] - $box->height() / 2)];

        return new Fitted(
            $chosen,
            $largest,
            $artwork,
            $corner,
            $room->region(),
            $room->holds(self::outermost($artwork), $corner),
            $words,
        );
    }

    /**
     * Sets the words near the size they will end at, so that curves are as fine as they should be.
     *
     * @return array{int, Largest}
     */
    private function largest(Words $words, Room $inner): array
    {
        $room = $inner->region();
        $reference = $this->typesetter->guess($words, $room->isEmpty() ? Box::sized(1, 1) : $room->box());
        for ($round = 0;; ++$round) {
            $largest = $inner->largest($this->typesetter->top($words, $reference));
            $better = Typesetter::reference(max(1000, (int) floor($reference * $largest->scale())));
            if ($better <= $reference || $round >= 2) {
                return [$reference, $largest];
            }
            $reference = $better;
        }
    }

    /**
     * Letters on a circle of a given size: larger ones until they no longer fit.
     *
     * @param array{float, float} $middle of the object, µm
     *
     * @return array{int, Largest} the size itself, and where a scale of one goes
     */
    private function onCircle(Words $words, Room $inner, array $middle): array
    {
        $room = $inner->region()->isEmpty() ? Box::sized(1, 1) : $inner->region()->box();
        $does = null;
        $low = (float) Typesetter::SMALLEST;
        $high = (float) min(Typesetter::LARGEST, max($room->height(), $room->width()));
        $try = sqrt($low * $high);
        for ($round = 0; $round < self::MOST_TRIES && $high - $low > self::FINE * $low; ++$round) {
            [$scale, $largest] = $this->atSize($words, $inner, (int) $try, $middle);
            if ($scale >= 1 && null !== $largest) {
                $does = [(int) $try, $largest];
                $low = $try;
            } else {
                $high = $try;
            }
            // A step by the scale first, then halving.
            $guess = $try * max(0.5, min(2.0, $scale));
            $try =
                $round < 6 && $guess > $low * (1 + self::FINE) && $guess < $high * (1 - self::FINE)
                    ? $guess
                    : ($round < 3
                        ? sqrt($low * $high)
                        : ($low + $high) / 2);
        }
        if (null === $does) {
            throw new Refused(
                'circle-too-large',
                'A circle of this radius has no room for these words on this object. Take another radius, or leave it to the words.',
                '/radius',
            );
        }

        return $does;
    }

    /**
     * @param array{float, float} $middle
     *
     * @return array{float, Largest|null}
     */
    private function atSize(Words $words, Room $inner, int $capHeight, array $middle): array
    {
        try {
            $top = $this->typesetter->top($words, $capHeight);
        } catch (Refused $refused) {
            return 'circle-too-small' === $refused->reason ? [0.0, null] : throw $refused;
        }
        if (Arrangement::Ring === $words->setting->arrangement && 0 < $inner->region()->holes()) {
            $centred = new Centred($top, $inner, $middle);

            return [$centred->scale(), $centred];
        }
        $largest = $inner->largest($top);

        return [$largest->scale(), $largest];
    }

    /** @return array{float, float} from the middle of one box to another's, µm */
    private static function apart(Box $one, Box $other): array
    {
        return [
            ($other->left + $other->right - $one->left - $one->right) / 2,
            ($other->top + $other->bottom - $one->top - $one->bottom) / 2,
        ];
    }

    /** @return array{float, float} */
    private static function middle(Surface $surface): array
    {
        return [$surface->size()->width->micrometres / 2, $surface->size()->height->micrometres / 2];
    }

    /** How much the edge of a decal has to shrink, by the smallest circle round it. */
    private static function strain(Ball $ball, Fitted $fitted): float
    {
        $circle = ConvexArea::ellipse(0, 0, self::CIRCLE, self::CIRCLE);

        return $ball->strain(self::CIRCLE / max(1e-9, $circle->largest(self::outermost($fitted->artwork))->scale()));
    }

    /** The layer that reaches furthest. */
    public static function outermost(Artwork $artwork): Region
    {
        return $artwork->layers[\count($artwork->layers) - 1]->region;
    }

    private function noRoom(Surface $surface, ?int $clearance): Refused
    {
        if (
            $surface instanceof KeptClear
            && !$surface->surface
                ->safe($clearance ?? $surface->clearance($this->rules))
                ->region()
                ->isEmpty()
        ) {
            return new Refused(
                'no-room',
                'What has to stay clear takes up the whole safe area. Measure the keep-outs again, or choose another side of the object.',
                '/keepOuts',
            );
        }
        $wanted = Length::micrometres($clearance ?? $surface->clearance($this->rules))->inMetric();

        return new Refused(
            'no-room',
            "With a clearance of $wanted mm to every edge this object leaves no room for a decal.",
            null === $clearance ? '/object' : '/clearance',
        );
    }
}
