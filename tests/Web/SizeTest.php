<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Journey\PieceState;

/** The Size station over HTTP: every surface, settings, sets, layers, the shop's own objects, photos. */
final class SizeTest extends WebCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /** @param array<string, mixed> $typed */
    private function order(array $typed): Docket
    {
        return $this->get(TakeOrder::class)->begin(new TypedOrder(Answers::fromKept(
            $typed + [
                'customer' => 'Osric Tamblyn',
                'words' => 'Kestrel',
                'object' => 'A thing',
                'useOf' => 'outdoor',
                'film' => (string) $this->navy->id(),
                'quantity' => '1',
                'neededOn' => '2026-12-05',
            ],
        )), true);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, bool}> what is typed of an object; whether it is seen from
     *    the front too
     */
    public static function objects(): iterable
    {
        yield 'hexagon' => [['surface' => 'polygon', 'sides' => '6', 'width' => '185mm', 'height' => '160mm'], false];
        yield 'badge' => [
            ['surface' => 'ring', 'width' => '240', 'height' => '240', 'innerWidth' => '12 cm', 'innerHeight' => '120'],
            false,
        ];
        yield 'traced' => [
            [
                'surface' => 'outline',
                'width' => '300mm',
                'outline' => 'M10 50C10 10 60 0 100 20S190 0 190 50S140 110 100 80S10 100 10 50Z',
            ],
            false,
        ];
        yield 'mug' => [
            [
                'surface' => 'cylinder',
                'circumference' => '258mm',
                'height' => '95mm',
                'seen' => '120',
                'keepOuts' => [
                    ['what' => 'lip'],
                    ['what' => 'handle', 'x' => '2mm', 'y' => '48mm', 'width' => '18mm', 'height' => '70mm'],
                ],
            ],
            true,
        ];
        yield 'bucket' => [
            [
                'surface' => 'taper',
                'upper' => '942mm',
                'lower' => '628mm',
                'slant' => '250mm',
                'seen' => '120',
                'keepOuts' => [['what' => 'edge', 'width' => '12mm'], ['what' => 'seam', 'x' => '10mm']],
            ],
            true,
        ];
        yield 'can, wide below' => [
            ['surface' => 'taper', 'upper' => '520mm', 'lower' => '680mm', 'slant' => '310mm', 'wideEnd' => 'bottom'],
            true,
        ];
        yield 'float' => [['surface' => 'ball', 'circumference' => '480mm'], true];
        yield 'panes' => [['surface' => 'panes', 'width' => '11 3/8"', 'height' => '410mm', 'panes' => '4'], false];
        yield 'panel read from afar' => [
            ['surface' => 'panel', 'width' => '600mm', 'height' => '240mm', 'readFrom' => '8'],
            false,
        ];
    }

    /** Of several of a kind each has a name: what is placed by is said with it. */
    public function testWhatIsKeptClearIsCalledByItsName(): void
    {
        $handle = ['what' => 'handle', 'y' => '60mm', 'width' => '20mm', 'height' => '40mm'];
        $typed = [
            'surface' => 'rectangle',
            'width' => '400mm',
            'height' => '120mm',
            'keepOuts' => [['x' => '40mm', 'name' => 'Left handle'] + $handle, ['x' => '360mm'] + $handle],
        ];
        $fit = $this->ask('POST', '/api/fit', [
            'docket' => $this->order($typed)->number(),
            'words' => 'Kestrel',
            'face' => 'fredoka',
        ]);
        self::assertSame(['Left handle', 'Handle root'], array_column($fit['place']['features'], 'label'));
        $typed['keepOuts'][0]['name'] = str_repeat('handle ', 20);
        $wrong = $this->ask('POST', '/api/answers', $typed + $this->answers()->toArray());
        self::assertContains('keepOuts.0.name', array_column($wrong['wrong'], 'field'));
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('objects')]
    public function testEveryObjectIsTakenAndDrawn(array $typed, bool $front): void
    {
        $docket = $this->order($typed);
        $fit = $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => 'Kestrel',
            'face' => 'fredoka',
        ]);
        self::assertSame(200, $this->status, json_encode($fit, \JSON_THROW_ON_ERROR));
        self::assertTrue($fit['place']['inside']);
        self::assertSame($front, null !== $fit['surface']['front']);
        self::assertGreaterThan(3, $fit['lettering']['capHeight']['mm']);
        self::assertEqualsWithDelta(
            $fit['surface']['object']['width']['mm'],
            $fit['place']['left']['mm'] + $fit['place']['size']['width']['mm'] + $fit['place']['right']['mm'],
            0.01,
        );
        self::assertSame(\count($typed['keepOuts'] ?? []) > 0, '' !== $fit['surface']['keepOuts']);
        self::assertNotContains('', array_column($fit['place']['features'], 'label'));
        $this->ask('GET', "/api/dockets/{$docket->number()}");
        self::assertSame(200, $this->status);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'nothing measured' => [['surface' => 'taper'], 'upper', 'Measure it along'];
        yield 'zero' => [
            ['surface' => 'cylinder', 'circumference' => '0', 'height' => '95mm'],
            'circumference',
            'Between 1 mm',
        ];
        yield 'no way round' => [['surface' => 'ball'], 'diameter', 'Measure round it'];
        yield 'not a figure' => [
            ['surface' => 'polygon', 'width' => '100', 'height' => '90', 'sides' => 'many'],
            'sides',
            'How many sides',
        ];
        yield 'changed over' => [
            ['surface' => 'taper', 'upper' => '500', 'lower' => '600', 'slant' => '100'],
            'lower',
            'Change the two figures',
        ];
        yield 'badge too large' => [
            ['surface' => 'ring', 'width' => '100', 'height' => '100', 'innerWidth' => '100', 'innerHeight' => '20'],
            'innerWidth',
            'smaller than the outer',
        ];
        yield 'a seam beside the thing' => [
            [
                'surface' => 'rectangle',
                'width' => '100',
                'height' => '90',
                'keepOuts' => [['what' => 'seam', 'x' => '300']],
            ],
            'keepOuts.0.x',
            'beside the object',
        ];
        yield 'a hole of no size' => [
            [
                'surface' => 'rectangle',
                'width' => '100',
                'height' => '90',
                'keepOuts' => [['what' => 'hole', 'x' => '30', 'y' => 'up', 'width' => '']],
            ],
            'keepOuts.0.y',
            'not a length',
        ];
        yield 'no outline' => [['surface' => 'outline', 'width' => '100'], 'outline', 'photo'];
        yield 'seen from behind' => [
            ['surface' => 'cylinder', 'circumference' => '258', 'height' => '95mm', 'seen' => '400'],
            'seen',
            'degrees',
        ];
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('wrong')]
    public function testWrongMeasuresAreSaidAtTheirField(array $typed, string $field, string $says): void
    {
        $answers = $this->ask('POST', '/api/answers', $typed + ['words' => 'Kestrel', 'object' => 'A thing']);
        $wrong = array_column($answers['wrong'], 'says', 'field');
        self::assertArrayHasKey($field, $wrong, json_encode($answers['wrong'], \JSON_THROW_ON_ERROR));
        self::assertStringContainsString($says, $wrong[$field]);
        self::assertNull($answers['fit']);
    }

    public function testSettingsAreDrawnAndKept(): void
    {
        $docket = $this->order([
            'surface' => 'ellipse',
            'width' => '120mm',
            'height' => '120mm',
            'words' => "Lockside\nPlots",
        ]);
        $setting = [
            'arrangement' => 'ring',
            'radius' => '28mm',
            'frame' => 'double-ring',
            'tracking' => '20',
            'condense' => '4',
        ];
        $fit = $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => "Lockside\nPlots",
            'face' => 'bebas',
            'setting' => $setting,
        ]);
        self::assertSame(
            ['ring', 28.0, 4.0, true],
            [
                $fit['lettering']['arrangement'],
                $fit['lettering']['radius']['mm'],
                (float) $fit['lettering']['condense'],
                $fit['place']['inside'],
            ],
        );
        $saved = $this->ask('PUT', "/api/dockets/{$docket->number()}/design", [
            'version' => $docket->version(),
            'words' => "Lockside\nPlots",
            'face' => 'bebas',
            'setting' => $setting,
            'proof' => false,
        ]);
        self::assertSame(200, $this->status, json_encode($saved, \JSON_THROW_ON_ERROR));
        self::assertSame(
            ['ring', '28mm', 'double-ring', '20', '4'],
            array_map(static fn (string $name): string => $saved['items'][0]['design']['setting'][$name], [
                'arrangement',
                'radius',
                'frame',
                'tracking',
                'condense',
            ]),
        );
    }

    public function testLinesHaveFacesAndHeightsOfTheirOwn(): void
    {
        $docket = $this->order([
            'surface' => 'panel',
            'width' => '300mm',
            'height' => '200mm',
            'words' => "The Heron\n1948\nKettle Wharf",
            'readFrom' => '30',
        ]);
        $setting = ['lineFaces' => 'lobster||', 'lineHeights' => '60||50%'];
        $drawing = [
            'docket' => $docket->number(),
            'words' => "The Heron\n1948\nKettle Wharf",
            'face' => 'bebas',
            'setting' => $setting,
        ];
        $fit = $this->ask('POST', '/api/fit', $drawing);
        $told = array_column($fit['lettering']['lineHeights'], 'mm');
        self::assertEqualsWithDelta(
            [0.6 * $told[1], $fit['lettering']['capHeight']['mm'], 0.5 * $told[1]],
            $told,
            0.01,
        );
        $snags = array_column($this->ask('POST', '/api/check', $drawing)['snags'], 'found', 'code');
        self::assertEqualsWithDelta(1000 * $told[2], $snags['too-small-to-read'], 1, 'of the lowest line');
        $saved = $this->ask('PUT', "/api/dockets/{$docket->number()}/design", [
            'version' => $docket->version(),
            ...array_diff_key($drawing, ['docket' => true]),
            'proof' => true,
        ]);
        self::assertSame(['lobster||', '60||50'], [
            $saved['items'][0]['design']['setting']['lineFaces'],
            $saved['items'][0]['design']['setting']['lineHeights'],
        ]);
        $remarks = implode(' ', $saved['proofs'][0]['pages'][0]['notes']['remarks']);
        self::assertStringContainsString('Letters of the lines', $remarks);
        self::assertStringContainsString('Lobster', $remarks);
        $wide = $this->ask('POST', '/api/fit', [...$drawing, 'setting' => ['justify' => 'yes']]);
        self::assertCount(3, $wide['lettering']['lineHeights']);
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function wrongSettings(): iterable
    {
        yield 'a line too high' => [['lineHeights' => '100|900'], 'lineHeights', '500 %'];
        yield 'a line in no face' => [['lineFaces' => 'curly|'], 'lineFaces', 'no such face'];
        yield 'stretched' => [['condense' => '20'], 'condense', '8 %'];
        yield 'not a figure' => [['tracking' => 'wide'], 'tracking', 'plain figure'];
        yield 'a radius of letters' => [['radius' => 'x', 'arrangement' => 'ring'], 'radius', 'not a length'];
        yield 'a circle with no room' => [['radius' => '90mm', 'arrangement' => 'ring'], 'radius', 'no room'];
        yield 'a rim of no film' => [['offset' => '2mm'], 'offsetFilm', 'which film'];
        yield 'a rim as wide as a hand' => [['offset' => '90mm'], 'offset', '30 mm'];
    }

    /** @param array<string, string> $setting */
    #[DataProvider('wrongSettings')]
    public function testWrongSettingsAreSaidAtTheirField(array $setting, string $field, string $says): void
    {
        $docket = $this->taken();
        $problem = $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => "Kestrel\nTeal",
            'face' => 'bebas',
            'setting' => $setting,
        ]);
        self::assertSame(422, $this->status);
        self::assertSame($field, $problem['fields'][0]['field']);
        self::assertStringContainsString($says, $problem['fields'][0]['says']);
    }

    public function testAPlaceIsTypedFromAnyEdgeOrPart(): void
    {
        $docket = $this->order([
            'surface' => 'rectangle',
            'width' => '180mm',
            'height' => '110mm',
            'keepOuts' => [['what' => 'hole', 'x' => '20mm', 'y' => '30mm', 'width' => '8mm']],
        ]);
        $drawing = ['docket' => $docket->number(), 'words' => 'Ada', 'face' => 'bebas', 'capHeight' => '20mm'];
        foreach (['left', 'right', 'across', 'top', 'bottom', 'down', 'across/0', 'down/0'] as $from) {
            $placed = $this->ask('POST', '/api/place', [...$drawing, 'from' => $from, 'distance' => '12.5mm']);
            self::assertSame(200, $this->status, json_encode($placed, \JSON_THROW_ON_ERROR));
            $fit = $this->ask('POST', '/api/fit', [
                ...$drawing,
                'left' => $placed['left']['mm'].'mm',
                'top' => $placed['top']['mm'].'mm',
            ]);
            $now = str_contains($from, '/')
                ? $fit['place']['features'][0][explode('/', $from)[0]]
                : $fit['place'][$from];
            self::assertEqualsWithDelta(12.5, $now['mm'], 0.002, $from);
        }
        $this->assertProblem(
            422,
            'no such part',
            $this->ask('POST', '/api/place', [...$drawing, 'from' => 'across/7', 'distance' => '1mm']),
        );
        $this->assertProblem(
            422,
            'not a length',
            $this->ask('POST', '/api/place', [...$drawing, 'from' => 'left', 'distance' => 'far']),
        );
    }

    public function testEachWordInItsCases(): void
    {
        $docket = $this->taken();
        $words = $this->ask('POST', '/api/cases', [
            'docket' => $docket->number(),
            'words' => "the Old\nOAK",
            'face' => 'lobster',
        ])['words'];
        self::assertSame(
            [[0, 0], [0, 1], [1, 0]],
            array_map(static fn (array $word): array => [$word['line'], $word['nth']], $words),
        );
        self::assertSame(['the', 'The', 'THE'], array_column($words[0]['cases'], 'text'));
        self::assertSame(['OAK', 'Oak', 'oak'], array_column($words[2]['cases'], 'text'));
    }

    public function testARosterGoesFromPastedTextToPieces(): void
    {
        $read = $this->ask('POST', '/api/roster', [
            'base64' => base64_encode("Nr;Name\n1;Ada\n2;Zo\xEB\n3;Mary-Anne Penhallow\n4;Adda\n"),
        ]);
        self::assertSame(
            ['Latin-1', 'semicolon', true, 1],
            [$read['encoding'], $read['separator'], $read['hasHeader'], $read['likely']],
        );
        $names = implode("\n", array_map(static fn (array $row): string => $row['cells'][1], $read['rows']));
        $docket = $this->order([
            'surface' => 'rectangle',
            'width' => '120mm',
            'height' => '70mm',
            'words' => '',
            'roster' => $names,
            'quantity' => '2',
        ]);
        self::assertSame('4 names: Ada …', $docket->label());

        $set = $this->ask('POST', '/api/set', ['docket' => $docket->number(), 'roster' => $names, 'face' => 'bebas']);
        self::assertSame(2, $set['deciding']);
        self::assertSame($set['members'][2]['alone']['mm'], $set['capHeight']['mm']);
        self::assertTrue($set['members'][2]['outlier']);
        self::assertSame(['Mary-Anne', 'Penhallow'], $set['members'][2]['proposals'][0]['lines']);
        self::assertSame(
            [[3, 0]],
            array_map(static fn (array $alike): array => [$alike['later'], $alike['earlier']], $set['alike']),
        );

        $roster = str_replace('Mary-Anne Penhallow', 'Mary-Anne | Penhallow', $names);
        // Each as large as it can be, or so wide: told, and frozen so.
        $each = $this->ask('POST', '/api/set', [
            'docket' => $docket->number(),
            'roster' => $names,
            'face' => 'bebas',
            'setting' => ['setSize' => 'each'],
        ]);
        self::assertSame(
            array_map(static fn (array $member): float => (float) $member['alone']['mm'], $each['members']),
            array_map(static fn (array $member): float => (float) $member['capHeight']['mm'], $each['members']),
        );
        self::assertSame($set['capHeight'], $each['capHeight']);
        self::assertGreaterThan($each['capHeight']['mm'], $each['highest']['mm']);
        $wide = ['setSize' => 'box', 'setWide' => '98mm', 'setHigh' => '45mm'];
        $saved = $this->ask('PUT', "/api/dockets/{$docket->number()}/design", [
            'version' => $docket->version(),
            'words' => 'x',
            'roster' => $roster,
            'face' => 'bebas',
            'setting' => $wide,
            'proof' => true,
        ]);
        self::assertSame(200, $this->status, json_encode($saved, \JSON_THROW_ON_ERROR));
        $page = $saved['proofs'][0]['pages'][0];
        foreach ($page['art']['parts'] as ['size' => $size]) {
            $share = max($size['width']['mm'] / 98, $size['height']['mm'] / 45);
            self::assertEqualsWithDelta(1, $share, 0.003);
            self::assertLessThanOrEqual(1, $share);
        }
        self::assertGreaterThan($page['art']['capHeight']['mm'], $page['art']['highest']['mm']);
        self::assertSame($wide, array_intersect_key($saved['items'][0]['design']['setting'], $wide));
        $back = $this->ask('POST', "/api/dockets/{$docket->number()}/moves", [
            'version' => $saved['version'],
            'move' => 'change',
            'detail' => '',
        ]);
        self::assertSame(200, $this->status, json_encode($back, \JSON_THROW_ON_ERROR));
        $docket = $this->get(Dockets::class)->numbered($docket->number());
        $said = $this->ask('POST', '/api/set', [
            'docket' => $docket->number(),
            'roster' => $names,
            'setting' => ['setSize' => 'box', 'setWide' => 'wide'],
        ]);
        self::assertSame('setWide', $said['fields'][0]['field']);

        $saved = $this->ask('PUT', "/api/dockets/{$docket->number()}/design", [
            'version' => $docket->version(),
            'words' => 'x',
            'roster' => $roster,
            'face' => 'bebas',
            'proof' => true,
        ]);
        self::assertSame(200, $this->status, json_encode($saved, \JSON_THROW_ON_ERROR));
        $parts = $saved['proofs'][1]['pages'][0]['art']['parts'];
        self::assertSame([['Ada'], ['Zoë'], ['Mary-Anne', 'Penhallow'], ['Adda']], array_column($parts, 'lines'));
        $docket = $this->get(Dockets::class)->numbered($docket->number());
        $this->approve($docket, 2, 'the office');
        self::assertCount(8, $docket->pieces());
        self::assertSame(
            ['Ada', 'Ada', 'Zoë', 'Zoë'],
            array_map(static fn ($piece): string => $piece->drawn()->label(), \array_slice($docket->pieces(), 0, 4)),
        );
        self::assertNotEquals($this->region($docket->pieces()[0]), $this->region($docket->pieces()[2]));
        self::assertCount(
            8,
            array_filter(
                $this->get(Pieces::class)->at([PieceState::Waiting], 99),
                static fn ($piece): bool => $piece->docket() === $docket,
            ),
        );
    }

    public function testAWrongNameIsSaidWithItsLine(): void
    {
        $docket = $this->taken();
        $problem = $this->ask('POST', '/api/set', [
            'docket' => $docket->number(),
            'roster' => "Ada\nZoë 🙂",
            'face' => 'bebas',
        ]);
        self::assertSame('roster', $problem['fields'][0]['field']);
        self::assertStringContainsString('Line 2', $problem['fields'][0]['says']);
        $this->assertProblem(
            422,
            'some other kind of file',
            $this->ask('POST', '/api/roster', ['base64' => base64_encode("\0\1\2")]),
        );
    }

    /** Each layer is cut from its own film, in one register, and joined at the bench. */
    public function testLayersOfOtherFilmsAreCutAndJoined(): void
    {
        $cream = new FilmOnShelf(Film::Cast, 'cream', '#f0e3c2');
        $this->records->persist($cream);
        $this->records->flush();
        $docket = $this->taken('Kestrel', 1);
        $setting = ['offset' => '2mm', 'offsetFilm' => (string) $cream->id()];
        $this->ask('PUT', "/api/dockets/{$docket->number()}/design", [
            'version' => $docket->version(),
            'words' => 'Kestrel',
            'face' => 'bebas',
            'setting' => $setting,
            'proof' => true,
        ]);
        self::assertSame(200, $this->status);
        $docket = $this->get(Dockets::class)->numbered($docket->number());
        $this->approve($docket, 1, 'Osric');
        [$letters, $rim] = $docket->pieces();
        self::assertSame([$docket->tag().'/1', $docket->tag().'/1b'], [$letters->tag(), $rim->tag()]);
        self::assertSame([$this->navy->id(), $cream->id()], [$letters->film()->id(), $rim->film()->id()]);
        self::assertEqualsWithDelta(2000, $this->region($letters)->box()->left - $this->region($rim)->box()->left, 12);
        self::assertStringContainsString(
            $rim->tag(),
            $this->get(WorkPlans::class)->of($letters->thing())->keyed()['join-layer']->title,
        );
        self::assertStringContainsString(
            $letters->tag(),
            $this->get(WorkPlans::class)->of($rim->thing())->keyed()['lay-under/b']->title,
        );
    }

    /** What is told of each layer is its own, and the film is that of all. */
    public function testEveryLayerIsToldByItself(): void
    {
        $docket = $this->order(['surface' => 'rectangle', 'width' => '180mm', 'height' => '90mm']);
        $drawing = ['docket' => $docket->number(), 'words' => 'Kestrel', 'face' => 'fredoka', 'capHeight' => '20mm'];
        $one = $this->ask('POST', '/api/fit', $drawing);
        $rim = ['setting' => ['offset' => '2mm', 'offsetFilm' => (string) $this->navy->id()]];
        $two = $this->ask('POST', '/api/fit', [...$drawing, ...$rim]);
        [$letters, $under] = $two['film']['layers'];
        self::assertSame($one['film']['area'], $one['film']['layers'][0]['area']);
        self::assertSame($one['film']['layers'][0]['area'], $letters['area']);
        self::assertEqualsWithDelta($two['film']['area'], $letters['area'] + $under['area'], 0.05);
        self::assertEqualsWithDelta($letters['size']['width']['mm'] + 4, $under['size']['width']['mm'], 0.1);
        self::assertSame($two['place']['size'], $under['size']);
        $minutes = fn (array $more): float => $this->ask('POST', '/api/check', [...$drawing, ...$more])['weeding'];
        self::assertGreaterThan($minutes([]) + 0.3, $minutes($rim), 'a second layer is weeded too');
    }

    /** Cures of a set help every member, and are tried on it as a whole. */
    public function testASetHasItsMinutesItsNotesAndCuresOfItsOwn(): void
    {
        $black = new FilmOnShelf(Film::Permanent, 'black', '#101010');
        $this->records->persist($black);
        $this->records->flush();
        $docket = $this->order([
            'words' => '',
            'roster' => "Ada\nBartholomew\nCass\nEugenia",
            'surface' => 'rectangle',
            'width' => '90mm',
            'height' => '40mm',
        ]);
        $set = [
            'docket' => $docket->number(),
            'roster' => "Ada\nBartholomew\nCass\nEugenia",
            'face' => 'bebas',
            'film' => (string) $black->id(),
        ];
        $check = $this->ask('POST', '/api/set/check', $set);
        $alone = fn (string $words): float => $this->ask('POST', '/api/check', [
            ...$set,
            'roster' => '',
            'words' => $words,
            'capHeight' => $this->ask('POST', '/api/set', $set)['capHeight']['mm'].'mm',
        ])['weeding'];
        $minutes = array_sum(array_map($alone, ['Ada', 'Bartholomew', 'Cass', 'Eugenia']));
        self::assertEqualsWithDelta($minutes, $check['weeding'], 0.05);
        self::assertContains('note', array_column($check['snags'], 'severity'), 'what the film’s colour hides');
        $taken = 0;
        foreach ($this->ask('POST', '/api/cures', $set)['snags'] as $snag) {
            foreach ($snag['cures'] as $cure) {
                $typed = array_column($cure['change']['setting'] ?? [], 'value', 'name');
                if ([] === $typed) {
                    continue;
                }
                $after = $this->ask('POST', '/api/set/check', [...$set, 'setting' => $typed]);
                $stops = array_column(
                    array_filter($after['snags'], static fn (array $one): bool => 'note' !== $one['severity']),
                    'code',
                );
                self::assertNotContains($snag['code'], $stops, $cure['says']);
                preg_match('~by ([\d.]+) mm~', $cure['says'], $told);
                self::assertSame(($told[1] ?? '').'mm', isset($told[1]) ? $typed['thicken'] : 'mm', 'told is set');
                ++$taken;
            }
        }
        self::assertGreaterThan(0, $taken);
    }

    public function testPanesGetADecalEach(): void
    {
        $docket = $this->order([
            'surface' => 'panes',
            'width' => '290mm',
            'height' => '410mm',
            'panes' => '4',
            'quantity' => '2',
        ]);
        $this->ask('PUT', "/api/dockets/{$docket->number()}/design", [
            'version' => $docket->version(),
            'words' => 'Kestrel',
            'face' => 'bebas',
            'proof' => true,
        ]);
        $docket = $this->get(Dockets::class)->numbered($docket->number());
        $this->approve($docket, 1, 'Osric');
        self::assertCount(8, $docket->pieces());
    }

    public function testWordsThatFitAtNoSizeThatCanBeCutAreSaid(): void
    {
        $docket = $this->order(['surface' => 'rectangle', 'width' => '60mm', 'height' => '40mm']);
        $fit = $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => 'Tideway Rowing Club',
            'face' => 'fredoka',
        ]);
        self::assertMatchesRegularExpression(
            '~letters have to be [\\d.]+ mm high to be cut, and these fit at [\\d.]+ mm~',
            $fit['tooLong'],
        );
        self::assertNull(
            $this->ask('POST', '/api/fit', ['docket' => $docket->number(), 'words' => 'Ada', 'face' => 'fredoka'])[
                'tooLong'
            ],
        );
    }

    public function testTheShopsOwnObjects(): void
    {
        $mug = [
            'object' => 'Mug',
            'surface' => 'cylinder',
            'circumference' => '258mm',
            'height' => '95mm',
            'keepOuts' => [['what' => 'lip']],
        ];
        $added = $this->ask('POST', '/api/objects', ['answers' => $mug]);
        self::assertSame(
            ['Mug', 'Cylinder'],
            [$added['name'], $added['kind']],
            json_encode($added, \JSON_THROW_ON_ERROR),
        );
        $problem = $this->ask('POST', '/api/objects', ['answers' => $mug]);
        self::assertSame('object', $problem['fields'][0]['field']);
        $this->assertProblem(
            422,
            'Measure it',
            $this->ask('POST', '/api/objects', [
                'answers' => ['object' => 'Tin', 'surface' => 'rectangle', 'height' => '10mm'],
            ]),
        );

        $found = $this->ask('GET', '/api/objects?find=mu')['objects'];
        self::assertSame(['Mug'], array_column($found, 'name'));
        self::assertSame('lip', $found[0]['answers']['keepOuts'][0]['what']);
        self::assertSame(
            [],
            $this->ask('GET', '/api/objects?find=%25')['objects'],
            'a per cent sign is a per cent sign',
        );

        $docket = $this->order(array_diff_key($mug, ['object' => 0]) + ['object' => 'Mug']);
        $before = $docket->item()->object()->size();
        $changed = $this->ask('PUT', "/api/objects/{$added['id']}", [
            'version' => $added['version'],
            'answers' => ['circumference' => '300mm'] + $mug,
        ]);
        self::assertSame(200, $this->status, json_encode($changed, \JSON_THROW_ON_ERROR));
        self::assertEquals(
            $before,
            $this->get(Dockets::class)->numbered($docket->number())->item()->object()->size(),
            'changing an object changes no order',
        );
        $this->assertProblem(
            409,
            'changed meanwhile',
            $this->ask('PUT', "/api/objects/{$added['id']}", ['version' => $added['version'], 'answers' => $mug]),
        );
        $this->ask('POST', "/api/objects/{$added['id']}/drop", ['version' => $changed['version']]);
        self::assertSame([], $this->ask('GET', '/api/objects?find=mug')['objects']);
        $this->assertProblem(404, 'no such object', $this->ask('GET', "/api/objects/{$added['id']}/picture"));
    }

    public function testKindsSayWhatIsMeasured(): void
    {
        $kinds = $this->ask('GET', '/api/vocabulary');
        self::assertSame(
            ['rectangle', 'ellipse', 'polygon', 'ring', 'outline', 'cylinder', 'taper', 'ball', 'panes', 'panel'],
            array_column($kinds['kinds'], 'kind'),
        );
        self::assertSame(['upper', 'lower', 'slant'], array_column($kinds['kinds'][6]['lengths'], 'name'));
        self::assertSame(15.0, (float) array_column($kinds['keepOuts'], 'margin', 'what')['lip']['mm']);
        self::assertContains('fabric', array_column($kinds['materials'], 'value'));
    }

    public function testTheFirstSizeIsInTheMiddleAndALargerOneIsOfferedBesideIt(): void
    {
        $docket = $this->order(
            ['surface' => 'ellipse', 'width' => '96mm', 'height' => '96mm', 'words' => "Ada\nBartholomew"],
        );
        $typed = ['docket' => $docket->number(), 'words' => "Ada\nBartholomew", 'face' => 'oswald'];
        $fit = $this->ask('POST', '/api/fit', $typed);
        self::assertEqualsWithDelta(0, $fit['place']['across']['mm'], 0.002);
        self::assertEqualsWithDelta(0, $fit['place']['down']['mm'], 0.002);
        self::assertSame(0.0, fmod(round(1000 * $fit['lettering']['capHeight']['mm']), 100), 'told in tenths');
        $elsewhere = $this->ask('POST', '/api/check', $typed)['elsewhere'];
        self::assertGreaterThan($fit['lettering']['capHeight']['mm'], $elsewhere['capHeight']['mm']);
        self::assertGreaterThan(2, $elsewhere['more']);
        $there = [
            'capHeight' => "{$elsewhere['capHeight']['mm']}mm",
            'left' => "{$elsewhere['left']['mm']}mm",
            'top' => "{$elsewhere['top']['mm']}mm",
        ];
        self::assertTrue($this->ask('POST', '/api/fit', $typed + $there)['place']['inside']);
        self::assertNull($this->ask('POST', '/api/check', $typed + $there)['elsewhere'], 'its place was chosen');
    }

    /** What is told fits as it is told, in either system. */
    public function testALimitHoldsWhereItIsTypedAgain(): void
    {
        foreach ([[181, 93], [137, 61], [300, 40], [77, 77]] as [$width, $height]) {
            $docket = $this->order(['surface' => 'rectangle', 'width' => "{$width}mm", 'height' => "{$height}mm"]);
            $typed = ['docket' => $docket->number(), 'words' => 'Kestrel', 'face' => 'lobster'];
            $largest = $this->ask('POST', '/api/fit', $typed + ['capHeight' => '300mm'])['lettering']['largest'];
            foreach (["{$largest['metric']}mm", "{$largest['imperial']}\""] as $told) {
                self::assertTrue(
                    $this->ask('POST', '/api/fit', $typed + ['capHeight' => $told])['place']['inside'],
                    $told,
                );
            }
            $check = $this->ask('POST', '/api/check', $typed + ['capHeight' => '300mm']);
            $outside = array_column($check['snags'], null, 'code')['outside-safe-area'];
            self::assertStringContainsString("{$largest['metric']} mm", json_encode($outside, \JSON_THROW_ON_ERROR));
        }
    }

    public function testSoWideOrSoHighOverAll(): void
    {
        $docket = $this->order(['surface' => 'rectangle', 'width' => '300mm', 'height' => '120mm']);
        $typed = ['docket' => $docket->number(), 'words' => 'Kestrel', 'face' => 'oswald'];
        foreach (['width' => '120mm', 'height' => '1 1/2"'] as $of => $size) {
            $sized = $this->ask('POST', '/api/size', $typed + ['of' => $of, 'size' => $size]);
            $fit = $this->ask('POST', '/api/fit', $typed + ['capHeight' => "{$sized['capHeight']['mm']}mm"]);
            self::assertEqualsWithDelta('width' === $of ? 120 : 38.1, $fit['place']['size'][$of]['mm'], 0.06);
        }
        $problem = $this->ask('POST', '/api/size', $typed + ['of' => 'width', 'size' => 'wide']);
        self::assertSame(422, $this->status);
        self::assertSame('size', $problem['fields'][0]['field']);
    }

    public function testABoxOfBothIsFilledAsNearAsLettersAllow(): void
    {
        $docket = $this->order(['surface' => 'rectangle', 'width' => '300mm', 'height' => '120mm']);
        $typed = [
            'docket' => $docket->number(),
            'words' => 'Kestrel',
            'face' => 'bebas',
            'wide' => '280mm',
            'high' => '40mm',
        ];
        $offers = $this->ask('POST', '/api/box', $typed)['offers'];
        self::assertSame('bebas', $offers[0]['face'], 'the face that was chosen first');
        $left = static fn (array $offer): float => max(
            $offer['across']['mm'] / 280,
            $offer['down']['mm'] / 40,
        );
        foreach ($offers as $offer) {
            self::assertLessThanOrEqual($left($offers[0]) + 0.001, $left($offer));
            $drawn = $this->ask('POST', '/api/fit', [
                'docket' => $docket->number(),
                'words' => 'Kestrel',
                'face' => $offer['face'],
                'capHeight' => "{$offer['capHeight']['mm']}mm",
                'setting' => ['tracking' => (string) $offer['tracking'], 'condense' => (string) $offer['condense']],
            ]);
            self::assertSame($offer['size'], $drawn['place']['size'], 'what is told is what is drawn');
        }
        self::assertGreaterThan(1, \count($offers));
        $this->assertProblem(422, '', $problem = $this->ask('POST', '/api/box', [...$typed, 'high' => 'tall']));
        self::assertSame('high', $problem['fields'][0]['field']);
    }

    public function testACupKeepsItsLipClearByItself(): void
    {
        $mug = ['surface' => 'cylinder', 'circumference' => '258mm', 'height' => '95mm', 'object' => 'Enamel mug'];
        $fit = fn (Docket $docket): array => $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => 'Kestrel',
            'face' => 'oswald',
        ]);
        $kept = $fit($this->order($mug));
        self::assertGreaterThanOrEqual(15, $kept['place']['top']['mm']);
        self::assertLessThanOrEqual(86, $kept['place']['size']['width']['mm'], 'inside what is seen from the front');
        $none = $fit($this->order(['lip' => 'none'] + $mug));
        self::assertLessThan(
            $kept['place']['top']['mm'] + $kept['place']['size']['height']['mm'] / 2,
            $none['place']['top']['mm'] + $none['place']['size']['height']['mm'] / 2,
        );
        self::assertSame('', $none['surface']['keepOuts']);
        self::assertNotSame('', $kept['surface']['keepOuts']);
    }

    /** Lies flat, with snips, too large: the first two are offered with their sizes, and hold. */
    public function testOnABallThreeSizesAreOffered(): void
    {
        $docket = $this->order(['surface' => 'ball', 'diameter' => '100mm', 'words' => 'HW']);
        $typed = ['docket' => $docket->number(), 'words' => 'HW', 'face' => 'alfa-slab'];
        $first = $this->ask('POST', '/api/fit', $typed);
        $check = fn (string $height): array => $this->ask('POST', '/api/check', [...$typed, 'capHeight' => $height]);
        $sizes = $check('')['onBall'];
        self::assertSame($first['lettering']['capHeight']['mm'], $sizes['flat']['mm'], 'the first size lies flat');
        self::assertGreaterThan(1.2 * $sizes['flat']['mm'], $sizes['snips']['mm']);
        $strain = static fn (array $of): array => array_column($of['snags'], 'severity', 'code');
        self::assertArrayNotHasKey('ball-strain', $strain($check("{$sizes['flat']['mm']}mm")));
        self::assertSame('warn', $strain($check("{$sizes['snips']['mm']}mm"))['ball-strain']);
        self::assertSame('stop', $strain($check(1.02 * $sizes['snips']['mm'].'mm'))['ball-strain']);
        $flat = $this->order(['surface' => 'rectangle', 'width' => '100mm', 'height' => '50mm']);
        self::assertNull($this->ask('POST', '/api/check', [...$typed, 'docket' => $flat->number()])['onBall']);
    }

    public function testAVehicleStartsAtWhatPeoplePutOnACar(): void
    {
        $docket = $this->order(['surface' => 'panel', 'width' => '900mm', 'height' => '400mm', 'useOf' => 'vehicle']);
        $typed = ['docket' => $docket->number(), 'words' => 'Kestrel', 'face' => 'alfa-slab'];
        $fit = $this->ask('POST', '/api/fit', $typed);
        self::assertGreaterThanOrEqual(127, $fit['place']['size']['width']['mm']);
        self::assertLessThanOrEqual(152, $fit['place']['size']['width']['mm']);
        self::assertGreaterThan(100, $fit['lettering']['largest']['mm'], 'larger when they ask for it');
    }

    /** Of a plate of 200 × 100 mm: 3 mm, 5, 10 or none stay clear. */
    public function testRoomToTheEdgeIsAMatterOfTaste(): void
    {
        $wanted = [
            ['close', '', 3],
            ['usual', '', 5],
            ['airy', '', 10],
            ['edge', '', 0],
            ['gap', '', 1.5],
            // Film goes over the edge, letters stay on the front.
            ['over', '', 5],
            ['over', 'knockout', -5],
        ];
        foreach ($wanted as [$taste, $arrangement, $clear]) {
            $plate = ['surface' => 'rectangle', 'width' => '200mm', 'height' => '100mm', 'allowance' => $taste];
            $fit = $this->ask('POST', '/api/fit', [
                'docket' => $this->order($plate)->number(),
                'words' => 'Kestrel',
                'face' => 'oswald',
                'setting' => ['arrangement' => $arrangement, 'shape' => '' === $arrangement ? '' : 'rectangle'],
            ]);
            self::assertEquals($clear, $fit['surface']['clearance']['mm'], $taste);
            self::assertEqualsWithDelta(200 - 2 * $clear, $fit['place']['size']['width']['mm'], 0.4);
            self::assertTrue($fit['place']['inside'], $taste);
        }
    }
}
