<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Stock\Supply;

/** Whether there is enough on the shelf for an order, and what has to be bought. */
final readonly class Enough
{
    /**
     * @param float       $film       mm² it will take, about
     * @param float       $doubt      of it, more or less
     * @param float       $shelf      mm² of that film on the shelf
     * @param Supply|null $tape       the roll it is lifted with; none where there is none of a fitting kind
     * @param string      $tapeKind   what kind of tape it takes
     * @param int         $tapeNeeded mm of it
     * @param Supply|null $blank      what it goes on, where the shop sells that too
     * @param int         $blanks     how many of them
     */
    public function __construct(
        public float $film,
        public float $doubt,
        public float $shelf,
        public ?Supply $tape,
        public string $tapeKind,
        public int $tapeNeeded,
        public ?Supply $blank,
        public int $blanks,
    ) {
    }

    /** m² of film that have to be bought, to be on the safe side. */
    public function toBuy(): float
    {
        return self::squareMetres(max(0.0, $this->film * (1 + $this->doubt) - $this->shelf));
    }

    /** m² of film it will take, about. */
    public function filmNeeded(): float
    {
        return self::squareMetres($this->film);
    }

    /** Per cent, more or less. */
    public function doubtInPerCent(): int
    {
        return (int) round(100 * $this->doubt);
    }

    /** m² of that film on the shelf. */
    public function onShelf(): float
    {
        return self::squareMetres($this->shelf);
    }

    private static function squareMetres(float $squareMillimetres): float
    {
        return round($squareMillimetres / 1e6, 3);
    }
}
