<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Trade\Sheet\Place;

/**
 * What is cut at one place of a sheet.
 *
 * @phpstan-import-type Placed from Batch
 */
readonly class PlacedOutline
{
    /**
     * @param string $outline  hash of what of the piece is cut
     * @param bool   $mirrored whether that outline is cut mirrored
     * @param int    $part     which part of the piece, or -1 for all of it
     */
    public function __construct(
        public Place $place,
        public string $outline,
        public bool $mirrored,
        public int $part,
    ) {
    }

    /** @param Placed $at */
    public static function kept(array $at): self
    {
        return new self(self::place($at), $at['outline'], $at['mirrored'] ?? false, $at['part'] ?? -1);
    }

    /**
     * Where something lies, as a batch keeps it.
     *
     * @param Placed $at
     */
    public static function place(array $at): Place
    {
        $part = isset($at['part']) ? "#{$at['part']}" : '';

        return new Place($at['piece'].$part, $at['x'], $at['y'], $at['turn']);
    }

    /** By which what is drawn and cut of it is remembered. */
    public function key(): string
    {
        return \sprintf(
            '%s.%d.%d.%d.%s',
            $this->outline,
            $this->mirrored,
            $this->place->x,
            $this->place->y,
            $this->place->turn,
        );
    }
}
