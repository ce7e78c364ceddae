<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Length;

/** By how much film reaches over each edge of its object, µm; 0 where it does not. Source: handbook section 3. */
final readonly class Overhang
{
    /**
     * @param int $left µm
     * @param int $right µm
     * @param int $top µm
     * @param int $bottom µm
     */
    public function __construct(public int $left, public int $right, public int $top, public int $bottom)
    {
    }

    /** Of film whose box lies so in the frame of an object of such a size, µm. */
    public static function of(Box $film, int $width, int $height): self
    {
        return new self(
            max(0, -$film->left),
            max(0, $film->right - $width),
            max(0, -$film->top),
            max(0, $film->bottom - $height),
        );
    }

    /** Where it is most, µm. */
    public function most(): int
    {
        return max($this->left, $this->right, $this->top, $this->bottom);
    }

    /** How much at each edge, as somebody says it: "5 mm (13/64 in) at every edge", or edge by edge. */
    public function inWords(): string
    {
        $sides = ['left' => $this->left, 'right' => $this->right, 'top' => $this->top, 'bottom' => $this->bottom];
        if (1 === \count(array_unique($sides))) {
            return Length::micrometres($this->left)->inBoth().' at every edge';
        }
        $says = [];
        foreach (array_filter($sides) as $side => $over) {
            $says[] = Length::micrometres($over)->inBoth()." at the $side";
        }
        $last = array_pop($says);

        return [] === $says ? (string) $last : implode(', ', $says)." and $last";
    }
}
