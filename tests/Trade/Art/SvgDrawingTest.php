<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Art;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Art\Colour;
use Yelbo\Trade\Art\Matrix;
use Yelbo\Trade\Art\Note;
use Yelbo\Trade\Art\SvgDrawing;
use Yelbo\Trade\Art\VectorArt;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Refused;

/** Drawings that customers bring, read as outlines that can be cut. */
final class SvgDrawingTest extends TestCase
{
    /** @return iterable<string, array{string, float, int, int}> inside of a 100 mm page, area in mm², parts, holes */
    public static function shapes(): iterable
    {
        yield 'a rectangle' => ['<rect x="10" y="10" width="40" height="20"/>', 800, 1, 0];
        yield 'a rectangle with round corners' => [
            '<rect width="40" height="20" rx="5"/>',
            800 - (4 - \M_PI) * 25,
            1,
            0,
        ];
        yield 'a circle' => ['<circle cx="50" cy="50" r="20"/>', \M_PI * 400, 1, 0];
        yield 'an ellipse' => ['<ellipse cx="50" cy="50" rx="30" ry="10"/>', \M_PI * 300, 1, 0];
        yield 'a polygon' => ['<polygon points="0,0 30,0 30,40"/>', 600, 1, 0];
        yield 'a polyline is filled too' => ['<polyline points="0,0 30,0 30,40"/>', 600, 1, 0];
        yield 'a path with a hole' => ['<path d="M0 0H40V40H0ZM10 10V30H30V10Z"/>', 1200, 1, 1];
        yield 'a hole by even-odd' => ['<path fill-rule="evenodd" d="M0 0H40V40H0ZM10 10H30V30H10Z"/>', 1200, 1, 1];
        yield 'no hole without it' => ['<path d="M0 0H40V40H0ZM10 10H30V30H10Z"/>', 1600, 1, 0];
        yield 'a line with a width' => [
            '<line x1="10" y1="50" x2="60" y2="50" stroke="black" stroke-width="4"/>',
            200,
            1,
            0,
        ];
        yield 'square caps' => [
            '<line x1="10" y1="50" x2="60" y2="50" stroke="black" stroke-width="4" stroke-linecap="square"/>',
            216,
            1,
            0,
        ];
        yield 'round caps' => [
            '<line x1="10" y1="50" x2="60" y2="50" stroke="black" stroke-width="4" stroke-linecap="round"/>',
            200 + 4 * \M_PI,
            1,
            0,
        ];
        yield 'an outlined square, corners to a point' => [
            '<rect x="10" y="10" width="40" height="40" fill="none" stroke="black" stroke-width="2"/>',
            42 ** 2 - 38 ** 2,
            1,
            1,
        ];
        yield 'corners bevelled' => [
            '<path d="M10 10H50V50" fill="none" stroke="black" stroke-width="4" stroke-linejoin="bevel"/>',
            40 * 4 * 2 - 2,
            1,
            0,
        ];
        yield 'a group moved and turned' => [
            '<g transform="translate(50 50) rotate(45)"><rect x="-10" y="-10" width="20" height="20"/></g>',
            400,
            1,
            0,
        ];
        yield 'scaled, stroke and all' => [
            '<g transform="scale(2)"><line x1="5" y1="5" x2="25" y2="5" stroke="black" stroke-width="2"/></g>',
            160,
            1,
            0,
        ];
        yield 'scaled unevenly, a pen stretched with it' => [
            '<g transform="scale(2 1)"><path d="M10 10H20" stroke="black" fill="none" stroke-width="4"/></g>',
            80,
            1,
            0,
        ];
        yield 'mirrored' => [
            '<path transform="scale(-1 1) translate(-50 0)" d="M0 0H40V40H0ZM10 10V30H30V10Z"/>',
            1200,
            1,
            1,
        ];
        yield 'skewed' => ['<rect transform="skewX(30)" width="40" height="20"/>', 800, 1, 0];
        yield 'a copy' => [
            '<defs><rect id="a" width="10" height="10"/></defs><use href="#a" x="5"/><use href="#a" x="30" '
                .'transform="scale(2)"/>',
            500,
            2,
            0,
        ];
        yield 'a symbol with a view box' => [
            '<symbol id="s" viewBox="0 0 1 1"><rect width="1" height="1"/></symbol><use href="#s" width="20" '
                .'height="20"/>',
            400,
            1,
            0,
        ];
        yield 'a drawing within' => [
            '<svg x="10" y="10" width="40" height="40" viewBox="0 0 10 10"><rect width="10" height="5"/></svg>',
            800,
            1,
            0,
        ];
        yield 'clipped' => [
            '<clipPath id="c"><rect width="20" height="20"/></clipPath><circle cx="20" cy="20" r="20" '
                .'clip-path="url(#c)"/>',
            \M_PI * 100,
            1,
            0,
        ];
        yield 'not displayed' => [
            '<rect width="9" height="9"/><rect x="20" width="9" height="9" style="display:none"/><rect x="40" '
                .'width="9" height="9" visibility="hidden"/>',
            81,
            1,
            0,
        ];
        yield 'overlapping ones are fused' => [
            '<rect width="20" height="10"/><rect x="10" width="20" height="10"/>',
            300,
            1,
            0,
        ];
        yield 'crossing itself' => ['<path d="M0 0L20 20H0L20 0Z"/>', 200, 2, 0];
    }

