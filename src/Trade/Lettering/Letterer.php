<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Winding;
use Yelbo\Trade\Refused;

/**
 * Sets words as fused outlines at a letter height.
 *
 * Sizes are drawn from a few reference sizes (each 1.41 of the one below) and scaled down,
 * so that moving a size by a tick fuses nothing anew; curves stay within 0.02 mm.
 */
final class Letterer
{
    /** µm: finer makes hundreds of near-coincident spikes where scripts overlap. */
    private const FLATNESS = 20;

    /** Clear film between two stacked lines, as a share of the letter height. */
    private const LINE_GAP = 0.25;

    /** In half powers of two. */
    private const NEARLY = 0.01;

    /** µm: 0.5 mm and 20 m. */
    private const SMALLEST = 500;
    private const LARGEST = 20_000_000;

    /** @var array<string, FaceOutlines> */
    private array $outlines = [];

    public function __construct(private readonly Faces $faces, private readonly Shaper $shaper, private readonly Memory $memory)
    {
    }

    /**
     * The words fused into one region; the origin is at the left end of the first baseline.
     *
     * @param int $capHeight µm
     *
     * @throws Refused for a size no shop cuts, or a character the face lacks
     */
    public function top(Words $words, int $capHeight): Region
    {
        if ($capHeight < self::SMALLEST || $capHeight > self::LARGEST) {
            throw new Refused('absurd-size', 'A letter height goes from 0.5 mm to 20 m.', '/capHeight');
        }
        $reference = self::reference($capHeight);
        $fused = $this->memory->recall("word.{$words->key()}.$reference", fn (): Region => $this->fuse($words, $reference));

        return $fused->scaled($capHeight / $reference);
    }

    /**
     * @param int      $capHeight µm
     * @param int|null $offset    width of the layer underneath, µm
     */
    public function artwork(Words $words, int $capHeight, ?int $offset = null): Artwork
    {
        return self::layered($this->top($words, $capHeight), $offset);
    }

    public static function layered(Region $top, ?int $offset): Artwork
    {
        $layers = [new Layer(Layer::TOP, $top)];
        if (null !== $offset && $offset > 0) {
            $layers[] = new Layer(Layer::OFFSET, Geos::grow($top, $offset));
        }

        return Artwork::of($layers);
    }

    /** Height of the small x at a letter height, µm. */
    public function xHeight(Face $face, int $capHeight): float
    {
        $heights = $this->heights($face);

        return $capHeight * $heights['x'] / $heights['cap'];
    }

    /**
     * The next reference size at or above a size, µm; a reference size is its own. It may lie
     * under the size by a third of a percent, so that rounding to the grid does not skip one.
     */
    public static function reference(int $capHeight): int
    {
        return (int) round(2 ** (ceil(2 * log($capHeight, 2) - self::NEARLY) / 2));
    }

    /**
     * A reference size near the one at which words fill a room, from their widths alone, so
     * that they are fused once and not at a size that is never used.
     */
    public function guess(Words $words, Box $room): int
    {
        $heights = $this->heights($words->face);
        $tracking = $words->tracking / 1000 * $heights['em'];
        $widest = 1.0;
        foreach ($this->shaped($words) as $line) {
            $last = $line[\count($line) - 1] ?? null;
            $widest = max($widest, null === $last ? 0 : $last->x + $last->advance + \count($line) * $tracking);
        }
        $byWidth = $room->width() * $heights['cap'] / $widest;
        $byHeight = $room->height() / (\count($words->lines) * (1 + self::LINE_GAP));

        return self::reference((int) max(2 * self::SMALLEST, min($byWidth, $byHeight, self::LARGEST / 2)));
    }

