<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Art\SvgDrawing;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/** A customer's own drawing from the file to the pieces, and out again. */
final class ArtTest extends WebCase
{
    private const LANTERN = '<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="80mm" viewBox="0 0 60 '
        .'80"><path fill="#123456" fill-rule="evenodd" d="M5 5H55V75H5ZM15 15V65H45V15Z"/><circle cx="30" cy="40" '
        .'r="10" fill="#d9a322"/><text>words</text></svg>';

    /** Parts of a drawing can be left out, and the rest is of its true size still. */
    public function testPartsOfADrawingAreLeftOut(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" width="80mm" height="60mm" viewBox="0 0 80 60">'.
            '<path d="M0 0H80V10H0Z"/><path d="M10 20H40V40H10Z"/><path d="M50 50H60V60H50Z"/></svg>';
        $art = $this->bring($docket->number(), $svg);
        $colour = $art['layers'][0]['colour'];
        self::assertSame([80.0, 30.0, 10.0], array_map(
            static fn (array $piece): float => (float) $piece['size']['width']['mm'],
            $art['layers'][0]['pieces'],
        ));
        $fit = fn (string $out): array => $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => 'Parts',
            'face' => 'bebas',
            'capHeight' => '' === $out ? '60mm' : '40mm',
            'art' => ['id' => $art['id'], 'layers' => [['colour' => $colour, 'film' => '', 'out' => $out]]],
        ]);
        self::assertSame([3, 60.0], [$fit('')['film']['keeps'], (float) $fit('')['lettering']['trueHeight']['mm']]);
        $less = $fit('1');
        self::assertSame([2, 40.0], [$less['film']['keeps'], (float) $less['lettering']['trueHeight']['mm']]);
        self::assertEqualsWithDelta(50, $less['place']['size']['width']['mm'], 0.01);
        $kept = $this->ask('PUT', "/api/dockets/{$docket->number()}/design", [
            'version' => $docket->version(),
            'words' => 'Parts',
            'face' => 'bebas',
            'art' => ['id' => $art['id'], 'layers' => [['colour' => $colour, 'film' => '', 'out' => '1,3,9']]],
            'proof' => false,
        ]);
        self::assertSame('1,3', $kept['items'][0]['design']['art']['layers'][0]['out']);
        $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => 'Parts',
            'face' => 'bebas',
            'art' => ['id' => $art['id'], 'layers' => [['colour' => $colour, 'film' => '', 'out' => '1,2,3']]],
        ]);
        self::assertSame(422, $this->status, 'something has to be cut');
    }

    /** A backing is the object's own outline less so much, true to size, and fits as it is. */
    public function testAPieceLikeTheObject(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        $problem = $this->ask('POST', "/api/dockets/{$docket->number()}/backing", ['less' => '900mm']);
        self::assertSame('less', $problem['fields'][0]['field']);
        $art = $this->ask('POST', "/api/dockets/{$docket->number()}/backing", ['less' => '6mm']);
        $wall = $docket->item()->object()->size();
        self::assertEqualsWithDelta($wall->width->toMillimetres() - 12, $art['size']['width']['mm'], 0.01);
        self::assertEqualsWithDelta($wall->height->toMillimetres() - 12, $art['size']['height']['mm'], 0.01);
        $fit = $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => 'Backing',
            'face' => 'bebas',
            'capHeight' => "{$art['size']['height']['mm']}mm",
            'art' => ['id' => $art['id'], 'layers' => []],
        ]);
        self::assertTrue($fit['place']['inside']);
        self::assertEqualsWithDelta(6, $fit['place']['left']['mm'], 0.01);
    }

    public function testADrawingIsReadReportedAndFittedInItsTrueOrTheLargestSize(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        $art = $this->bring($docket->number(), self::LANTERN, 'lantern.svg');
        self::assertSame(
            ['lantern.svg', true, 50.0, 70.0],
            [$art['name'], $art['sized'], $art['size']['width']['mm'], $art['size']['height']['mm']],
        );
        self::assertSame(['#d9a322', '#123456'], array_column($art['layers'], 'colour'));
        self::assertStringContainsString('live text', $art['notes'][0]['says']);
        self::assertSame($art, $this->ask('GET', "/api/art/{$art['id']}"));
        $drawing = [
            'docket' => $docket->number(),
            'words' => 'Lantern',
            'face' => 'bebas',
            'art' => ['id' => $art['id'], 'layers' => []],
        ];
        $fit = $this->ask('POST', '/api/fit', $drawing);
        self::assertTrue($fit['place']['inside']);
        self::assertEqualsWithDelta(
            110 - 2 * 5.5,
            $fit['place']['size']['height']['mm'],
            0.1,
            'as high as the safe area',
        );
        self::assertCount(1, $fit['film']['layers'], 'one film until another is chosen');
        $true = $this->ask('POST', '/api/fit', ['capHeight' => '70mm'] + $drawing);
        self::assertEqualsWithDelta(50.0, $true['place']['size']['width']['mm'], 0.003);
    }

    public function testColoursGoIntoTheirFilmsUpToThePieces(): void
    {
        $this->as('ines');
        $ochre = new FilmOnShelf(Film::Permanent, 'ochre', '#d9a322');
        $this->records->persist($ochre);
        $this->records->flush();
        $docket = $this->taken(count: 1);
        $art = $this->bring($docket->number(), self::LANTERN);
        $design = [
            'version' => $docket->version(),
            'words' => 'Lantern',
            'face' => 'bebas',
            'proof' => true,
            'art' => [
                'id' => $art['id'],
                'layers' => [
                    ['colour' => '#123456', 'film' => ''],
                    ['colour' => '#d9a322', 'film' => (string) $ochre->id()],
                ],
            ],
        ];
        $proofed = $this->ask('PUT', "/api/dockets/{$docket->number()}/design", $design);
        self::assertSame(200, $this->status, json_encode($proofed, \JSON_THROW_ON_ERROR));
        self::assertSame(
            ['Permanent, ochre', 'Permanent, navy'],
            array_column($proofed['proofs'][0]['pages'][0]['art']['films'], 'name'),
        );
        $docket = $this->get(Dockets::class)->numbered($docket->number());
        $this->approve($docket, 1, 'Osric Tamblyn');
        $films = array_map(static fn ($piece): string => $piece->film()->name(), $docket->pieces());
        self::assertSame(['Permanent, ochre', 'Permanent, navy'], $films);
        [$flame, $post] = array_map(fn ($piece): Region => $this->region($piece), $docket->pieces());
        self::assertEqualsWithDelta(
            0.0,
            Geos::intersection($flame, $post)->area(),
            0.001,
            'they keep their places to each other',
        );
        self::assertSame([0, 1], [$flame->holes(), $post->holes()]);
    }

    public function testAColourLeftOutIsNotCutAndAllLeftOutIsSaid(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        $art = $this->bring($docket->number(), self::LANTERN);
        $without = static fn (string ...$colours): array => [
            'docket' => $docket->number(),
            'words' => 'Lantern',
            'face' => 'bebas',
            'art' => [
                'id' => $art['id'],
                'layers' => array_map(
                    static fn (string $colour): array => ['colour' => $colour, 'film' => '0'],
                    $colours,
                ),
            ],
        ];
        self::assertSame(0, $this->ask('POST', '/api/fit', $without('#123456'))['film']['counters']);
        $this->assertProblem(
            422,
            'nothing in this drawing',
            $this->ask('POST', '/api/fit', $without('#123456', '#d9a322')),
        );
    }

    public function testAGuideLeftInTheDrawingIsNoticed(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        $codes = function (string $svg) use ($docket): array {
            $art = $this->bring($docket->number(), $svg);

            return array_column(
                $this->ask('POST', '/api/check', [
                    'docket' => $docket->number(),
                    'words' => 'Lantern',
                    'face' => 'bebas',
                    'art' => ['id' => $art['id'], 'layers' => []],
                ])['snags'],
                'code',
            );
        };
        $svg = static fn (
            string $inside,
        ): string => '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 180 110"><circle cx="90" cy="55" '
            ."r=\"30\"/>$inside</svg>";
        self::assertContains(
            'guide-in-cut',
            $codes($svg('<rect x="1" y="1" width="169" height="99" fill="none" stroke="red" stroke-width="2"/>')),
        );
        self::assertNotContains(
            'guide-in-cut',
            $codes($svg('<rect x="40" y="5" width="100" height="100" fill="none" stroke="red" stroke-width="2"/>')),
        );
    }

    public function testAnotherOrdersDrawingIsRefused(): void
    {
        $this->as('ines');
        $art = $this->bring($this->taken()->number(), self::LANTERN, 'lantern.svg');
        $other = $this->taken();
        $drawing = ['words' => 'Lantern', 'face' => 'bebas', 'art' => ['id' => $art['id'], 'layers' => []]];
        foreach (['fit', 'check', 'cures', 'samples'] as $what) {
            $problem = $this->ask('POST', "/api/$what", ['docket' => $other->number()] + $drawing);
            self::assertSame([422, 'art'], [$this->status, $problem['fields'][0]['field'] ?? ''], $what);
        }
        $this->ask(
            'PUT',
            "/api/dockets/{$other->number()}/design",
            ['version' => $other->version(), 'proof' => true] + $drawing,
        );
        self::assertSame(422, $this->status);
        self::assertSame([], $this->ask('GET', "/api/dockets/{$other->number()}")['proofs']);
    }

    public function testAPictureIsCalledByItsName(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        foreach ([
            "\x89PNG\r\n\x1a\n" => 'a PNG picture',
            "\xFF\xD8\xFF\xE0" => 'a JPEG photo',
            '%PDF-1.7' => 'a PDF',
        ] as $begins => $what) {
            $problem = $this->bring($docket->number(), $begins.str_repeat('x', 200), 'logo.svg');
            self::assertStringContainsString("This is $what.", $problem['fields'][0]['says']);
            self::assertStringContainsString('SVG', $problem['fields'][0]['says']);
        }
    }

    public function testHostileFilesAreRefusedAtTheirFieldAndNothingIsServedAsItCame(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        foreach (
            [
                '<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>' => 'script',
                'not a drawing' => 'cannot be read',
                '' => 'cannot be read',
                str_repeat(' ', 6_000_000) => '5 MB',
            ] as $file => $says
        ) {
            $problem = $this->bring($docket->number(), $file);
            $this->assertProblem(422, $says, $problem);
            self::assertSame('art', $problem['fields'][0]['field']);
        }
        $art = $this->bring($docket->number(), self::LANTERN, '../../<b>.svg');
        self::assertSame('....b.svg', $art['name']);
        $this->ask('GET', "/api/art/{$art['id']}");
        self::assertStringNotContainsString('<svg', (string) $this->browser->getResponse()->getContent());
        self::assertSame('application/json', $this->browser->getResponse()->headers->get('Content-Type'));
    }

    public function testADecalThatGoesOutComesBackIdentical(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        $this->ask('PUT', "/api/dockets/{$docket->number()}/design", [
            'version' => $docket->version(),
            'words' => 'Kestrel',
            'face' => 'lobster',
            'proof' => true,
        ]);
        self::assertSame(200, $this->status);
        $this->browser->request('GET', "/api/dockets/{$docket->number()}/proofs/1.svg");
        $out = (string) $this->browser->getResponse()->getContent();
        $proof = $this->page($this->get(Dockets::class)->numbered($docket->number()));
        $region = $this->get(Outlines::class)->region($proof->drawing()->outline());
        $back = SvgDrawing::read($out);
        self::assertTrue($back->sized);
        self::assertSame([], $back->notes);
        self::assertSame(
            0.0,
            Geos::difference($region, $back->whole())->area() + Geos::difference($back->whole(), $region)->area(),
        );
        self::assertSame(
            [\count($region->polygons), $region->holes(), $region->corners()],
            [\count($back->whole()->polygons), $back->whole()->holes(), $back->whole()->corners()],
        );
    }

    private static function png(int $ground, \Closure $draw): string
    {
        $image = imagecreatetruecolor(600, 400);
        imagefill($image, 0, 0, $ground);
        $draw($image);
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    /** @return array<string, mixed> */
    private function sent(string $path, string $bytes): array
    {
        $this->browser->request('POST', $path, [], [], [
            'CONTENT_TYPE' => 'application/octet-stream',
            'HTTP_X_YELBO_TOKEN' => (string) $this->ask('GET', '/api/me')['csrf'],
        ], $bytes);
        $this->status = $this->browser->getResponse()->getStatusCode();
        $answer = json_decode((string) $this->browser->getResponse()->getContent(), true);

        return \is_array($answer) ? $answer : [];
    }

    /** A picture of flat colours is traced, looked at, and brought as the drawing it became. */
    public function testAPictureOfFlatColoursBecomesADrawing(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        $traced = $this->sent('/api/art/trace', self::png(0xFFFFFF, static function (\GdImage $image): void {
            imagefilledrectangle($image, 50, 100, 249, 299, 0x1B2F57);
            imagefilledellipse($image, 420, 200, 200, 200, 0xD9A322);
        }));
        self::assertSame(200, $this->status, json_encode($traced, \JSON_THROW_ON_ERROR));
        self::assertEqualsCanonicalizing(['#1b2f57', '#d9a322'], array_column($traced['layers'], 'colour'));
        $art = $this->sent("/api/dockets/{$docket->number()}/art?name=logo.svg", $traced['svg']);
        self::assertSame(200, $this->status, json_encode($art, \JSON_THROW_ON_ERROR));
        $fit = $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => 'Logo',
            'face' => 'bebas',
            'art' => ['id' => $art['id'], 'layers' => []],
        ]);
        self::assertSame(200, $this->status, json_encode($fit, \JSON_THROW_ON_ERROR));
        self::assertEqualsWithDelta(
            470 / 200,
            $fit['place']['size']['width']['mm'] / $fit['place']['size']['height']['mm'],
            0.02,
        );

        $one = $this->sent('/api/art/trace?colours=1', self::png(0xFFFFFF, static function (\GdImage $image): void {
            imagefilledrectangle($image, 50, 100, 249, 299, 0x1B2F57);
            imagefilledellipse($image, 420, 200, 200, 200, 0xD9A322);
        }));
        self::assertCount(1, $one['layers']);
    }

    public function testAPhotographAndAnythingElseIsRefusedWithASentence(): void
    {
        $this->as('ines');
        $photo = $this->sent('/api/art/trace', self::png(0, static function (\GdImage $image): void {
            for ($y = 0; $y < 400; ++$y) {
                for ($x = 0; $x < 600; ++$x) {
                    imagesetpixel($image, $x, $y, (intdiv($x, 3) << 16) | (intdiv($y, 2) << 8) | intdiv($x + $y, 4));
                }
            }
        }));
        self::assertSame(422, $this->status);
        self::assertSame('art', $photo['fields'][0]['field']);
        self::assertStringContainsString('photograph', $photo['fields'][0]['says']);
        foreach (['', 'no picture at all', "\x89PNG\r\n\x1a\nbroken"] as $bytes) {
            $none = $this->sent('/api/art/trace', $bytes);
            self::assertSame(422, $this->status);
            self::assertSame('art', $none['fields'][0]['field']);
        }
        $blank = $this->sent('/api/art/trace', self::png(0xFFFFFF, static fn (\GdImage $image): bool => true));
        self::assertStringContainsString('nothing', $blank['fields'][0]['says']);
    }
}