    #[DataProvider('shapes')]
    public function testReadsShapesAsTheyAreDrawn(string $inside, float $area, int $parts, int $holes): void
    {
        $whole = self::on100($inside)->whole();
        self::assertEqualsWithDelta($area, $whole->area(), max(0.3, $area / 1500));
        self::assertSame([$parts, $holes], [\count($whole->polygons), $whole->holes()]);
    }

    public function testFillsByClassesStylesAndInheritanceInTheirOrder(): void
    {
        $brought = self::on100(
            '<style>/* of the file */ rect { fill: #00ff00 } .a { fill: navy; stroke: none } #b { fill: rgb(255, 0, '
                .'0) } g > rect { fill: pink }</style>'.
                '<g fill="yellow"><circle r="5" cx="10" cy="10"/></g><rect x="20" width="5" height="5" '
                    .'fill="black"/><rect class="x a" x="40" width="5" height="5"/>'.
                '<rect id="b" class="a" x="60" width="5" height="5"/><rect id="b2" class="a" x="80" width="5" '
                    .'height="5" style="fill:#abc"/>',
        );
        self::assertSame(['#aabbcc', '#ff0000', '#000080', '#00ff00', '#ffff00'], array_keys($brought->layers));
        self::assertSame(['style rule'], array_map(static fn (Note $note): string => $note->what, $brought->notes));
    }

    public function testColoursBecomeLayersThatLookLikeTheDrawing(): void
    {
        // Red under blue under red: the red layer lies on top, so blue shows only where no later red is.
        $brought = self::on100(
            '<rect width="60" height="60" fill="red"/><rect x="10" y="10" width="40" height="40" fill="blue"/><rect '
                .'x="20" y="20" width="20" height="20" fill="red"/>',
        );
        self::assertSame(['#ff0000', '#0000ff'], array_keys($brought->layers));
        self::assertEqualsWithDelta(3600 - 1600 + 400, $brought->layers['#ff0000']->area(), 0.01);
        self::assertEqualsWithDelta(
            1600,
            $brought->layers['#0000ff']->area(),
            0.01,
            'what lies underneath stays whole',
        );
        self::assertSame([60_000, 60_000], [$brought->box()->width(), $brought->box()->height()]);
        self::assertSame(['#0000ff'], array_keys($brought->only(['#0000ff'])->layers));
        self::assertSame(
            40_000,
            $brought
                ->only(['#0000ff'])
                ->box()
                ->width(),
        );
    }

    /**
     * @return iterable<string, array{string, float, bool}> attributes of the root, width in mm of a square that fills
     *    it, does it say so?
     */
    public static function sizes(): iterable
    {
        yield 'millimetres' => ['width="120mm" height="60mm" viewBox="0 0 20 10"', 60, true];
        yield 'inches' => ['width="2in" height="1in" viewBox="0 0 20 10"', 25.4, true];
        yield 'no size' => ['viewBox="0 0 960 960"', 254, false];
        yield 'pixels' => ['width="96" height="96" viewBox="0 0 10 10"', 25.4, false];
        yield 'per cent' => ['width="100%" height="100%" viewBox="0 0 96 96"', 25.4, false];
        yield 'no view box' => ['width="50mm" height="50mm"', 25.4, true];
    }

