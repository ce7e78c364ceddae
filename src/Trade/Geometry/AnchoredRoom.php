<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/** A room in which art lies with its middle at an anchor. Source: handbook section 3, "First sizes". */
final readonly class AnchoredRoom implements Room
{
    public function __construct(private Room $room, private Anchor $anchor)
    {
    }

    /** The room itself. */
    public function room(): Room
    {
        return $this->room;
    }

    /**
     * This room for art that leans so much.
     *
     * @param float $lean a share of the height
     */
    public function leaning(float $lean): self
    {
        return new self($this->room, $this->anchor->leaning($lean));
    }

    public function region(): Region
    {
        return $this->room->region();
    }

    public function isConvex(): bool
    {
        return $this->room->isConvex();
    }

    public function inset(int|float $by): self
    {
        return new self($this->room->inset($by), $this->anchor);
    }

    public function without(Region $keepOut): self
    {
        return new self($this->room->without($keepOut), $this->anchor);
    }

    /** Where the anchor is not free it says nothing, but for a shape that goes round what lies there. */
    public function largest(Region $shape, bool $roughly = false): Largest
    {
        if (!$this->isFree()) {
            $anywhere = $this->room->largest($shape, $roughly);
            $round = self::isHollow($shape) ? $this->anchored($shape, $roughly) : null;

            return null !== $round && $round->scale() > $anywhere->scale() ? $round : $anywhere;
        }
        $anchored = $this->anchored($shape, $roughly);

        return $anchored->scale() > 0 ? $anchored : $this->room->largest($shape, $roughly);
    }

    /** Can anything lie at the anchor? */
    public function isFree(): bool
    {
        return null === $this->anchor->y
            || (
                !$this->region()->isEmpty()
                && Inscribed::depth($this->region(), $this->anchor->x, $this->anchor->y) > 0
            );
    }

    /** Does the middle of a shape's box lie in a hole of it? */
    private static function isHollow(Region $shape): bool
    {
        $box = $shape->box();
        foreach ($shape->polygons as $polygon) {
            foreach (\array_slice($polygon, 1) as $hole) {
                $x = ($box->left + $box->right) / 2;
                if (Inscribed::depth(new Region([[array_reverse($hole)]]), $x, ($box->top + $box->bottom) / 2) > 0) {
                    return true;
                }
            }
        }

        return false;
    }

    private function anchored(Region $shape, bool $roughly): Largest
    {
        return match (true) {
            $this->room instanceof ConvexArea && null !== $this->anchor->y => new LargestAbout(
                $this->room,
                Hull::ofRegion($shape),
                $this->anchor,
            ),
            null !== $this->anchor->y => new LargestAt($this->room->region(), $shape, $this->anchor, $roughly),
            default => new LargestOnAxis($this->room->region(), $shape, $this->anchor->x, $roughly),
        };
    }

    public function holds(Region $shape, array $at): bool
    {
        return $this->room->holds($shape, $at);
    }
}
