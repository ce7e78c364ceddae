<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Art\PlacedPicture;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/** Words at a size, in their place on an object. */
final readonly class Fitted
{
    /** Of the usual part of a drawing: smaller ones are dots and accents. */
    private const NO_DOT = 0.5;

    /**
     * @param int             $capHeight µm
     * @param int             $largest   the largest letter height that fits, µm; 0 where none does
     * @param array{int, int} $at        left and top of the artwork's box in the object's frame, µm
     * @param Region          $safe      in the object's frame
     * @param bool            $inside    does every point lie in the safe area?
     * @param Words           $words     as they were set: a ring's circle chosen
     * @param int|null        $droop     on a taper: how far the middle of a straight line would hang, µm
     * @param bool            $bent      on a taper: the art follows the arc
     * @param float|null      $strain    on a ball: how much the edge of its largest part has to shrink
     * @param non-empty-list<float> $shares the letter height of each line as a share of the letter height
     */
    public function __construct(
        public int $capHeight,
        public int $largest,
        public Artwork $artwork,
        public array $at,
        public Region $safe,
        public bool $inside,
        public Words $words,
        public ?int $droop = null,
        public bool $bent = false,
        public ?float $strain = null,
        public array $shares = [1.0],
    ) {
    }

    /** This on a taper whose straight lines hang so far in the middle, µm. */
    public function drooping(int $droop): self
    {
        return new self(...['droop' => $droop] + get_object_vars($this));
    }

    /**
     * This on a ball.
     *
     * @param float $strain how much the edge of its largest part has to shrink, a share
     * @param int   $most   the largest letter height that lies flat, µm
     */
    public function strained(float $strain, int $most): self
    {
        return new self(...['strain' => $strain, 'largest' => min($this->largest, $most)] + get_object_vars($this));
    }

    /** How far the art reaches beyond the safe area, µm, to a tenth of a millimetre; 0 where it lies inside. */
    public function beyond(): int
    {
        $art = Geos::union(array_map(
            fn (Layer $layer): Region => $layer->region->filled()->moved(...$this->at),
            $this->artwork->layers,
        ));
        $size = max($art->box()->width(), $art->box()->height());
        if ($this->safe->isEmpty()) {
            return $size;
        }
        [$inside, $beyond] = [0, 1];
        while ($beyond < 4 * $size && !Geos::covers(Geos::grow($this->safe, 100 * $beyond), $art)) {
            [$inside, $beyond] = [$beyond, 2 * $beyond];
        }
        while ($beyond - $inside > 1) {
            $middle = intdiv($inside + $beyond, 2);
            if (Geos::covers(Geos::grow($this->safe, 100 * $middle), $art)) {
                $beyond = $middle;
            } else {
                $inside = $middle;
            }
        }

        return 100 * $beyond;
    }

    /** The picture that is printed inside its outline, in the frame of the art; none of what is cut alone. */
    public function picture(): ?PlacedPicture
    {
        $art = $this->words->art;
        if (null === $art?->picture) {
            return null;
        }
        $now = $this->artwork->top()->box();

        return (new PlacedPicture($art->picture->id, $art->picture->within($art->box(), $now)))->moved(
            $now->left,
            $now->top,
        );
    }

    /** The letter height of the smallest letters, of a drawing the smallest part that is no dot; µm. */
    public function smallest(): int
    {
        if (null === $this->words->art) {
            return (int) round($this->capHeight * $this->words->setting->smallestLetters() * min($this->shares));
        }
        $sides = array_map(
            static fn (Region $part): int => max($part->box()->width(), $part->box()->height()),
            $this->artwork->top()->pieces(),
        );
        sort($sides);
        $usual = $sides[intdiv(\count($sides), 2)] ?? 0;

        return min([
            $this->capHeight,
            ...array_filter($sides, static fn (int $side): bool => $side >= self::NO_DOT * $usual),
        ]);
    }

    /** @return list<int> the letter height of each line where they differ, µm */
    public function lineHeights(): array
    {
        return 1 === \count(array_unique($this->shares)) && 1.0 === $this->shares[0]
            ? []
            : array_map(fn (float $share): int => (int) round($share * $this->capHeight), $this->shares);
    }

    /** How much larger it is than another could be, whole per cent. */
    public function moreThan(self $other): int
    {
        return (int) floor((100 * $this->capHeight) / max(1, $other->largest) - 100);
    }

    /**
     * This fit with a smaller size told as the largest.
     *
     * @param int $largest the largest letter height that fits, µm
     */
    public function upTo(int $largest): self
    {
        return new self(...[...get_object_vars($this), 'largest' => $largest]);
    }

    /**
     * This fit of lines of these heights.
     *
     * @param non-empty-list<float> $shares of the letter height
     */
    public function ofLines(array $shares): self
    {
        return new self(...[...get_object_vars($this), 'shares' => $shares]);
    }
}
