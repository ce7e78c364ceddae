<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Largest;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;

/** A ring of words that goes round the object's middle or nowhere. */
final readonly class Centred implements Largest
{
    /** @param array{float, float} $middle µm */
    public function __construct(private Region $shape, private Room $room, private array $middle)
    {
    }

    /** One or nothing: a ring round a hole of a given size is not made larger by scaling it. */
    public function scale(): float
    {
        return null === $this->middle(1.0, $this->middle) ? 0.0 : 1.0;
    }

    /**
     * The letters' box may be uneven about the circle's own middle, which is the shape's origin.
     *
     * @param float $scale of the size it was tried at
     */
    public function middle(float $scale, array $wanted): ?array
    {
        $shape = $this->shape->scaled($scale);
        if (!$this->room->holds($shape, [(int) round($wanted[0]), (int) round($wanted[1])])) {
            return null;
        }
        $box = $shape->box();

        return [$wanted[0] + ($box->left + $box->right) / 2, $wanted[1] + ($box->top + $box->bottom) / 2];
    }
}
