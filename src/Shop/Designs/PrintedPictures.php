<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\OpenedImage;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Trade\Art\VectorArt;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Trace\CutContour;
use Yelbo\Trade\Trace\Vectoriser;

/**
 * Pictures that stay pictures: printed on film and cut round what is on them, at a stated distance. The picture is
 * written anew, so that nothing else its file carried stays.
 */
final readonly class PrintedPictures
{
    private const MOST_BYTES = 16_000_000;
    private const MOST_PIXELS = 40_000_000;
    /** Pixels along the longer side that are printed, and that the outline is found by. */
    private const PRINTED = 2400;
    private const TRACED = 900;
    private const QUALITY = 90;
    /** GD tells how clear a pixel is from 0 to 127. */
    private const HALF_CLEAR = 64;
    /** Of red, green and blue together: so near to the ground's colour a pixel is ground. */
    private const GROUND = 48;
    /** Of the rim: so much of it has one colour where there is a plain ground. */
    private const PLAIN = 0.9;
    /** µm */
    private const MOST_AWAY = 30_000;

    public function __construct(
        private Vectoriser $vectoriser,
        private EntityManagerInterface $records,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Keeps a picture with its cut. Where it has no plain or clear ground it is cut round its edge.
     *
     * @param int $docket number of the docket it is for
     * @param int $high   what is on it, µm
     * @param int $away   from what is on it to the cut, µm
     *
     * @throws Refusals at `art`, or at `away`
     */
    public function bring(int $docket, string $name, string $bytes, int $high, int $away): BroughtArt
    {
        if (\strlen($bytes) > self::MOST_BYTES) {
            throw Refusals::at('art', 'This file is larger than 16 MB. Bring it smaller.');
        }
        if ($away < 0 || $away > self::MOST_AWAY) {
            throw Refusals::at('away', 'The cut runs from 0 to 30 mm outside of what is on it.');
        }
        $name = mb_substr(preg_replace('~[^\p{L}\p{N} ._-]~u', '', $name) ?: 'picture', 0, 120);
        try {
            $image = OpenedImage::of($bytes, self::MOST_PIXELS, self::PRINTED);
            [$contour, $picture] = $this->contour($image, $high, $away);
            $box = $contour->box();
            $art = new BroughtArt(
                $docket,
                $name,
                '',
                VectorArt::fromLayers(['#000000' => $contour], [], true),
                $this->clock->now(),
            );
            $art->print(self::jpeg($image), $picture->moved(-$box->left, -$box->top));
        } catch (Refused $refused) {
            throw Refusals::at('art', $refused->getMessage());
        }
        $this->records->wrapInTransaction(function () use ($art, $docket, $name): void {
            $this->records->persist($art);
            $this->book->note('art', "Picture “{$name}” brought, to be printed", $docket);
        });

        return $art;
    }

    /**
     * @return array{Region, Box} where it is cut, and where the picture lies, in one frame, µm
     *
     * @throws Refused
     */
    private function contour(\GdImage $image, int $high, int $away): array
    {
        $small = OpenedImage::scaled($image, self::TRACED);
        if (!imageistruecolor($small)) {
            imagepalettetotruecolor($small);
        }
        [$width, $height] = [imagesx($small), imagesy($small)];
        $mask = self::mask($small, $width, $height);
        $contour = new CutContour($this->vectoriser);
        // First at any size: how high what is on it is in pixels tells how large a pixel is.
        $subject = $contour->around($width, $height, $mask, 1000.0, 0)[1]->box();
        $pixel = (1000.0 * $high) / max(1, $subject->height());

        return [
            $contour->around($width, $height, $mask, $pixel, $away)[0],
            new Box(0, 0, (int) round($width * $pixel), (int) round($height * $pixel)),
        ];
    }

    /** What is not ground: what is not clear, or not of the colour of a plain rim; all of it where there is none. */
    private static function mask(\GdImage $image, int $width, int $height): string
    {
        $pixels = $rim = [];
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $colour = (int) imagecolorat($image, $x, $y);
                $pixels[] = $colour;
                if (0 === $x || 0 === $y || $x === $width - 1 || $y === $height - 1) {
                    $rim[] = $colour;
                }
            }
        }
        $isClear = static fn (int $colour): bool => ($colour >> 24) >= self::HALF_CLEAR;
        $clear = \count(array_filter($rim, $isClear)) >= self::PLAIN * \count($rim);
        $ground = $rim[0];
        $isGround = $clear
            ? $isClear
            : static fn (int $colour): bool => abs((($colour >> 16) & 255) - (($ground >> 16) & 255)) +
                    abs((($colour >> 8) & 255) - (($ground >> 8) & 255)) +
                    abs(($colour & 255) - ($ground & 255)) <=
                self::GROUND;
        if (\count(array_filter($rim, $isGround)) < self::PLAIN * \count($rim)) {
            return str_repeat("\1", $width * $height);
        }

        return implode('', array_map(static fn (int $colour): string => $isGround($colour) ? "\0" : "\1", $pixels));
    }

    /** On white, where it was see-through. */
    private static function jpeg(\GdImage $image): string
    {
        $small = OpenedImage::scaled($image, self::PRINTED);
        $flat = imagecreatetruecolor(imagesx($small), imagesy($small));
        imagefill($flat, 0, 0, 0xFFFFFF);
        imagecopy($flat, $small, 0, 0, 0, 0, imagesx($small), imagesy($small));
        ob_start();
        imagejpeg($flat, null, self::QUALITY);

        return (string) ob_get_clean();
    }
}
