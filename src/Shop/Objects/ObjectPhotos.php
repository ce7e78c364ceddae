<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Object\Round;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Trace\Picture;
use Yelbo\Trade\Trace\Rectification;

/** Objects as they look: photos laid on their measures by four corners, for decals to be drawn on. */
final readonly class ObjectPhotos
{
    /** Pixels along the longer side of what is kept. */
    private const KEPT = 900;
    private const QUALITY = 84;
    /** Of its width to each side: nearer to its edge a round thing is seen too flat to show anything. */
    private const SEEN = 0.49;

    public function __construct(
        private EntityManagerInterface $records,
        private Photos $photos,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Lays a photo on an object; what is round is rolled out.
     *
     * @param string                    $photo   name of the photo as it was taken in
     * @param list<array{float, float}> $corners of the object as it is seen from the front: top left, top right, bottom
     *                                           right, bottom left; pixels
     *
     * @throws Refusals at `corners`
     * @throws NotFound where the photo is gone
     */
    public function lay(string $photo, array $corners, MeasuredObject $object): ObjectPhoto
    {
        $picture = self::pixels($this->photos->jpeg($photo));
        $surface = $object->surface();
        $box = $surface->outline()->box();
        $scale = self::KEPT / max($box->width(), $box->height());
        $seen = null;
        if ($surface instanceof Round) {
            $between = Rectification::between($surface->frontCorners());
            $seen = static function (float $u, float $v) use ($surface, $box, $between): ?array {
                $at = $surface->seenAt($box->left + $u * $box->width(), $box->top + $v * $box->height());

                return null === $at || abs($between(...$at)[0] - 0.5) > self::SEEN ? null : $between(...$at);
            };
        }
        try {
            [$square, $colour] = (new Rectification($picture, $corners))->into(
                max(1, (int) round($box->width() * $scale)),
                max(1, (int) round($box->height() * $scale)),
                $seen,
            );
        } catch (Refused $refused) {
            throw Refusals::at('corners', $refused->getMessage());
        }
        $laid = new ObjectPhoto(
            bin2hex(random_bytes(16)),
            $object->kind()->value,
            \sprintf('#%06x', $colour),
            self::jpeg($square),
            $this->clock->now(),
        );
        $this->records->persist($laid);
        $this->records->flush();

        return $laid;
    }

    /** @throws NotFound */
    public function named(string $name): ObjectPhoto
    {
        return $this->records->find(ObjectPhoto::class, $name) ?? throw new NotFound('There is no such photo.');
    }

    private static function pixels(string $jpeg): Picture
    {
        $image = imagecreatefromstring($jpeg);
        if (false === $image) {
            throw new \LogicException('A photo of our own cannot be read.');
        }
        [$width, $height] = [imagesx($image), imagesy($image)];
        $pixels = [];
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $pixels[] = imagecolorat($image, $x, $y) & 0xFFFFFF;
            }
        }

        return new Picture($width, $height, $pixels);
    }

    private static function jpeg(Picture $picture): string
    {
        $image = imagecreatetruecolor(max(1, $picture->width), max(1, $picture->height));
        foreach ($picture->pixels as $nth => $colour) {
            imagesetpixel($image, $nth % $picture->width, intdiv($nth, $picture->width), $colour);
        }
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }
}
