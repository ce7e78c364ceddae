<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;

/** Each of several elements at its size and its place on one object. Source: handbook section 4. */
final readonly class ElementFitting
{
    /** Of a letter height: how finely the largest at a place is found. */
    private const FINE = 0.001;

    public function __construct(private Fitting $fitting)
    {
    }

    /**
     * @param int|null $clearance to the edge, µm
     *
     * @throws Refused where the object leaves no room, or the element cannot be set
     */
    public function fit(Surface $surface, Element $element, ?int $clearance = null): Fitted
    {
        [$words, $offset] = [$element->words, $element->offset];
        if (null !== $element->width || null !== $element->height) {
            $fitted = $this->fitting->fitTo(
                $surface,
                $words,
                $element->width,
                $element->height,
                $offset,
                $clearance,
            );

            return null === $element->middle ? $fitted : $this->at($surface, $element, $fitted->capHeight, $clearance);
        }
        if (null === $element->middle) {
            return $this->fitting->fit($surface, $words, $element->capHeight, $offset, $clearance);
        }

        return null === $element->capHeight
            ? $this->largestAt($surface, $element, $clearance)
            : $this->at($surface, $element, $element->capHeight, $clearance);
    }

    /** With the middle of its box where it is wanted. */
    private function at(Surface $surface, Element $element, int $capHeight, ?int $clearance): Fitted
    {
        [$x, $y] = $element->middle ?? throw new \LogicException('Nobody said where.');
        $set = $this->fitting->fit($surface, $element->words, $capHeight, $element->offset, $clearance);
        $box = $set->artwork->box();
        $at = [(int) round($x - $box->width() / 2), (int) round($y - $box->height() / 2)];

        return $this->fitting->fit($surface, $element->words, $capHeight, $element->offset, $clearance, $at);
    }

    /** As large as it can be there: what fits at a size fits at a smaller one about the same middle, but for holes. */
    private function largestAt(Surface $surface, Element $element, ?int $clearance): Fitted
    {
        $most = $this->fitting
            ->fit($surface, $element->words, null, $element->offset, $clearance, null, false)
            ->capHeight;
        $best = $this->at($surface, $element, $most, $clearance);
        [$fits, $fails] = [Typesetter::SMALLEST, $most];
        while (!$best->inside && $fails - $fits > 1 && $fails - $fits > self::FINE * $fits) {
            $try = intdiv($fits + $fails, 2);
            $there = $this->at($surface, $element, $try, $clearance);
            [$fits, $fails] = $there->inside ? [$try, $fails] : [$fits, $try];
        }

        return $best->inside ? $best : $this->at($surface, $element, $fits, $clearance);
    }
}
