<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;

/** One layer of film of one decal, as a proof shows it. */
final readonly class DrawnFilm
{
    /**
     * @param int $member which of the set's words, from 0
     * @param int $layer  the letters are 0, what lies underneath or beside them 1 and on
     */
    public function __construct(private DrawnMembers $drawing, private int $member, private int $layer)
    {
    }

    /** The words of its decal, as they are shown. */
    public function label(): string
    {
        return implode(' ', $this->drawing->linesOf($this->member));
    }

    /** The hash of the outline of the film that stays, as it is seen. */
    public function outline(): string
    {
        return $this->drawing->outline($this->member, $this->layer);
    }

    /** Of the whole decal, every layer of it. */
    public function size(): Size
    {
        return $this->drawing->size($this->member);
    }

    /** Of this layer by itself. */
    public function cutSize(): Size
    {
        return $this->drawing->layerSize($this->member, $this->layer);
    }

    /**
     * Layers it is joined with before they are applied, the top one first; itself among them.
     *
     * @return non-empty-list<int> by their places in the decal
     */
    public function joined(): array
    {
        return $this->drawing->joined($this->member, $this->layer);
    }

    /** Whether it is the top one of the layers it is joined with, or stands alone. */
    public function isOnTop(): bool
    {
        return $this->layer === $this->joined()[0];
    }

    /** Whether it has to meet other layers, by register marks. */
    public function isJoined(): bool
    {
        return \count($this->joined()) > 1;
    }

    /** Of what is joined before it is applied. */
    public function joinedSize(): Size
    {
        $box = $this->drawing->joinedBox($this->member, $this->layer);

        return new Size(Length::micrometres($box->width()), Length::micrometres($box->height()));
    }

    /** From the left edge of the object to what is joined. */
    public function joinedLeft(): Length
    {
        $box = $this->drawing->joinedBox($this->member, $this->layer);

        return Length::micrometres($this->left()->micrometres + $box->left);
    }

    /** From the top edge of the object to what is joined. */
    public function joinedTop(): Length
    {
        $box = $this->drawing->joinedBox($this->member, $this->layer);

        return Length::micrometres($this->top()->micrometres + $box->top);
    }

    /** The film itself on the object, µm. */
    public function there(): Box
    {
        return $this->drawing
            ->layerBox($this->member, $this->layer)
            ->moved($this->left()->micrometres, $this->top()->micrometres);
    }

    /** From the left edge of the object to the art. */
    public function left(): Length
    {
        return $this->drawing->left($this->member);
    }

    /** From the top edge of the object to the art. */
    public function top(): Length
    {
        return $this->drawing->top($this->member);
    }
}
