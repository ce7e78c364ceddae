<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Trace;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Trace\Picture;
use Yelbo\Trade\Trace\Tracer;

/** Objects out of photos, against shapes that are known. A thousand units are a pixel. */
final class TracerTest extends TestCase
{
    private const GROUND = 0xEDE9E2;
    private const OBJECT = 0x7A3C28;

    /**
     * @param \Closure(float, float): float $cover how much of a pixel the object covers, 0 to 1
     * @param \Closure(int, int): int|null  $ground colour of the ground at a pixel
     */
    private function picture(
        int $width,
        int $height,
        \Closure $cover,
        ?\Closure $ground = null,
        int $object = self::OBJECT,
        int $noise = 0,
    ): Picture {
        mt_srand(5);
        $pixels = [];
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $share = $cover($x + 0.5, $y + 0.5);
                $back = null === $ground ? self::GROUND : $ground($x, $y);
                $pixel = 0;
                foreach ([16, 8, 0] as $shift) {
                    $value =
                        (int) round($share * (($object >> $shift) & 255) + (1 - $share) * (($back >> $shift) & 255)) +
                        ($noise > 0 ? mt_rand(-$noise, $noise) : 0);
                    $pixel |= max(0, min(255, $value)) << $shift;
                }
                $pixels[] = $pixel;
            }
        }

        return new Picture($width, $height, $pixels);
    }

    /** @return \Closure(float, float): float */
    private function disc(float $cx, float $cy, float $radius): \Closure
    {
        return static fn (float $x, float $y): float => max(0.0, min(1.0, $radius + 0.5 - hypot($x - $cx, $y - $cy)));
    }

    private function overlap(Region $one, Region $other): float
    {
        return Geos::intersection($one, $other)->area() / Geos::union([$one, $other])->area();
    }

    public function testADiscIsTracedToAFractionOfAPixel(): void
    {
        $traced = (new Tracer($this->picture(300, 240, $this->disc(150, 120, 80))))->trace();
        $true = SvgPath::read('M70 120A80 80 0 1 1 230 120A80 80 0 1 1 70 120Z');
        self::assertGreaterThan(0.99, $this->overlap($traced->outline, $true));
        self::assertEqualsWithDelta(230_000, $traced->outline->box()->right, 700);
        self::assertSame([], $traced->doubts);
        self::assertLessThan(120, $traced->outline->corners(), 'few enough corners to be dragged');
    }

    public function testNoiseHolesAndSpecksDoNotMatter(): void
    {
        $disc = $this->disc(150, 120, 80);
        $hole = $this->disc(150, 120, 20);
        $speck = $this->disc(30, 30, 4);
        $traced = (new Tracer(
            $this->picture(
                300,
                240,
                static fn (float $x, float $y): float => max($disc($x, $y) - $hole($x, $y), $speck($x, $y)),
                null,
                self::OBJECT,
                9,
            ),
        ))->trace();
        self::assertCount(1, $traced->outline->rings());
        self::assertGreaterThan(
            0.98,
            $this->overlap($traced->outline, SvgPath::read('M70 120A80 80 0 1 1 230 120A80 80 0 1 1 70 120Z')),
        );
    }

    public function testTheThresholdMovesTheLine(): void
    {
        $blurred = static fn (float $x, float $y): float => max(0.0, min(1.0, (90 - hypot($x - 150, $y - 120)) / 20));
        $tracer = new Tracer($this->picture(300, 240, $blurred));
        $areas = array_map(static fn (int $threshold): float => $tracer->trace($threshold)->outline->area(), [
            20,
            60,
            120,
        ]);
        self::assertGreaterThan($areas[1], $areas[0]);
        self::assertGreaterThan($areas[2], $areas[1]);
        self::assertNotSame([], $tracer->trace(100)->doubts);
    }

    public function testAShadowIsBrightnessAndWeighsLessThanColour(): void
    {
        $shadow = static fn (int $x, int $y): int => hypot($x - 165, $y - 135) < 80 ? 0xD8D4CD : self::GROUND;
        $traced = (new Tracer($this->picture(300, 240, $this->disc(150, 120, 80), $shadow)))->trace();
        self::assertGreaterThan(
            0.98,
            $this->overlap($traced->outline, SvgPath::read('M70 120A80 80 0 1 1 230 120A80 80 0 1 1 70 120Z')),
        );
    }

    /**
     * @return iterable<string, array{
     *     array{int, int},
     *     \Closure(float, float): float,
     *     (\Closure(int, int): int)|null,
     *     int,
     *     string,
     * }>
     */
    public static function bad(): iterable
    {
        $disc = static fn (float $cx, float $cy, float $radius): \Closure => static fn (
            float $x,
            float $y,
        ): float => hypot($x - $cx, $y - $cy) < $radius ? 1.0 : 0.0;
        yield 'a chequered ground' => [
            [200, 160],
            $disc(100, 80, 40),
            static fn (int $x, int $y): int => (intdiv($x, 12) + intdiv($y, 12)) % 2 ? 0xFFFFFF : 0x404860,
            self::OBJECT,
            'ground-not-plain',
        ];
        yield 'an object cut off by the edge' => [[200, 160], $disc(20, 80, 40), null, self::OBJECT, 'object-cropped'];
        yield 'an object all over' => [
            [400, 300],
            static fn (float $x, float $y): float => $x > 5 && $x < 395 && $y > 5 && $y < 295 ? 1.0 : 0.0,
            null,
            self::OBJECT,
            'no-ground',
        ];
        yield 'an object of the ground’s own colour' => [[200, 160], $disc(100, 80, 40), null, 0xEAE6E0, 'no-object'];
        yield 'nothing at all' => [
            [200, 160],
            static fn (float $x, float $y): float => 0.0,
            null,
            self::OBJECT,
            'no-object',
        ];
        yield 'a thumbnail' => [[40, 40], $disc(20, 20, 10), null, self::OBJECT, 'photo-too-small'];
    }

    /**
     * @param array{int, int}               $size
     * @param \Closure(float, float): float $cover
     * @param (\Closure(int, int): int)|null $ground
     */
    #[DataProvider('bad')]
    public function testABadPhotoIsToldWhatToDoBetter(
        array $size,
        \Closure $cover,
        ?\Closure $ground,
        int $object,
        string $reason,
    ): void {
        try {
            (new Tracer($this->picture($size[0], $size[1], $cover, $ground, $object)))->trace();
            self::fail('not refused');
        } catch (Refused $refused) {
            self::assertSame([$reason, '/photo'], [$refused->reason, $refused->at]);
            self::assertMatchesRegularExpression('~(Take|Lay|Step) ~', $refused->getMessage());
        }
    }
}
