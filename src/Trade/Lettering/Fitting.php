<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Hull;
use Yelbo\Trade\Geometry\LargestScale;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/**
 * The largest size at which every point of the outline lies in the object's safe area,
 * proportions locked. Source: handbook section 4, "Fit".
 */
final readonly class Fitting
{
    /** µm: more than rounding to the grid can move a corner outwards. */
    private const ROUNDING = 2;

    public function __construct(private Letterer $letterer, private Rules $rules)
    {
    }

    /**
     * @param int|null             $capHeight µm; the largest that fits where it is left out
     * @param int|null             $offset    width of the layer underneath, µm
     * @param int|null             $clearance µm; by the shop's rule where it is left out
     * @param array{int, int}|null $at        left and top where the art is wanted; the middle where left out
     *
     * @throws Refused where the object leaves no room, or the words cannot be set
     */
    public function fit(Surface $surface, Words $words, ?int $capHeight = null, ?int $offset = null, ?int $clearance = null, ?array $at = null): Fitted
    {
        $area = $surface->safe($clearance ?? $surface->clearance($this->rules));
        $safe = $area->region();
        if ($safe->isEmpty()) {
            throw new Refused('no-room', 'With this clearance the object leaves no room for a decal.', '/object');
        }
        $inner = $area->inset(self::ROUNDING + ($offset ?? 0));
        [$reference, $scale] = $this->largest($words, $inner);
        $largest = (int) floor($reference * $scale->scale());
        if (null === $capHeight && $largest < 500) {
            throw new Refused('words-too-long', 'These words do not fit this object even at half a millimetre. Break them into lines or take a larger object.', '/lines');
        }
        $chosen = $capHeight ?? $largest;
        $artwork = $this->letterer->artwork($words, $chosen, $offset);
        $box = $artwork->box();
        $middle = [$surface->size()->width->micrometres / 2, $surface->size()->height->micrometres / 2];
        $wanted = null === $at ? $middle : [$at[0] + $box->width() / 2, $at[1] + $box->height() / 2];
        $place = null === $at ? ($scale->middle($chosen / $reference, $wanted) ?? $wanted) : $wanted;
        $corner = [(int) round($place[0] - $box->width() / 2), (int) round($place[1] - $box->height() / 2)];

        return new Fitted($chosen, $largest, $artwork, $corner, $safe, $this->holds($area, $artwork, $corner));
    }

    /**
     * Sets the words near the size they will end at, so that curves are as fine as they should be.
     *
     * @return array{int, LargestScale}
     */
    private function largest(Words $words, ConvexArea $inner): array
    {
        $room = $inner->region();
        $reference = $this->letterer->guess($words, $room->isEmpty() ? Box::sized(1, 1) : $room->box());
        for ($round = 0;; ++$round) {
            $scale = new LargestScale($inner, Hull::of($this->letterer->top($words, $reference)));
            $better = Letterer::reference(max(1000, (int) floor($reference * $scale->scale())));
            if ($better === $reference || $round >= 2) {
                return [$reference, $scale];
            }
            $reference = $better;
        }
    }

    /** @param array{int, int} $at */
    private function holds(ConvexArea $area, Artwork $artwork, array $at): bool
    {
        $outermost = $artwork->layers[\count($artwork->layers) - 1]->region;
        foreach (Hull::of($outermost)->corners as [$x, $y]) {
            if ($area->depth($x + $at[0], $y + $at[1]) < -1) {
                return false;
            }
        }

        return true;
    }
}
