<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Input\OpenedImage;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Trace\ArtworkTracer;
use Yelbo\Trade\Trace\FlatArtwork;
use Yelbo\Trade\Trace\Vectoriser;

/** Flat artwork that is brought as a picture: traced into a drawing, a film for each colour. */
final readonly class PictureTracing
{
    private const MOST_BYTES = 16_000_000;
    private const MOST_PIXELS = 40_000_000;
    /** Pixels along the longer side that are traced: more show nothing that a knife could cut. */
    private const TRACED = 1400;
    private const MOST_SPECKS = 400;
    private const MOST_SMOOTH = 133;
    /** GD tells how clear a pixel is from 0 to 127. */
    private const HALF_CLEAR = 64;

    public function __construct(private Vectoriser $vectoriser, private Cache $cache)
    {
    }

    /**
     * @param int|null $colours at the most; as many as there are where left out
     * @param int      $specks  pixels: what is no larger is dropped
     * @param int      $smooth  hundredths, from 0 for all corners to 133 for none
     *
     * @throws Refusals at `art` for what is no picture, too large, or a photograph
     */
    public function trace(string $bytes, ?int $colours, int $specks, int $smooth): TracedPicture
    {
        if (\strlen($bytes) > self::MOST_BYTES) {
            throw Refusals::at('art', 'This file is larger than 16 MB. Bring it smaller.');
        }
        $specks = max(0, min(self::MOST_SPECKS, $specks));
        $smooth = max(0, min(self::MOST_SMOOTH, $smooth));
        $key = hash('xxh128', serialize([hash('xxh128', $bytes), $colours, $specks, $smooth]));
        try {
            return $this->cache->recall(
                "traced.$key",
                fn (): TracedPicture => $this->traced($bytes, $colours, $specks, $smooth),
            );
        } catch (Refused $refused) {
            throw Refusals::at('art', $refused->getMessage());
        }
    }

    private function traced(string $bytes, ?int $colours, int $specks, int $smooth): TracedPicture
    {
        $image = OpenedImage::scaled(OpenedImage::of($bytes, self::MOST_PIXELS, self::TRACED), self::TRACED);
        if (!imageistruecolor($image)) {
            imagepalettetotruecolor($image);
        }
        [$width, $height] = [imagesx($image), imagesy($image)];
        $pixels = [];
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $colour = imagecolorat($image, $x, $y);
                $pixels[] = ($colour >> 24) >= self::HALF_CLEAR ? FlatArtwork::CLEAR : $colour & 0xFFFFFF;
            }
        }
        $layers = (new ArtworkTracer($this->vectoriser))->trace(
            FlatArtwork::of($width, $height, $pixels, $colours),
            $specks,
            $smooth / 100,
        );
        if ([] === $layers) {
            throw new Refused('nothing-to-cut', 'Nothing is left of this picture. Drop fewer specks.', '/art');
        }

        return new TracedPicture($width, $height, array_map(SvgPath::write(...), $layers));
    }
}
