<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Mending;

/**
 * What is smallest in a piece of lettering, each as a share of the letter height: known once
 * for a glyph, it says at any size whether knife and hook can manage. Source: handbook section 5.
 */
final readonly class Measures
{
    /** More than half a letter height is no stroke any more. */
    private const UP_TO = 0.6;
    /** Of a width, and µm: how finely it is found at which the check stops at a stroke. */
    private const ROUGHLY = 0.02;
    private const FINEST = 20;

    /**
     * @param float      $stroke  the thinnest stroke that keeps thin for long
     * @param float|null $island  the narrower side of the smallest part
     * @param float|null $counter across the smallest inside; nothing where there is none
     * @param float|null $sure    the widest limit at which the check finds no stroke too thin; nothing where only the
     *     check itself can tell
     */
    public function __construct(
        public float $stroke,
        public ?float $island,
        public ?float $counter,
        public ?float $sure = null,
    ) {
    }

    /** @param int $capHeight µm of the letter height the film is drawn at */
    public static function ofRegion(Region $film, int $capHeight): self
    {
        $island = $counter = null;
        foreach ($film->pieces() as $piece) {
            $box = $piece->box();
            $island = min($island ?? \INF, min($box->width(), $box->height()) / $capHeight);
        }
        foreach ($film->polygons as $polygon) {
            foreach (\array_slice($polygon, 1) as $hole) {
                $counter = min(
                    $counter ?? \INF,
                    (2 * Inscribed::in(new Region([[array_reverse($hole)]]), 10)->radius) / $capHeight,
                );
            }
        }

        return new self(
            Opening::thinnest($film, (int) (self::UP_TO * $capHeight), null, Opening::TAIL) / $capHeight,
            $island,
            $counter,
            self::sure($film, (int) (self::UP_TO * $capHeight)) / $capHeight,
        );
    }

    /** The widest limit at which the check finds no stroke of it too thin, µm. */
    private static function sure(Region $film, int $upTo): int
    {
        [$does, $stops] = [0, $upTo];
        while ($stops - $does > max(self::FINEST, self::ROUGHLY * $stops)) {
            $limit = intdiv($does + $stops, 2);
            [$does, $stops] = (new Cutability(new Limits($limit, 0, 0, 0)))->hasNoThinStroke($film)
                ? [$limit, $stops]
                : [$does, $limit];
        }

        return $does;
    }

    /**
     * How much of its limit what is smallest has for sure, the letters standing apart: what the check says of them.
     *
     * @param int $capHeight µm
     *
     * @return float|null one and more is enough; nothing where only the check itself can tell
     */
    public function spare(int $capHeight, Limits $limits): ?float
    {
        return null === $this->sure
            ? null
            : min(
                ($this->sure * $capHeight) / $limits->stroke,
                (($this->island ?? \INF) * $capHeight) / $limits->island,
                (($this->counter ?? \INF) * $capHeight) / $limits->counter,
            );
    }

    /**
     * Measures of letters so much higher.
     *
     * @param float $share of the size they were taken at
     */
    public function times(float $share): self
    {
        return 1.0 === $share
            ? $this
            : new self(
                $this->stroke * $share,
                null === $this->island ? null : $this->island * $share,
                null === $this->counter ? null : $this->counter * $share,
                null === $this->sure ? null : $this->sure * $share,
            );
    }

    /**
     * Measures of letters that are cut out of a solid: what was film is lifted out, and insides are parts of film.
     *
     * @param bool $held whether bars hold those parts
     */
    public function knockedOut(bool $held): self
    {
        return new self(1.0, $held ? null : $this->counter, $this->stroke);
    }

    /**
     * Measures once outlines are mended: strokes and parts grow, insides close or are filled, small parts are gone.
     *
     * @param int $capHeight µm
     */
    public function mended(Mending $mending, int $capHeight): self
    {
        if (0 === $mending->thicken + $mending->fill + $mending->drop) {
            return $this;
        }
        $grown = (2 * $mending->thicken) / $capHeight;
        $island = null === $this->island ? null : $this->island + $grown;
        $counter = null === $this->counter ? null : max(0.0, $this->counter - $grown);

        return new self(
            $this->stroke + $grown,
            null !== $island && $island * $capHeight < $mending->drop ? null : $island,
            null !== $counter && (0.0 === $counter || $counter * $capHeight < $mending->fill) ? null : $counter,
        );
    }

    /** The smaller of both, each for itself. */
    public function and(self $other): self
    {
        $least = static fn (?float $a, ?float $b): ?float => null === $a ? $b : (null === $b ? $a : min($a, $b));

        return new self(
            min($this->stroke, $other->stroke),
            $least($this->island, $other->island),
            $least($this->counter, $other->counter),
            null === $this->sure || null === $other->sure ? null : min($this->sure, $other->sure),
        );
    }

    /**
     * The worst of them at a letter height: how much of its limit it has, one and more being
     * enough; what it is; and its size.
     *
     * @return array{float, SnagCode, int} share, what it is, µm
     */
    public function worst(int $capHeight, Limits $limits): array
    {
        $found = [];
        foreach (
            [
                [SnagCode::ThinStroke, $this->stroke, $limits->stroke],
                [SnagCode::SmallIsland, $this->island, $limits->island],
                [SnagCode::SmallCounter, $this->counter, $limits->counter],
            ] as [$code, $share, $limit]
        ) {
            if (null !== $share) {
                $found[] = [($share * $capHeight) / $limit, $code, (int) round($share * $capHeight)];
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $found[0];
    }
}
