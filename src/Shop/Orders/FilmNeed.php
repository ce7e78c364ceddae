<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Stock\FilmOnShelf;

/** What an order takes of one film, and what there is of it. */
final readonly class FilmNeed
{
    /**
     * @param float $area  mm² it will take, about
     * @param float $doubt of it, more or less
     * @param float $shelf mm² on the shelf
     */
    public function __construct(
        public FilmOnShelf $film,
        private float $area,
        private float $doubt,
        private float $shelf,
    ) {
    }

    /** m² that have to be bought, to be on the safe side. */
    public function toBuy(): float
    {
        return self::squareMetres(max(0.0, $this->area * (1 + $this->doubt) - $this->shelf));
    }

    /** m² it will take, about. */
    public function needed(): float
    {
        return self::squareMetres($this->area);
    }

    /** Per cent, more or less. */
    public function doubtInPerCent(): int
    {
        return (int) round(100 * $this->doubt);
    }

    /** m² on the shelf. */
    public function onShelf(): float
    {
        return self::squareMetres($this->shelf);
    }

    private static function squareMetres(float $squareMillimetres): float
    {
        return round($squareMillimetres / 1e6, 3);
    }
}
