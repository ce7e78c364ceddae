<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\OpenedImage;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Trace\Picture;
use Yelbo\Trade\Trace\Tracer;

/**
 * Takes photos of objects: their kind found out from their content, bounded in bytes and
 * pixels, turned upright, made small and written anew, so that nothing else they carried stays.
 */
final readonly class Photos
{
    private const MOST_BYTES = 16_000_000;
    private const MOST_PIXELS = 40_000_000;
    /** Pixels along the longer side of what is kept. */
    private const KEPT = 1000;
    private const PICTURE = 360;
    private const QUALITY = 86;

    public function __construct(
        private EntityManagerInterface $records,
        private ClockInterface $clock,
        private SvgOutline $drawings,
    ) {
    }

    /**
     * @param bool $traced an outline is wanted; else it is a picture alone
     *
     * @throws Refusals at `photo`
     */
    public function take(string $bytes, bool $traced = true): TracedOutline
    {
        if ('' === $bytes) {
            throw Refusals::at('photo', 'This file is empty. Choose a photo.');
        }
        if (\strlen($bytes) > self::MOST_BYTES) {
            throw Refusals::at('photo', 'This file is larger than 16 MB. Take the photo at a lower quality.');
        }
        try {
            if (1 === preg_match('~^(\xEF\xBB\xBF)?\s*<(\?xml|svg|!--|!DOCTYPE)~i', $bytes)) {
                return $this->drawings->read($bytes);
            }
            $image = OpenedImage::of($bytes, self::MOST_PIXELS, self::KEPT);
            $jpeg = self::written($image, self::KEPT);
            $outlined = $traced
                ? $this->outlined('', $jpeg, null)
                : new TracedOutline('', imagesx($image), imagesy($image), '', 0, []);
        } catch (Refused $refused) {
            throw Refusals::at('photo', $refused->getMessage());
        }
        $name = bin2hex(random_bytes(16));
        $this->records->wrapInTransaction(function () use ($name, $jpeg): void {
            $this->records
                ->createQuery('DELETE '.Photo::class.' p WHERE p.takenAt < :old')
                ->setParameter('old', $this->clock->now()->modify('-3 days'))
                ->execute();
            $this->records->persist(new Photo($name, $jpeg, $this->clock->now()));
        });

        return new TracedOutline(
            $name,
            $outlined->width,
            $outlined->height,
            $outlined->path,
            $outlined->threshold,
            $outlined->doubts,
        );
    }

    /** The outline of a photo at another threshold. */
    public function trace(string $name, int $threshold): TracedOutline
    {
        try {
            return $this->outlined($name, $this->jpeg($name), $threshold);
        } catch (Refused $refused) {
            throw Refusals::at('threshold', $refused->getMessage());
        }
    }

    /**
     * A photo as it is seen while tracing, JPEG.
     *
     * @throws NotFound
     */
    public function jpeg(string $name): string
    {
        return (
            $this->records->find(Photo::class, $name) ?? throw new NotFound('This photo is gone. Take it again.')
        )->jpeg();
    }

    /** A small picture for the library. */
    public function picture(string $name): ?string
    {
        if ('' === $name) {
            return null;
        }
        $image = imagecreatefromstring($this->jpeg($name));

        return false === $image ? null : self::written($image, self::PICTURE);
    }

    private function outlined(string $name, string $jpeg, ?int $threshold): TracedOutline
    {
        $image = imagecreatefromstring($jpeg);
        if (false === $image) {
            throw new \LogicException('A photo of our own cannot be read.');
        }
        imagefilter($image, \IMG_FILTER_GAUSSIAN_BLUR);
        [$width, $height] = [imagesx($image), imagesy($image)];
        $pixels = [];
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $pixels[] = imagecolorat($image, $x, $y) & 0xFFFFFF;
            }
        }
        $traced = (new Tracer(new Picture($width, $height, $pixels)))->trace($threshold);

        return new TracedOutline(
            $name,
            $width,
            $height,
            SvgPath::write($traced->outline),
            $traced->threshold,
            $traced->doubts,
        );
    }

    /** On white, where it was see-through. */
    private static function written(\GdImage $image, int $longest): string
    {
        $small = OpenedImage::scaled($image, $longest);
        $flat = imagecreatetruecolor(imagesx($small), imagesy($small));
        imagefill($flat, 0, 0, 0xFFFFFF);
        imagecopy($flat, $small, 0, 0, 0, 0, imagesx($small), imagesy($small));
        ob_start();
        imagejpeg($flat, null, self::QUALITY);

        return (string) ob_get_clean();
    }
}