    private function fuse(Words $words, int $capHeight): Region
    {
        $lines = $this->shaped($words);
        $heights = $this->heights($words->face);
        $scale = $capHeight / $heights['cap'];
        $tracking = $words->tracking / 1000 * $heights['em'];
        $set = [];
        foreach ($lines as $nth => $line) {
            $fused = Geos::union($this->line($words->face, $line, $scale, $tracking));
            if ($fused->isEmpty()) {
                throw new Refused('nothing-to-cut', 'This line has no letter that could be cut.', "/lines/$nth");
            }
            $set[] = $fused;
        }

        return 1 === \count($set) ? $set[0] : Geos::union(self::stacked($set, (int) round(self::LINE_GAP * $capHeight)));
    }

    /** @return list<list<PlacedGlyph>> */
    private function shaped(Words $words): array
    {
        $key = 'shape.'.hash('xxh128', json_encode([$words->face->slug, $words->lines], \JSON_THROW_ON_ERROR));
        $lines = $this->memory->recall($key, fn (): array => $this->shaper->shape($words->face, $words->lines));
        $this->refuseMissing($words, $lines);

        return $lines;
    }

    /**
     * @param list<PlacedGlyph> $line
     *
     * @return list<Region>
     */
    private function line(Face $face, array $line, float $scale, float $tracking): array
    {
        $regions = [];
        $shift = 0.0;
        foreach ($line as $glyph) {
            $region = $this->glyph($face, $glyph->glyph, $scale);
            if (!$region->isEmpty()) {
                $regions[] = $region->moved((int) round(($glyph->x + $shift) * $scale), (int) round(-$glyph->y * $scale));
            }
            $shift += $glyph->advance > 0 ? $tracking : 0;
        }

        return $regions;
    }

    /**
     * Lines one under the other, centred, their baselines evenly apart and their ink clear.
     *
     * @param list<Region> $lines
     *
     * @return list<Region>
     */
    private static function stacked(array $lines, int $gap): array
    {
        $pitch = 0;
        for ($nth = 1; $nth < \count($lines); ++$nth) {
            $pitch = max($pitch, $lines[$nth - 1]->box()->bottom - $lines[$nth]->box()->top + $gap);
        }
        $stacked = [];
        foreach ($lines as $nth => $line) {
            $box = $line->box();
            $stacked[] = $line->moved(-intdiv($box->left + $box->right, 2), $nth * $pitch);
        }

        return $stacked;
    }

    private function glyph(Face $face, int $glyph, float $scale): Region
    {
        return $this->memory->recall("glyph.$face->slug.$glyph.$scale", fn (): Region => Winding::region(array_map(
            static fn (array $ring): array => array_map(
                static fn (array $point): array => [(int) round($point[0] * $scale), (int) round(-$point[1] * $scale)],
                $ring,
            ),
            $this->outlines($face)->rings($glyph, self::FLATNESS / $scale),
        )));
    }

    /** @param list<list<PlacedGlyph>> $lines */
    private function refuseMissing(Words $words, array $lines): void
    {
        foreach ($lines as $nth => $line) {
            foreach ($line as $glyph) {
                if (0 === $glyph->glyph) {
                    throw $this->missing($words, mb_substr($words->lines[$nth], $glyph->cluster, 1), "/lines/$nth");
                }
            }
        }
    }

    private function missing(Words $words, string $character, string $at): Refused
    {
        $able = [];
        foreach ($this->faces->all() as $face) {
            if ($this->outlines($face)->has(mb_ord($character))) {
                $able[] = $face->name;
            }
        }
        $others = [] === $able ? 'No face here has it.' : (\count($able) > 1 ? 'These have it: ' : 'This one has it: ').implode(', ', $able).'.';

        return new Refused('missing-character', "{$words->face->name} has no “{$character}”. $others", $at);
    }

    /** @return array{cap: float, x: float, em: int} font units */
    private function heights(Face $face): array
    {
        return $this->memory->recall("heights.$face->slug", fn (): array => [
            'cap' => $this->outlines($face)->capHeight(),
            'x' => $this->outlines($face)->xHeight(),
            'em' => $this->outlines($face)->unitsPerEm,
        ]);
    }

    private function outlines(Face $face): FaceOutlines
    {
        return $this->outlines[$face->slug] ??= new FaceOutlines($face);
    }
}
