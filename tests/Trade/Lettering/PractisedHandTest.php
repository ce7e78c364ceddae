<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ball;
use Yelbo\Trade\Object\Cylinder;
use Yelbo\Trade\Object\Ellipse;
use Yelbo\Trade\Object\Polygon;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Rules;

/**
 * Orders as they come over a counter, each with the size somebody with practice would put on, as a range: of a flat
 * thing what share of it the art fills the tighter way; of a round one how wide it is; of a ball how high its letters
 * are. From the rules of handbook section 3: 5 % clear of an edge and never under 3 mm, 6 % of a disc, what is seen of
 * a wall, 15 mm under a lip.
 */
final class PractisedHandTest extends TestCase
{
    /** @return iterable<string, array{Surface, list<string>, string, string, float, float}> */
    public static function orders(): iterable
    {
        $flat = static fn (float $width, float $height, float $corner = 0): Surface => new Rectangle(
            Size::millimetres($width, $height),
            Length::millimetres($corner),
        );
        $disc = static fn (float $width, float $height): Surface => new Ellipse(Size::millimetres($width, $height));
        $cup = static fn (float $round, float $height): Surface => new SurfaceLessKeepOuts(
            new Cylinder(Length::millimetres($round), Length::millimetres($height), 120),
            Box::sized((int) (1000 * $round), 15_000)->region(),
        );
        $wall = static fn (float $round, float $height): Surface => new Cylinder(
            Length::millimetres($round),
            Length::millimetres($height),
            120,
        );
        $bucket = static fn (float $top, float $bottom, float $slant): Surface => new Taper(
            Length::millimetres($top),
            Length::millimetres($bottom),
            Length::millimetres($slant),
            seen: 120,
        );
        $ball = static fn (float $across): Surface => new Ball(Length::millimetres($across), 120);

        // Flat: the tighter way 88 to 94 % is filled; small things less, since 3 mm stay clear.
        yield 'a square tile' => [$flat(100, 100), ['Sweet'], 'oswald', 'fills', 0.89, 0.94];
        yield 'a cabin side' => [$flat(900, 250), ['Kestrel'], 'libre-baskerville', 'fills', 0.88, 0.98];
        yield 'a coal hod front' => [$flat(180, 110), ['Ploughboy'], 'alfa-slab', 'fills', 0.89, 0.95];
        yield 'a seed tin lid' => [$flat(120, 50, 4), ['Damson'], 'fredoka', 'fills', 0.87, 0.96];
        yield 'a lunch box' => [$flat(160, 100, 20), ['Bartholomew'], 'fredoka', 'fills', 0.88, 0.97];
        yield 'a letter box' => [$flat(260, 70), ['Lockside'], 'bebas', 'fills', 0.86, 0.98];
        yield 'a wheelie bin number' => [$flat(200, 200), ['27'], 'alfa-slab', 'fills', 0.88, 0.94];
        yield 'a drawer front' => [$flat(90, 30), ['Screws'], 'oswald', 'fills', 0.79, 0.94];
        yield 'a notice pane' => [$flat(289, 410), ['Library'], 'libre-baskerville', 'fills', 0.88, 0.94];
        yield 'a tool chest' => [$flat(480, 120), ['Tollgate Wharf'], 'bebas', 'fills', 0.88, 0.98];
        yield 'an instrument case' => [$flat(300, 180), ['Euphonium'], 'rubik', 'fills', 0.89, 0.95];
        yield 'two lines on a door' => [$flat(300, 200), ['Brass', 'Band'], 'alfa-slab', 'fills', 0.88, 0.96];
        yield 'three lines on a board' => [$flat(600, 400), ['Row', 'With', 'Us'], 'bebas', 'fills', 0.88, 0.95];
        yield 'a tiny label' => [$flat(40, 15), ['Peas'], 'bebas', 'fills', 0.55, 0.86];
        yield 'a long thin rail' => [$flat(700, 40), ['Kettle'], 'oswald', 'fills', 0.82, 0.95];
        yield 'a script on a plate' => [$flat(180, 90), ['Marigold'], 'pacifico', 'fills', 0.88, 0.96];
        yield 'one letter on a key tag' => [$flat(30, 50), ['H'], 'rubik', 'fills', 0.6, 0.86];
        yield 'a house number' => [$flat(150, 120), ['12'], 'oswald', 'fills', 0.88, 0.95];

        // Discs: corner to corner 84 to 90 %; letters that are no boxes a little more.
        yield 'a round sign' => [$disc(300, 300), ['Bartholomew'], 'oswald', 'corners', 0.84, 0.92];
        yield 'two lines on a tin' => [$disc(96, 96), ['Sweet', 'Peas'], 'fredoka', 'corners', 0.8, 0.97];
        yield 'a round lid' => [$disc(120, 120), ['Honey'], 'lobster', 'corners', 0.8, 0.93];
        yield 'an oval plate' => [$disc(200, 120), ['Heron'], 'rubik', 'fills', 0.6, 0.9];
        yield 'a dog bowl bottom' => [$disc(140, 140), ['Bess'], 'alfa-slab', 'corners', 0.8, 0.93];
        yield 'a small disc' => [$disc(38, 38), ['7'], 'bebas', 'fills', 0.5, 0.86];
        yield 'a hexagon' => [new Polygon(Size::millimetres(120, 104), 6), ['Club'], 'bebas', 'fills', 0.6, 0.9];
        yield 'an octagon' => [new Polygon(Size::millimetres(200, 200), 8), ['STOP'], 'bebas', 'fills', 0.7, 0.92];

        // Round: inside what is seen from the front, a third of the way round, less where the height decides.
        yield 'a mug' => [$cup(258, 95), ['Heron'], 'oswald', 'wide', 80, 86];
        yield 'a mug, one letter' => [$cup(258, 95), ['H'], 'alfa-slab', 'wide', 55, 86];
        yield 'an espresso cup' => [$cup(190, 60), ['Ines'], 'rubik', 'wide', 50, 63.4];
        yield 'a beaker' => [$cup(230, 120), ['Marigold'], 'pacifico', 'wide', 72, 76.7];
        yield 'a canister' => [$wall(339, 150), ['Tea'], 'libre-baskerville', 'wide', 105, 113];
        yield 'a pot' => [$wall(380, 130), ['Runner', 'Beans'], 'lobster', 'wide', 100, 126.7];
        yield 'a jar' => [$wall(270, 110), ['Damson'], 'fredoka', 'wide', 85, 90];
        yield 'a bottle' => [$cup(220, 200), ['Tomas'], 'bebas', 'wide', 68, 73.4];
        yield 'a bucket' => [$bucket(942, 628, 250), ['Ploughboy'], 'alfa-slab', 'wide', 220, 285];
        yield 'a pail' => [$bucket(760, 560, 220), ['Bess'], 'alfa-slab', 'wide', 170, 235];
        yield 'a flower pot' => [$bucket(420, 300, 120), ['Thyme'], 'lobster', 'wide', 90, 130];
        yield 'a tumbler' => [$bucket(250, 200, 130), ['Ada'], 'oswald', 'wide', 55, 78];

        // Balls: letters as high as each lies flat by itself; a small ball carries small ones.
        yield 'a net float' => [$ball(100), ['Heron'], 'oswald', 'letters', 18, 29];
        yield 'a large float' => [$ball(200), ['Heron'], 'oswald', 'letters', 36, 58];
        yield 'a bauble' => [$ball(60), ['Ada'], 'fredoka', 'letters', 9, 18];
    }

