<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Check;

use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Check\OverTheEdge;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Allowance;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Rules;

/** Film may go over an edge, letters may not. */
final class OverTheEdgeTest extends TestCase
{
    private function plate(): Rectangle
    {
        return new Rectangle(Size::millimetres(200, 100), Length::micrometres(0));
    }

    /** @param array{int, int}|null $at */
    private function fitted(Setting $setting, ?int $height = null, ?array $at = null): Fitted
    {
        $words = Words::set(Lettering::faces()->named('oswald'), ['KESTREL'], $setting);
        $surface = new SurfaceLessKeepOuts($this->plate(), Region::none(), Allowance::Wrap);

        return (new Fitting(Lettering::typesetter(), Rules::standard()))->fit($surface, $words, $height, at: $at);
    }

    public function testLettersThatReachOverTheEdgeAreSaidWithHowFar(): void
    {
        $line = new Setting(Arrangement::Line);
        foreach ([2000, 5000, 9000] as $over) {
            $fitted = $this->fitted($line, 20_000, [-$over, 30_000]);
            $snag = OverTheEdge::of($fitted, $this->plate()->outline());
            self::assertSame(['letters-over-edge', $over], [$snag?->code->value, $snag?->found]);
        }
        self::assertNull(OverTheEdge::of($this->fitted($line, 20_000, [0, 30_000]), $this->plate()->outline()));
    }

    public function testASolidMayGoOverTheEdgeAsLongAsTheLettersInItDoNot(): void
    {
        $knockout = new Setting(Arrangement::Knockout);
        $solid = $this->fitted($knockout);
        $box = $solid->artwork->box()->moved(...$solid->at);
        self::assertTrue($box->left < 0 || $box->top < 0, 'the solid goes over');
        $letters = static fn (?int $over): bool => null !== $over && $over > 0;
        self::assertFalse($letters(OverTheEdge::of($solid, $this->plate()->outline())?->found));
        // Moved so far that a letter lies over the edge.
        $moved = $this->fitted($knockout, $solid->capHeight, [$box->left - 40_000, $box->top]);
        self::assertTrue($letters(OverTheEdge::of($moved, $this->plate()->outline())?->found));
    }
}
