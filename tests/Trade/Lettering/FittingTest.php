<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ellipse;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

final class FittingTest extends TestCase
{
    /** @return iterable<string, array{Surface, string, list<string>, int|null}> */
    public static function cases(): iterable
    {
        $objects = [
            'square' => new Rectangle(Size::millimetres(100, 100), Length::millimetres(0)),
            'plate' => new Rectangle(Size::millimetres(100, 60), Length::millimetres(4)),
            'stadium' => new Rectangle(Size::millimetres(140, 50), Length::millimetres(25)),
            'strip' => new Rectangle(Size::millimetres(300, 20), Length::millimetres(0)),
            'disc' => new Ellipse(Size::millimetres(300, 300)),
            'oval' => new Ellipse(Size::millimetres(300, 60)),
            'coin' => new Ellipse(Size::millimetres(24, 24)),
        ];
        $words = [
            ['pacifico', ['Ploughboy']],
            ['bebas', ['Ada', 'Bartholomew']],
            ['great-vibes', ['Quay']],
            ['libre-baskerville', ['y']],
            ['lobster', ['1', '22', '333']],
        ];
        foreach ($objects as $name => $object) {
            foreach ($words as [$face, $lines]) {
                yield "$name, $face" => [$object, $face, $lines, null];
            }
            yield "$name, with an offset" => [$object, 'righteous', ['Teal'], 800];
        }
    }

    /** @param list<string> $lines */
    #[DataProvider('cases')]
    public function testFitsInsideTheSafeAreaAndNothingLargerDoes(
        Surface $object,
        string $face,
        array $lines,
        ?int $offset,
    ): void {
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        $words = Lettering::words($face, ...$lines);
        $fitted = $fitting->fit($object, $words, null, $offset);
        self::assertTrue($fitted->inside);
        foreach ($fitted->artwork->layers as $layer) {
            self::assertTrue(
                Geos::covers(Geos::grow($fitted->safe, 2), $layer->region->moved(...$fitted->at)),
                'every point lies in the safe area',
            );
        }
        $larger = $fitting->fit($object, $words, (int) ceil($fitted->capHeight * 1.005) + 1, $offset);
        self::assertFalse($larger->inside, 'half a percent more does not');
    }

    public function testAWordOnAPlateIsLimitedByItsWidthAndCentred(): void
    {
        $fitted = (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            new Rectangle(Size::millimetres(100, 60), Length::millimetres(0)),
            Lettering::words('oswald', 'Halcyon'),
        );
        $box = $fitted->artwork->box();
        self::assertEqualsWithDelta(94_000, $box->width(), 40);
        self::assertEqualsWithDelta(3000, $fitted->at[0], 20);
        self::assertEqualsWithDelta(60_000 - $box->height(), 2 * $fitted->at[1], 4);
    }

    /** Two lines on a disc are limited by the circle, not by its bounding box. */
    public function testTwoLinesOnADisc(): void
    {
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        $disc = $fitting->fit(
            new Ellipse(Size::millimetres(300, 300)),
            Lettering::words('oswald', 'Ada', 'Bartholomew'),
        );
        $square = $fitting->fit(
            new Rectangle(Size::millimetres(300, 300), Length::millimetres(0)),
            Lettering::words('oswald', 'Ada', 'Bartholomew'),
            clearance: 18_000,
        );
        self::assertLessThan($square->capHeight, $disc->capHeight);
        $box = $disc->artwork->box();
        self::assertLessThan(hypot(264_000, 264_000), hypot($box->width(), $box->height()));
        self::assertEqualsWithDelta(150_000, $disc->at[1] + $box->height() / 2, 1, 'its middle on the middle');
        $anywhere = $fitting->fit(
            new Ellipse(Size::millimetres(300, 300)),
            Lettering::words('oswald', 'Ada', 'Bartholomew'),
            centred: false,
        );
        self::assertLessThan(
            149_000,
            $anywhere->at[1] + $anywhere->artwork->box()->height() / 2,
            'the short line lets the pair rise above the middle',
        );
        self::assertGreaterThan($disc->capHeight, $anywhere->capHeight);
    }

    public function testASizeThatIsGivenIsCheckedNotChosen(): void
    {
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        $plate = new Rectangle(Size::millimetres(100, 60), Length::millimetres(0));
        $small = $fitting->fit($plate, Lettering::words('oswald', 'Ada'), 12_345);
        self::assertSame(12_345, $small->capHeight);
        self::assertTrue($small->inside);
        self::assertFalse($fitting->fit($plate, Lettering::words('oswald', 'Ada'), 90_000)->inside);
    }

    public function testAPlaceThatIsGivenIsKeptEvenWhereItIsOutside(): void
    {
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        $plate = new Rectangle(Size::millimetres(100, 60), Length::millimetres(0));
        $placed = $fitting->fit($plate, Lettering::words('oswald', 'Ada'), 10_000, at: [80_000, 10_000]);
        self::assertSame([80_000, 10_000], $placed->at);
        self::assertFalse($placed->inside);
    }

    public function testSaysWhereThereIsNoRoom(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches('~no room~');
        (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            new Rectangle(Size::millimetres(20, 5), Length::millimetres(0)),
            Lettering::words('oswald', 'Ada'),
        );
    }

    public function testSaysWhereWordsAreTooLong(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches('~Break them~');
        (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            new Rectangle(Size::millimetres(20, 20), Length::millimetres(0)),
            Lettering::words('oswald', str_repeat('wide ', 30)),
        );
    }
}