    #[DataProvider('sizes')]
    public function testKnowsHowLargeItIsWhereTheFileSays(string $root, float $width, bool $sized): void
    {
        $side = match (true) {
            str_contains($root, '20 10') => 10,
            str_contains($root, '960') => 960,
            str_contains($root, '0 0 10 10') => 10,
            default => 96,
        };
        $brought = SvgDrawing::read(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" $root><rect width=\"$side\" height=\"$side\"/></svg>",
        );
        self::assertSame($sized, $brought->sized);
        self::assertEqualsWithDelta($width * 1000, $brought->box()->width(), 2);
    }

    public function testWhatCannotBeCutIsNamed(): void
    {
        $brought = self::on100(
            '<defs><linearGradient id="g"><stop offset="0" stop-color="teal"/></linearGradient><pattern id="p"><rect '
                .'width="1" height="1"/></pattern><filter id="f"/></defs>'.
                '<image id="logo" href="data:image/png;base64,AA=="/><text x="1" '
                    .'y="9">Lantern</text><text>Wharf</text><rect width="30" height="30" fill="url(#g)" '
                    .'filter="url(#f)"/><rect x="50" width="9" height="9" fill="url(#p)"/><use href="#nothing"/>',
        );
        $left = array_column(
            array_map(static fn (Note $note): array => [$note->what, $note->count, $note->kind], $brought->notes),
            null,
            0,
        );
        $expected = ['picture' => 1, 'live text' => 2, 'gradient' => 1, 'filter' => 1, 'pattern' => 1, 'copy' => 1];
        foreach ($expected as $what => $count) {
            self::assertSame([$what, $count, Note::LEFT_OUT], $left[$what] ?? null, $what);
        }
        self::assertStringContainsString(
            'Lantern',
            implode(' ', array_map(static fn (Note $note): string => $note->says, $brought->notes)),
        );
        self::assertSame(['#008080'], array_keys($brought->layers), 'a gradient is cut in its first colour');
    }

    public function testOpenCrossingAndDoubledLinesArePutRightAndReported(): void
    {
        $brought = self::on100(
            '<path d="M0 0H30V30H0"/><path d="M40 0L60 20H40L60 0Z"/><path d="M70 0h9v9h-9ZM70 0h9v9h-9Z"/><rect '
                .'y="60" width="9" height="9"/><rect y="60" width="9" height="9"/>',
        );
        $right = array_map(static fn (Note $note): string => $note->what, $brought->notes);
        foreach (['open outline', 'outline that crosses itself', 'doubled outline', 'doubled shape'] as $what) {
            self::assertContains($what, $right);
        }
        self::assertEqualsWithDelta(900 + 200 + 81 + 81, $brought->whole()->area(), 0.1);
    }

    /** @return iterable<string, array{string, string}> file, what the sentence says */
    public static function hostile(): iterable
    {
        $svg = static fn (
            string $inside,
            string $before = '',
        ): string => "$before<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" "
            ."viewBox=\"0 0 9 9\">$inside</svg>";
        yield 'entities' => [$svg('<text>&a;</text>', '<!DOCTYPE svg [<!ENTITY a "aaaa">]>'), 'entities'];
        yield 'an outside entity' => [
            $svg('&x;', '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]>'),
            'entities',
        ];
        yield 'a script' => [$svg('<script>alert(1)</script>'), 'script'];
        yield 'an event' => [$svg('<rect width="1" height="1" onload="alert(1)"/>'), 'script'];
        yield 'a web page' => [$svg('<foreignObject><b/></foreignObject>'), 'script'];
        yield 'a picture elsewhere' => [$svg('<image href="http://127.0.0.1:9/a.png"/>'), 'elsewhere'];
        yield 'a picture elsewhere, the old way' => [$svg('<image xlink:href="file:///etc/passwd"/>'), 'elsewhere'];
        yield 'a copy from elsewhere' => [$svg('<use href="other.svg#a"/>'), 'elsewhere'];
        yield 'a fill from elsewhere' => [
            $svg('<rect width="1" height="1" fill="url(http://127.0.0.1:9/a#b)"/>'),
            'elsewhere',
        ];
        yield 'a style from elsewhere' => [$svg('<style>@import "a.css";</style>'), 'elsewhere'];
        yield 'a style sheet from elsewhere' => [$svg('', '<?xml-stylesheet href="a.css"?>'), 'elsewhere'];
        yield 'deep nesting' => [$svg(str_repeat('<g>', 5000).str_repeat('</g>', 5000)), '60 deep'];
        yield 'a million parts' => [$svg(str_repeat('<g/>', 1_000_000)), '5000'];
        yield 'a million points' => [$svg('<path d="M0 0'.str_repeat('h1v1h-1v-1', 200_000).'"/>'), 'Simplify'];
        yield 'fifty megabytes' => [$svg(str_repeat('<!-- -->', 6_500_000)), '5 MB'];
        yield 'copies of copies' => [
            $svg(
                '<defs><g id="a0"><rect width="1" height="1"/></g>'.
                    implode(
                        '',
                        array_map(
                            static fn (int $n): string => "<g id=\"a$n\">".
                                str_repeat('<use href="#a'.($n - 1).'"/>', 10).
                                '</g>',
                            range(1, 9),
                        ),
                    ).
                    '</defs><use href="#a9"/>',
            ),
            'over and over',
        ];
        yield 'a copy of itself' => [
            $svg('<g id="a"><rect width="1" height="1"/><use href="#a"/></g>'),
            'over and over',
        ];
        yield 'no drawing' => ['<html xmlns="http://www.w3.org/1999/xhtml"/>', 'cannot be read'];
        yield 'broken' => ['<svg xmlns="http://www.w3.org/2000/svg"><g></svg>', 'cannot be read'];
        yield 'not even text' => ["\x89PNG\r\n\x1a\n\0\0", 'This is a PNG picture'];
        yield 'an empty file' => ['', 'cannot be read'];
        yield 'nothing in it' => [$svg('<g/>'), 'nothing in this drawing'];
        yield 'huge' => [$svg('<rect width="1e12" height="1"/>'), '100 m'];
    }

