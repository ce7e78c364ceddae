<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/** Film to cut from: a sheet, or an offcut by its true outline; its origin is its top left. */
final readonly class NestStock
{
    /** mm² of one */
    public float $area;
    /** How far down it reaches, µm. */
    public int $length;

    /**
     * @param Box|null $reach  what the machine can cut of it; all of it where left out
     * @param bool     $onRoll whether what is not used stays on its roll, however short
     */
    public function __construct(
        public string $id,
        public Region $outline,
        public int $count = 1,
        public ?Box $reach = null,
        public bool $onRoll = false,
    ) {
        $this->area = $outline->area();
        $this->length = $outline->box()->bottom;
    }

    /** @param int $width µm @param int $height µm */
    public static function sheet(
        string $id,
        int $width,
        int $height,
        int $count = 1,
        ?Box $reach = null,
        bool $onRoll = false,
    ): self {
        return new self($id, Box::sized($width, $height)->region(), $count, $reach, $onRoll);
    }

    /**
     * Where pieces may lie.
     *
     * @param int $edge µm
     *
     * @return Region|null nothing where there is no room
     */
    public function room(int $edge): ?Region
    {
        $box = $this->outline->box();
        if ($this->isSquare()) {
            $inner = null === $this->reach ? $box->grown(-$edge) : $box->grown(-$edge)->common($this->reach);

            return $inner->width() <= 0 || $inner->height() <= 0 ? null : $inner->region();
        }
        $room = 0 === $edge ? $this->outline : Geos::grow($this->outline, -$edge - RasterShape::slack($edge));
        $room = null === $this->reach ? $room : Geos::clipped($room, $this->reach);

        return $room->isEmpty() ? null : $room;
    }

    /** Whether it is a rectangle. */
    public function isSquare(): bool
    {
        return self::fillsItsBox($this->outline);
    }

    /** Whether its outline is its box. */
    public static function fillsItsBox(Region $region): bool
    {
        $box = $region->box();

        return 1 === \count($region->rings())
            && abs($region->area() * 1e6 - (float) $box->width() * $box->height()) < 1;
    }

    /**
     * How much of what is used of it is film that stays.
     *
     * @param int   $length how far down anything reaches, µm
     * @param float $film   mm², as `Region::area()`
     */
    public function fill(int $length, float $film): float
    {
        $box = $this->outline->box();
        $used = Geos::clipped(
            $this->outline,
            new Box($box->left, $box->top, $box->right, min($length, $box->bottom)),
        )->area();

        return $used > 0 ? $film / $used : 0.0;
    }
}
