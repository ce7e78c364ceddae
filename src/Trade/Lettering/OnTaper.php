<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Anchor;
use Yelbo\Trade\Geometry\AnchoredRoom;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Object\Taper;

/**
 * Words bent along the arc of a taper.
 *
 * Laid straight, the safe area is nearly a rectangle and bent art is plain art, only wider or
 * narrower by its distance from the apex. So it is fitted there, and the width put right until
 * the place no longer changes it. Source: handbook section 3, development of a taper.
 */
final readonly class OnTaper
{
    private const ROUNDS = 7;
    private const SKETCH_ROUNDS = 3;
    /** In a room of odd outline the first of them only look for the place. */
    private const ROUGH_ROUNDS = 2;
    /** Of the radius: a change that no width shows. */
    private const SETTLED = 2e-4;
    private const MOST_TRIES = 12;
    /** Of a size. */
    private const STEP = 0.002;

    public function __construct(private Typesetter $typesetter)
    {
    }

    /**
     * @param Room                 $inner  less the rims of layers; anchored where the art is to lie in the middle
     * @param int|list<int>|null   $offset
     * @param array{int, int}|null $at
     * @param array{float, float}  $middle of what is safe, µm
     */
    public function fit(
        Taper $taper,
        Room $room,
        Room $inner,
        Words $words,
        ?int $capHeight,
        int|array|null $offset,
        ?array $at,
        array $middle,
    ): ?Fitted {
        $straight = TaperLaidStraight::straight($taper, $inner->region());
        if (null === $straight || !$words->setting->isProportional()) {
            return null;
        }
        $reference = $this->typesetter->guess($words, $straight->region()->box());
        $middle = $inner instanceof AnchoredRoom && $inner->isFree() ? $middle : null;
        $settled = $this->settled($taper, $straight, $words, $capHeight, $reference, $offset, $at, $middle);
        if (null === $settled) {
            return null;
        }
        [$chosen, $largest, $place] = $settled;
        if (null === $capHeight) {
            [$chosen, $largest] = $this->madeToFit($taper, $inner, $words, $settled, $reference);
        }
        if ($chosen < Typesetter::SMALLEST) {
            return null;
        }

        return $this->drawn($taper, $room, $words, [$chosen, $largest, $place], $reference, $offset);
    }

    /**
     * Where place and width do not settle on each other, the art is made to fit the place it has.
     *
     * @param array{int, int, array{float, float}, float} $settled
     *
     * @return array{int, int} the letter height and the largest, µm
     */
    private function madeToFit(Taper $taper, Room $inner, Words $words, array $settled, int $reference): array
    {
        [$chosen, $largest, $place, $radius] = $settled;
        for (
            $try = 0;
            $try < self::MOST_TRIES && !$this->holds($taper, $inner, $words, $chosen, $reference, $place);
            ++$try
        ) {
            $less = min(1 - self::STEP / 4, $taper->radiusAt($place[1]) / $radius);
            $chosen = $largest = (int) floor($chosen * ($try > 0 ? 1 - self::STEP : $less));
        }

        return [$chosen, $largest];
    }

    /**
     * @param array{int, int, array{float, float}} $settled the letter height and the largest, µm, and the place
     * @param int|list<int>|null                   $offset
     */
    private function drawn(
        Taper $taper,
        Room $room,
        Words $words,
        array $settled,
        int $reference,
        int|array|null $offset,
    ): Fitted {
        [$chosen, $largest, $place] = $settled;
        $plain = $this->typesetter->top($words, $chosen, $reference);
        $about = $plain->box();
        $bent = $this->typesetter->films->mended($words, TaperBend::bent($taper, $plain, $place));
        $artwork = $this->typesetter->films->layers(
            $words,
            TaperBend::bent($taper, $plain, $place),
            $chosen,
            $offset,
            static fn (Region $layer): Region => TaperBend::bent($taper, $layer, $place, $about),
        );
        $grown = max([0, ...(array) $offset]);
        $box = $bent->box();
        $corner = [$box->left - $grown, $box->top - $grown];
        $flat = $this->typesetter->top($words, $chosen, $reference)->box();
        $baseline = $taper->development->apexRadius - $taper->radiusAt($place[1] + $flat->height() / 2);

        return new Fitted(
            $chosen,
            $largest,
            $artwork,
            $corner,
            $room->region(),
            $room->holds($artwork->outermost(), $corner),
            $words,
            (int) round($taper->development->droop($baseline, $flat->width())),
            true,
        );
    }

    /**
     * Place and width decide each other: how large the art is, where its middle goes, and the radius it was tried at.
     *
     * @param int|list<int>|null   $offset
     * @param array{int, int}|null     $at
     * @param array{float, float}|null $middle where the middle of its box has to go, µm
     *
     * @return array{int, int, array{float, float}, float}|null the height chosen and the largest, µm; nothing where it
     *     does not fit
     */
    private function settled(
        Taper $taper,
        Room $straight,
        Words $words,
        ?int $capHeight,
        int $reference,
        int|array|null $offset,
        ?array $at,
        ?array $middle,
    ): ?array {
        $box = $straight->region()->box();
        $wanted = null === $at && null === $middle
            ? [0.0, $taper->middleRadius() > 0 ? $box->top / 2 + $box->bottom / 2 : 0.0]
            : null;
        $convex = $straight instanceof ConvexArea;
        $top = $this->typesetter->top($words, $reference);
        $radius = $taper->middleRadius();
        $chosen = $largest = 0;
        $place = null === $middle ? [0.0, 0.0] : $taper->straightened(...$middle);
        $radius = null === $middle ? $radius : $taper->radiusAt($place[1]);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            // In a room of odd outline the place may stay a hair off: the art is tried so much wider than it is.
            $tried = $top->widened(($taper->middleRadius() / $radius) * ($convex ? 1 : 1 + self::SETTLED));
            // An inset tilts the sides by a hair, and that must not pull the art to the wide end.
            $band =
                $straight instanceof ConvexArea && null !== $wanted && $largest > 0
                    ? TaperLaidStraight::band($straight, $wanted[1], ($top->box()->height() * $largest) / $reference)
                    : $straight;
            $band = null === $middle ? $band : new AnchoredRoom($straight, new Anchor(...$place));
            $most = $band->largest($tried, $round < self::ROUGH_ROUNDS && !$convex);
            $largest = (int) floor($reference * $most->scale());
            $chosen = $capHeight ?? $largest;
            if ($chosen < Typesetter::SMALLEST) {
                return null;
            }
            $place = match (true) {
                null !== $wanted => $most->middle($chosen / $reference, $wanted) ?? $wanted,
                null !== $middle => $this->middled($taper, $words, $chosen, $reference, $middle),
                default => $this->wanted($taper, $words, $chosen, $reference, $offset, $at ?? [0, 0]),
            };
            $next = $taper->radiusAt($place[1]);
            if (
                abs($next - $radius) < ($convex ? 1 : self::SETTLED * $radius)
                && ($convex || $round >= self::ROUGH_ROUNDS)
            ) {
                break;
            }
            $radius = $next;
        }

        return [$chosen, $largest, $place, $radius];
    }

    /** @param array{float, float} $place */
    private function holds(Taper $taper, Room $inner, Words $words, int $chosen, int $reference, array $place): bool
    {
        return $inner->holds(
            TaperBend::bent($taper, $this->typesetter->top($words, $chosen, $reference), $place),
            [0, 0],
        );
    }

    /**
     * How large a sketch may be whose bent box has its middle at a place: the more it is bent, the further its own
     * middle lies from that of its box.
     *
     * @param array{float, float} $middle µm
     */
    public function sketched(Taper $taper, AnchoredRoom $straight, Region $sketch, array $middle): float
    {
        $box = $sketch->box();
        [$x, $y] = $taper->straightened(...$middle);
        $scale = 0.0;
        $sag = 0.0;
        for ($round = 0; $round < self::SKETCH_ROUNDS; ++$round) {
            $down = $y - ($taper->wideUp ? 1 : -1) * $sag;
            $scale = (new AnchoredRoom($straight->room(), new Anchor($x, $down)))->largest($sketch, true)->scale();
            $edge = $taper->radiusAt($down + (($taper->wideUp ? 1 : -1) * $scale * $box->height()) / 2);
            $sag = ($edge * (1 - cos(min(\M_PI, ($scale * $box->width()) / 2 / $taper->radiusAt($down))))) / 2;
        }

        return $scale;
    }

    /**
     * Where the middle goes so that the middle of the bent art's box is at a place.
     *
     * @param array{float, float} $middle
     *
     * @return array{float, float}
     */
    private function middled(Taper $taper, Words $words, int $chosen, int $reference, array $middle): array
    {
        $art = $this->typesetter->top($words, $chosen, $reference);
        [$x, $y] = $middle;
        for ($round = 0; $round < 3; ++$round) {
            $box = $this->typesetter->films->mended(
                $words,
                TaperBend::bent($taper, $art, $taper->straightened($x, $y)),
            )->box();
            $x += $middle[0] - ($box->left + $box->right) / 2;
            $y += $middle[1] - ($box->top + $box->bottom) / 2;
        }

        return $taper->straightened($x, $y);
    }

    /**
     * Where the middle goes so that the bent art's box has its left top corner at a place.
     *
     * @param int|list<int>|null $offset
     * @param array{int, int}    $at
     *
     * @return array{float, float}
     */
    private function wanted(
        Taper $taper,
        Words $words,
        int $chosen,
        int $reference,
        int|array|null $offset,
        array $at,
    ): array {
        $art = $this->typesetter->top($words, $chosen, $reference);
        $grown = max([0, ...(array) $offset]);
        $box = $art->box();
        $x = $at[0] + $grown + $box->width() / 2;
        $y = $at[1] + $grown + $box->height() / 2;
        for ($round = 0; $round < 4; ++$round) {
            $found = $this->typesetter->films->mended(
                $words,
                TaperBend::bent($taper, $art, $taper->straightened($x, $y)),
            )->box();
            $x += $at[0] + $grown - $found->left;
            $y += $at[1] + $grown - $found->top;
        }

        return $taper->straightened($x, $y);
    }
}