    #[DataProvider('hostile')]
    public function testHostileFilesAreRefusedWithASentence(string $file, string $says): void
    {
        $memory = memory_get_usage();
        memory_reset_peak_usage();
        try {
            SvgDrawing::read($file);
            self::fail('must be refused');
        } catch (Refused $refused) {
            self::assertStringContainsString($says, $refused->getMessage());
            self::assertSame('/art', '' === $refused->at ? '/art' : $refused->at);
        }
        self::assertLessThan(150_000_000, memory_get_peak_usage() - $memory, 'memory stays bounded');
    }

    public function testWhatGoesOutComesBackTheSame(): void
    {
        foreach (['M0 0H40V20H0ZM5 5V15H15V5ZM50 0H60V10H50Z', 'M10 0L20 17.321L0 17.32Z'] as $path) {
            $region = SvgPath::read($path);
            $box = $region->box();
            $svg = \sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" width="%1$smm" height="%2$smm" viewBox="0 0 %1$s '
                    .'%2$s"><path fill-rule="evenodd" d="%3$s"/></svg>',
                $box->width() / 1000,
                $box->height() / 1000,
                SvgPath::write($region),
            );
            $back = SvgDrawing::read($svg)->whole();
            self::assertSame(0.0, Geos::difference($region, $back)->area() + Geos::difference($back, $region)->area());
            self::assertSame(self::corners($region), self::corners($back));
        }
    }

    public function testColours(): void
    {
        self::assertSame(
            ['#aabbcc', '#ff0000', '#0a141e', '#ffffff', '#4682b4', null, null, null],
            array_map(Colour::read(...), [
                '#ABC',
                'red',
                'rgb(10,20,30)',
                'rgb(100%, 100%, 100%)',
                'SteelBlue',
                'rgba(1,2,3,0)',
                'no colour',
                '#12345',
            ]),
        );
    }

    public function testTransforms(): void
    {
        $on = Matrix::read('translate(10,5) rotate(90) scale(2)')?->on([1.0, 0.0]) ?? [0.0, 0.0];
        self::assertEqualsWithDelta([10.0, 7.0], $on, 1e-9);
        $about = Matrix::read('rotate(180 5 5)')?->on([0.0, 0.0]) ?? [0.0, 0.0];
        self::assertEqualsWithDelta([10.0, 10.0], $about, 1e-9);
        self::assertNull(Matrix::read('turn(5)'));
        self::assertNull(Matrix::read('matrix(1 0 0 1)'));
        self::assertEqualsWithDelta(2.0, Matrix::read('matrix(0 2 -2 0 1 1)')?->size(), 1e-9);
    }

    /** @return list<array{int, int}> sorted */
    private static function corners(Region $region): array
    {
        $all = array_merge(...$region->rings());
        sort($all);

        return $all;
    }

    private static function on100(string $inside): VectorArt
    {
        return SvgDrawing::read(
            '<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="100mm" viewBox="0 0 100 '
                ."100\">$inside</svg>",
        );
    }
}
