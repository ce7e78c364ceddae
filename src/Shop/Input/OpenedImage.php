<?php

declare(strict_types=1);

namespace Yelbo\Shop\Input;

use Yelbo\Trade\Refused;

/** Pictures out of files: their kind found out from their content, bounded in pixels before they are opened. */
final class OpenedImage
{
    private const KINDS = [\IMAGETYPE_JPEG, \IMAGETYPE_PNG, \IMAGETYPE_WEBP];

    private function __construct()
    {
    }

    /** Whether this is the beginning of a JPEG, a PNG or a WebP picture. */
    public static function isOne(string $bytes): bool
    {
        $size = @getimagesizefromstring($bytes);

        return false !== $size && \in_array($size[2], self::KINDS, true);
    }

    /**
     * A picture, the right way up.
     *
     * @param int $most    pixels
     * @param int $longest pixels along the longer side that are looked at, where it has to be turned
     *
     * @throws Refused at `/photo`
     */
    public static function of(string $bytes, int $most, int $longest): \GdImage
    {
        $size = @getimagesizefromstring($bytes);
        if (false === $size || !\in_array($size[2], self::KINDS, true)) {
            throw new Refused('no-photo', 'This is not a JPEG, PNG or WebP photo, nor an SVG drawing.', '/photo');
        }
        if ($size[0] * $size[1] > $most) {
            throw new Refused(
                'photo-too-large',
                'This photo has more than '.intdiv($most, 1_000_000).' million pixels. Take it smaller.',
                '/photo',
            );
        }
        $image = @imagecreatefromstring($bytes);
        if (false === $image) {
            throw new Refused('broken-photo', 'This photo is damaged and cannot be opened. Take it again.', '/photo');
        }

        return self::turned($image, \IMAGETYPE_JPEG === $size[2] ? self::orientation($bytes) : 1, $longest);
    }

    /** No longer than so many pixels. */
    public static function scaled(\GdImage $image, int $longest): \GdImage
    {
        $factor = $longest / max(imagesx($image), imagesy($image));
        $small =
            $factor >= 1
                ? $image
                : imagescale(
                    $image,
                    max(1, (int) round(imagesx($image) * $factor)),
                    max(1, (int) round(imagesy($image) * $factor)),
                    \IMG_BILINEAR_FIXED,
                );

        return false === $small ? $image : $small;
    }

    private static function orientation(string $bytes): int
    {
        $stream = fopen('php://temp', 'w+');
        if (false === $stream) {
            return 1;
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $exif = @exif_read_data($stream);
        fclose($stream);

        return \is_array($exif) ? (int) ($exif['Orientation'] ?? 1) : 1;
    }

    private static function turned(\GdImage $image, int $orientation, int $longest): \GdImage
    {
        $degrees = [3 => 180, 6 => -90, 8 => 90][$orientation] ?? 0;
        $turned = 0 === $degrees ? $image : imagerotate(self::scaled($image, $longest), $degrees, 0);

        return false === $turned ? $image : $turned;
    }
}