    /** @param list<string> $lines */
    #[DataProvider('orders')]
    public function testTheFirstSizeIsOneAPractisedHandWouldPick(
        Surface $surface,
        array $lines,
        string $face,
        string $told,
        float $least,
        float $most,
    ): void {
        $fitted = (new Fitting(Lettering::typesetter(), Rules::standard(), 100))->fit(
            $surface,
            Words::set(
                Lettering::faces()->named($face),
                $lines,
                new Setting(1 === \count($lines) ? Arrangement::Line : Arrangement::Stack),
            ),
        );
        $size = self::told($told, $surface, $fitted);
        self::assertGreaterThanOrEqual($least, $size);
        self::assertLessThanOrEqual($most, $size);
        self::assertTrue($fitted->inside);
        self::assertSame(0, $fitted->capHeight % 100, 'told in tenths of a millimetre');
    }

    private static function told(string $how, Surface $surface, Fitted $fitted): float
    {
        $art = $fitted->artwork->box();
        $width = $surface->size()->width->micrometres;
        $height = $surface->size()->height->micrometres;

        return round(
            match ($how) {
                'fills' => max($art->width() / $width, $art->height() / $height),
                'corners' => hypot($art->width(), $art->height()) / $width,
                'wide' => $art->width() / 1000,
                default => $fitted->capHeight / 1000,
            },
            3,
        );
    }
}
