<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Lettering\BoxFitting;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** A box of both sides: letters are not stretched to fill it. */
final class BoxFittingTest extends TestCase
{
    public function testALittleTrackingThenALittleCondensingAndTheRestIsSaid(): void
    {
        $near = new BoxFitting(Lettering::typesetter(), Rules::standard());
        $words = Lettering::words('oswald', 'Heron');
        $plain = Lettering::typesetter()->sketch($words)->box();
        $proportion = $plain->width() / $plain->height();
        foreach ([0.5, 0.93, 0.99, 1.0, 1.04, 1.2, 2.0] as $wider) {
            $box = Box::sized((int) (40_000 * $proportion * $wider), 40_000);
            [$set, $misfit] = $near->near($words, $box);
            self::assertGreaterThanOrEqual(-20, $set->setting->tracking);
            self::assertLessThanOrEqual(120, $set->setting->tracking);
            self::assertLessThanOrEqual(Rules::standard()->value(Rule::CondenseMost), abs($set->setting->condense));
            self::assertSame($words->face, $set->face);
            self::assertSame(0.5 === $wider || 2.0 === $wider, $misfit > 0.05, "$wider");
            if (1.0 === $wider) {
                self::assertSame([0, 0.0], [$set->setting->tracking, $set->setting->condense]);
            }
            if ($set->setting->tracking > -20 && $set->setting->tracking < 120) {
                self::assertSame(0.0, $set->setting->condense, 'tracking alone brings it there');
            }
            $fitted = (new Fitting(Lettering::typesetter(), Rules::standard()))->fitTo(
                new Rectangle(Size::millimetres(900, 600), Length::millimetres(0)),
                $set,
                $box->width(),
                $box->height(),
            );
            $taken = $fitted->artwork->box();
            self::assertLessThanOrEqual($box->width(), $taken->width());
            self::assertLessThanOrEqual($box->height(), $taken->height());
            $left = max(1 - $taken->width() / $box->width(), 1 - $taken->height() / $box->height());
            self::assertEqualsWithDelta($misfit, $left, 0.006, "what is said is left over, $wider");
        }
    }
}
