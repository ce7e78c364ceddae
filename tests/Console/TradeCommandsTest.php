<?php

declare(strict_types=1);

namespace Yelbo\Tests\Console;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\SvgPath;

/** The console contracts, called as a script would: a document in, a document or one error line out. */
final class TradeCommandsTest extends TestCase
{
    /**
     * @param array<array-key, mixed>|string $in
     *
     * @return array{int, string, string}
     */
    private function run1(string $command, array|string $in): array
    {
        $words = explode(' ', $command);
        $process = proc_open(
            [\PHP_BINARY, \dirname(__DIR__, 2).'/bin/console', ...$words],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            null,
            [...getenv(), 'APP_ENV' => 'test', 'APP_DEBUG' => '0'],
        );
        self::assertIsResource($process);
        @fwrite($pipes[0], \is_string($in) ? $in : json_encode($in ?: new \stdClass(), \JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $error = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $error];
    }

    /**
     * @param array<array-key, mixed> $in
     *
     * @return array<array-key, mixed>
     */
    private function answer(string $command, array $in): array
    {
        [$status, $out, $error] = $this->run1($command, $in);
        self::assertSame([0, ''], [$status, $error]);
        $answer = json_decode($out, true, 32, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);

        return $answer;
    }

    public function testFaces(): void
    {
        $faces = $this->answer('trade:faces', []);
        self::assertGreaterThanOrEqual(6, \count($faces));
        self::assertSame(['slug', 'name', 'style', 'licence', 'file'], array_keys($faces[0]));
        self::assertFileExists(\dirname(__DIR__, 2).'/'.$faces[0]['file']);
    }

    public function testLetter(): void
    {
        $answer = $this->answer('trade:letter', [
            'face' => 'bebas',
            'lines' => ['BOAT'],
            'arrangement' => 'line',
            'capHeight' => 40,
            'tracking' => 0,
            'offset' => 2.5,
        ]);
        self::assertSame(['capHeight', 'xHeight', 'layers'], array_keys($answer));
        [$top, $offset] = $answer['layers'];
        self::assertSame(['role', 'path', 'box', 'keeps', 'counters', 'area'], array_keys($top));
        self::assertSame(['top', 4, 4], [$top['role'], $top['keeps'], $top['counters']]);
        self::assertSame('offset', $offset['role']);
        self::assertEqualsWithDelta($top['area'], SvgPath::read($top['path'])->area(), 0.01);
        self::assertEqualsWithDelta($top['box']['width'] + 5, $offset['box']['width'], 0.03);
    }

    public function testFit(): void
    {
        $in = [
            'object' => ['surface' => 'rectangle', 'width' => 100, 'height' => 60, 'corner' => 4],
            'lettering' => ['face' => 'oswald', 'lines' => ['Ada', 'Lovage'], 'arrangement' => 'stack'],
            'film' => 'permanent',
            'use' => 'outdoor',
        ];
        $answer = $this->answer('trade:fit', $in);
        self::assertSame(['capHeight', 'box', 'at', 'safe', 'layers', 'snags'], array_keys($answer));
        self::assertEqualsWithDelta(54, $answer['box']['height'], 0.02);
        self::assertEqualsWithDelta(94, SvgPath::read($answer['safe'])->box()->width() / 1000, 0.01);
        $checked = $this->answer('trade:fit', [...$in, 'capHeight' => 40]);
        self::assertSame(40.0, (float) $checked['capHeight']);
        self::assertContains('outside-safe-area', array_column($checked['snags'], 'code'));
        self::assertSame(
            ['code', 'severity', 'limit', 'found', 'at', 'message', 'cures'],
            array_keys($checked['snags'][0]),
        );
        $roster = [
            'object' => ['surface' => 'ellipse', 'width' => 100, 'height' => 60],
            'set' => [['Ada'], ['Bartholomew']],
            'lettering' => ['face' => 'oswald'],
        ];
        $typed = $this->answer('trade:fit', [...$roster, 'capHeight' => 30]);
        self::assertSame(30.0, (float) $typed['capHeight']);
        self::assertContains('outside-safe-area', array_column($typed['members'][1]['snags'], 'code'));
        $wide = $this->answer('trade:fit', [...$roster, 'width' => 50]);
        self::assertEqualsWithDelta(50, $wide['members'][1]['layers'][0]['box']['width'], 0.1, 'the widest');
        $set = $this->answer('trade:fit', $roster);
        self::assertSame($set['capHeight'], $set['members'][1]['alone'], 'the longest name decides');
        self::assertGreaterThan($set['capHeight'], $set['members'][0]['alone']);
    }

    /** Rows evenly spaced, the sides of a cup, level lines: figures of the contract, and what always holds. */
    public function testPlaces(): void
    {
        $row = $this->answer('trade:place', [
            'object' => ['surface' => 'rectangle', 'width' => 900, 'height' => 300],
            'art' => ['width' => 120, 'height' => 60],
            'count' => 4,
            'along' => 'width',
            'features' => [['name' => 'lamp', 'x' => 450]],
        ]);
        self::assertEquals(84, $row['gap']);
        self::assertEquals(['name' => 'lamp', 'x' => -306], $row['spots'][0]['from'][0]);
        foreach ($row['spots'] as $spot) {
            self::assertEqualsWithDelta(900, $spot['left'] + 120 + $spot['right'], 0.001);
            self::assertEquals([120, 120], [$spot['top'], $spot['bottom']]);
        }
        $cup = [
            'object' => ['surface' => 'cylinder', 'circumference' => 258, 'height' => 95],
            'art' => ['width' => 80, 'height' => 40],
            'handle' => 0,
            'hand' => 'right',
            'shows' => 'outwards',
            'top' => 25,
            'blocks' => [5, 10, 20, 50],
        ];
        $right = $this->answer('trade:place', $cup);
        self::assertEquals([['left' => 24.5, 'middle' => 64.5, 'fromHandle' => 64.5]], $right['spots']);
        self::assertEquals(['height' => 30, 'stack' => [20, 10], 'off' => 0], $right['level']);
        $left = $this->answer('trade:place', [...$cup, 'hand' => 'left', 'shows' => 'both'])['spots'];
        self::assertEquals([-64.5, 64.5], array_column($left, 'fromHandle'));
        self::assertEquals([193.5, 64.5], array_column($left, 'middle'), 'along the wall from 0 on');
        self::assertSame([], $this->answer('trade:place', array_diff_key($cup, ['handle' => 0]))['spots']);
        $taper = $this->answer('trade:place', [
            'object' => ['surface' => 'taper', 'top' => 300, 'bottom' => 200, 'slant' => 120],
            'art' => ['width' => 60, 'height' => 30],
            'top' => 30,
            'blocks' => [50, 5, 12.5],
        ])['level'];
        $lean = 100 / (2 * \M_PI);
        self::assertEqualsWithDelta(60 * sqrt(120 ** 2 - $lean ** 2) / 120, $taper['height'], 0.001, 'upright');
        self::assertEquals([50, 12.5], $taper['stack']);
        self::assertEqualsWithDelta(62.5 - $taper['height'], $taper['off'], 0.002);
        [$status, , $error] = $this->run1('trade:place', [
            'object' => ['surface' => 'rectangle', 'width' => 100, 'height' => 100],
            'art' => ['width' => 60, 'height' => 30],
            'count' => 2,
        ]);
        self::assertSame(2, $status);
        self::assertSame('/count', json_decode($error, true, 8, \JSON_THROW_ON_ERROR)['error']['at']);
    }

    /** A notice board: a square, a disc over it on purpose, words of another film that nobody said lie on top. */
    public function testSeveralElementsOnOneObject(): void
    {
        $board = ['surface' => 'rectangle', 'width' => 400, 'height' => 300];
        $shape = static fn (string $shape, int $width, int $height, string $film, array $at): array => [
            'kind' => 'shape',
            'shape' => $shape,
            'width' => $width,
            'height' => $height,
            'film' => $film,
            'at' => array_combine(['x', 'y'], $at),
        ];
        $words = static fn (string $line, array $size, string $film, array $at): array => [
            'kind' => 'words',
            'lettering' => ['face' => 'oswald', 'lines' => [$line]],
            'film' => $film,
            'at' => array_combine(['x', 'y'], $at),
        ] + $size;
        $answer = $this->answer('trade:fit', [
            'object' => $board,
            'use' => 'outdoor',
            'elements' => [
                $shape('rectangle', 120, 80, 'permanent', [100, 80]),
                $shape('disc', 40, 40, 'cast', [100, 80]) + ['over' => true],
                $words('Heron', ['capHeight' => 30], 'pearl', [150, 120]),
                $words('Wharf', ['width' => 150], 'permanent', [290, 240]),
                ['kind' => 'path', 'path' => 'M0 0H10V10H0Z', 'width' => 20, 'at' => ['x' => 390, 'y' => 30]],
                $shape('ring', 60, 50, 'permanent', [330, 100]) + ['inner' => ['width' => 50, 'height' => 40]],
            ],
        ]);
        self::assertCount(6, $answer['elements']);
        [$square, $disc, $name, $wide, $path, $ring] = $answer['elements'];
        self::assertSame([40.0, 40.0], [(float) $square['at']['left'], (float) $square['at']['top']]);
        self::assertEqualsWithDelta(80, $disc['at']['left'], 0.01);
        self::assertEqualsWithDelta(150, $name['at']['left'] + $name['box']['width'] / 2, 0.01, 'its middle');
        self::assertEqualsWithDelta(120, $name['at']['top'] + $name['box']['height'] / 2, 0.01);
        self::assertEqualsWithDelta(150, $wide['box']['width'], 0.1);
        self::assertEqualsWithDelta(20, $path['box']['height'], 0.01);
        self::assertSame(1, $ring['layers'][0]['counters']);
        $by = static fn (string $code): array => array_column(
            array_filter($answer['snags'], static fn (array $snag): bool => $code === $snag['code']),
            'element',
        );
        self::assertSame([2], $by('elements-overlap'), 'the disc lies on top on purpose');
        self::assertSame([4], $by('outside-safe-area'));
        foreach (
            [
                ['/elements/0/shape', $shape('heart', 9, 9, 'cast', [9, 9])],
                ['/elements/0/kind', ['kind' => 'photo']],
                [
                    '/elements/0/inner',
                    $shape('ring', 9, 9, 'cast', [9, 9]) + ['inner' => ['width' => 9, 'height' => 3]],
                ],
                ['/elements/0/lettering/lines/0', $words('☃', [], 'cast', [9, 9])],
                ['/elements/0/size', ['kind' => 'path', 'path' => 'M0 0H10V10H0Z', 'size' => 4]],
            ] as [$at, $element]
        ) {
            [$status, $out, $error] = $this->run1('trade:fit', ['object' => $board, 'elements' => [$element]]);
            self::assertSame([2, ''], [$status, $out]);
            self::assertSame($at, json_decode($error, true, 8, \JSON_THROW_ON_ERROR)['error']['at']);
        }
    }

    public function testFitOnEverySurface(): void
    {
        $lettering = ['face' => 'oswald', 'lines' => ['Teal']];
        foreach (
            [
                ['surface' => 'polygon', 'sides' => 6, 'width' => 115, 'height' => 100],
                [
                    'surface' => 'ring',
                    'inner' => ['width' => 40, 'height' => 40],
                    'outer' => ['width' => 120, 'height' => 120],
                ],
                [
                    'surface' => 'outline',
                    'path' => 'M10 50C10 10 60 0 100 20S190 0 190 50S140 110 100 80S10 100 10 50Z',
                ],
                ['surface' => 'cylinder', 'circumference' => 258, 'height' => 95],
                ['surface' => 'taper', 'top' => 942.5, 'bottom' => 628.3, 'slant' => 250],
                ['surface' => 'ball', 'diameter' => 150],
            ] as $object
        ) {
            $answer = $this->answer('trade:fit', ['object' => $object, 'lettering' => $lettering]);
            $art = SvgPath::read($answer['layers'][0]['path'])->moved(
                (int) round(1000 * $answer['at']['left']),
                (int) round(1000 * $answer['at']['top']),
            );
            self::assertTrue(Geos::covers(Geos::grow(SvgPath::read($answer['safe']), 4), $art), $object['surface']);
            self::assertGreaterThan(5, $answer['capHeight']);
        }
        $taper = $this->answer('trade:fit', [
            'object' => ['surface' => 'taper', 'top' => 942.5, 'bottom' => 628.3, 'slant' => 250],
            'lettering' => $lettering,
            'capHeight' => 60,
        ]);
        self::assertContains('droop', array_column($taper['snags'], 'code'));
        $ball = $this->answer('trade:fit', [
            'object' => ['surface' => 'ball', 'diameter' => 60],
            'lettering' => $lettering,
            'capHeight' => 20,
        ]);
        self::assertContains('ball-strain', array_column($ball['snags'], 'code'));
        $kept = $this->answer('trade:fit', [
            'object' => ['surface' => 'rectangle', 'width' => 100, 'height' => 60],
            'keepOuts' => ['M40 0H60V30H40Z'],
            'lettering' => $lettering,
        ]);
        $free = $this->answer('trade:fit', [
            'object' => ['surface' => 'rectangle', 'width' => 100, 'height' => 60],
            'lettering' => $lettering,
        ]);
        self::assertLessThan($free['capHeight'], $kept['capHeight']);
        self::assertContains(
            'too-large-for-machine',
            array_column(
                $this->answer('trade:fit', [
                    'object' => ['surface' => 'rectangle', 'width' => 900, 'height' => 600],
                    'lettering' => $lettering,
                ])['snags'],
                'code',
            ),
        );
    }

    public function testLetterInEveryArrangement(): void
    {
        foreach (
            [
                ['arrangement' => 'arc-up', 'lines' => ['BOAT'], 'radius' => 120],
                ['arrangement' => 'arc-down', 'lines' => ['BOAT'], 'radius' => 120],
                ['arrangement' => 'ring', 'lines' => ['BOAT', 'CLUB'], 'radius' => 80],
                ['arrangement' => 'monogram', 'lines' => ['A', 'B', 'C'], 'order' => 'couple'],
                ['arrangement' => 'initial', 'lines' => ['Boat']],
                ['arrangement' => 'knockout', 'lines' => ['BOAT'], 'shape' => 'ellipse'],
                ['arrangement' => 'stack', 'lines' => ['BO', 'AT'], 'frame' => 'double-ring'],
            ] as $set
        ) {
            $answer = $this->answer('trade:letter', ['face' => 'bebas', 'capHeight' => 40, ...$set]);
            $top = SvgPath::read($answer['layers'][0]['path']);
            self::assertCount($answer['layers'][0]['keeps'], $top->polygons, $set['arrangement']);
            self::assertSame($answer['layers'][0]['counters'], $top->holes());
        }
    }

    public function testDevelop(): void
    {
        $answer = $this->answer('trade:develop', [
            'top' => 942.5,
            'bottom' => 628.3,
            'slant' => 250,
            'baseline' => 125,
            'width' => 180,
            'path' => 'M0 0H180V40H0Z',
        ]);
        $radius = (250 * 942.5) / (942.5 - 628.3);
        self::assertEqualsWithDelta(
            [$radius, rad2deg(942.5 / $radius), ($radius - 125) * (1 - cos(180 / (2 * ($radius - 125))))],
            [$answer['apexRadius'], $answer['sweep'], $answer['droop']],
            0.001,
        );
        self::assertTrue($answer['bend']);
        $box = SvgPath::read($answer['path'])->box();
        self::assertEqualsWithDelta(40 + $answer['droop'], $box->bottom / 1000, 0.01);
        $straight = $this->answer('trade:develop', [
            'top' => 942.5,
            'bottom' => 628.3,
            'slant' => 250,
            'baseline' => 125,
            'width' => 60,
            'path' => 'M0 0H60V40H0Z',
        ]);
        self::assertFalse($straight['bend']);
        self::assertSame(60_000, SvgPath::read($straight['path'])->box()->width());
    }

    public function testNest(): void
    {
        $answer = $this->answer('trade:nest', [
            'gap' => 3,
            'edge' => 2,
            'turns' => [0, 90],
            'seconds' => 0,
            'stock' => [
                ['id' => 'off-12', 'path' => 'M0 0H100V50H50V100H0Z', 'count' => 1],
                ['id' => 'sheet', 'width' => 300, 'height' => 600, 'count' => 9],
            ],
            'pieces' => [
                ['id' => 'p1', 'path' => 'M0 0H40V40H0Z', 'count' => 4, 'turns' => [0]],
                ['id' => 'big', 'path' => 'M0 0H400V400H0Z'],
            ],
        ]);
        self::assertSame(['off-12', 'sheet'], array_column($answer['sheets'], 'stock'));
        self::assertSame(['piece', 'x', 'y', 'turn'], array_keys($answer['sheets'][0]['places'][0]));
        self::assertSame(
            [['piece' => 'big', 'count' => 1]],
            array_map(static fn (array $left): array => array_diff_key($left, ['why' => 1]), $answer['left']),
        );
        self::assertArrayHasKey('seconds', $answer);
        $still = $this->answer('trade:nest', [
            'gap' => 0,
            'edge' => 0,
            'turns' => [],
            'stock' => [['id' => 's', 'width' => 30, 'height' => 10]],
            'pieces' => [
                ['id' => 'long', 'path' => 'M0 0H30V5H0Z'],
                ['id' => 'other', 'path' => 'M0 0H30V5H0Z', 'turns' => []],
            ],
        ]);
        self::assertSame([0, 0], array_column($still['sheets'][0]['places'], 'turn'), 'no turns given are no turns');
        self::assertSame([], $still['left']);
    }

    public function testWeed(): void
    {
        $answer = $this->answer('trade:weed', ['path' => 'M0 0H20V20H0ZM5 5V15H15V5Z', 'film' => 'permanent']);
        self::assertSame(['keeps', 'waste', 'school', 'why', 'reverse', 'minutes'], array_keys($answer));
        self::assertSame([false, true], array_column($answer['waste'], 'inside'));
        self::assertEqualsWithDelta(10, $answer['waste'][1]['across'], 0.02);
    }

    /** @return iterable<string, array{string, string}> */
    public static function formats(): iterable
    {
        yield 'svg' => ['svg', '<svg'];
        yield 'hpgl' => ['hpgl', 'SP1;'];
        yield 'dxf' => ['dxf', 'AC1009'];
    }

    #[DataProvider('formats')]
    public function testCut(string $format, string $holds): void
    {
        [$status, $out] = $this->run1("trade:cut --format=$format", [
            'sheet' => ['width' => 100, 'height' => 60],
            'machine' => ['bladeOffset' => 0.25, 'overcut' => 0.5],
            'places' => [['path' => 'M0 0H20V20H0ZM5 5V15H15V5Z', 'x' => 5, 'y' => 5, 'turn' => 90]],
        ]);
        self::assertSame(0, $status);
        self::assertStringContainsString($holds, $out);
    }

    /** @return iterable<string, array{string, array<string, mixed>|string, string, string}> */
    public static function refusals(): iterable
    {
        $letter = ['face' => 'bebas', 'lines' => ['a'], 'capHeight' => 10];
        yield 'not JSON' => ['trade:letter', '{', 'not-json', ''];
        yield 'not an object' => ['trade:letter', '[1]', 'not-an-object', ''];
        yield 'an unknown key' => ['trade:letter', [...$letter, 'colour' => 'red'], 'unknown-key', '/colour'];
        yield 'a key missing' => ['trade:letter', ['face' => 'bebas', 'lines' => ['a']], 'missing', '/capHeight'];
        yield 'text for a figure' => ['trade:letter', [...$letter, 'capHeight' => '10'], 'bad-value', '/capHeight'];
        yield 'ten kilometres' => ['trade:letter', [...$letter, 'capHeight' => 10_000_000], 'bad-value', '/capHeight'];
        yield 'no such face' => ['trade:letter', [...$letter, 'face' => 'nobody'], 'unknown-face', '/face'];
        yield 'no words' => ['trade:letter', [...$letter, 'lines' => []], 'no-words', '/lines'];
        yield 'a character no face has' => [
            'trade:letter',
            [...$letter, 'lines' => ['日']],
            'missing-character',
            '/lines/0',
        ];
        yield 'a line that is no text' => ['trade:letter', [...$letter, 'lines' => ['a', 7]], 'bad-value', '/lines/1'];
        yield 'a negative width' => [
            'trade:fit',
            [
                'object' => ['surface' => 'ellipse', 'width' => -1, 'height' => 60],
                'lettering' => ['face' => 'bebas', 'lines' => ['a']],
            ],
            'bad-value',
            '/object/width',
        ];
        yield 'a corner that eats the side' => [
            'trade:fit',
            [
                'object' => ['surface' => 'rectangle', 'width' => 10, 'height' => 60, 'corner' => 6],
                'lettering' => ['face' => 'bebas', 'lines' => ['a']],
            ],
            'absurd-corner',
            '/object/corner',
        ];
        yield 'an unknown key deep inside' => [
            'trade:fit',
            [
                'object' => ['surface' => 'ellipse', 'width' => 10, 'height' => 60, 'depth' => 1],
                'lettering' => ['face' => 'bebas', 'lines' => ['a']],
            ],
            'unknown-key',
            '/object/depth',
        ];
        yield 'a badge wider than what is round it' => [
            'trade:fit',
            [
                'object' => [
                    'surface' => 'ring',
                    'inner' => ['width' => 130, 'height' => 60],
                    'outer' => ['width' => 120, 'height' => 120],
                ],
                'lettering' => ['face' => 'bebas', 'lines' => ['a']],
            ],
            'ring-inside-out',
            '/object/inner',
        ];
        yield 'a negative badge' => [
            'trade:fit',
            [
                'object' => [
                    'surface' => 'ring',
                    'inner' => ['width' => -1, 'height' => 60],
                    'outer' => ['width' => 120, 'height' => 120],
                ],
                'lettering' => ['face' => 'bebas', 'lines' => ['a']],
            ],
            'bad-value',
            '/object/inner/width',
        ];
        yield 'a taper the wrong way' => [
            'trade:fit',
            [
                'object' => ['surface' => 'taper', 'top' => 100, 'bottom' => 200, 'slant' => 90],
                'lettering' => ['face' => 'bebas', 'lines' => ['a']],
            ],
            'taper-upside-down',
            '/object/bottom',
        ];
        yield 'a taper that is none' => [
            'trade:develop',
            ['top' => 200, 'bottom' => 200, 'slant' => 90],
            'not-a-taper',
            '/bottom',
        ];
        yield 'a slant too short' => [
            'trade:develop',
            ['top' => 900, 'bottom' => 100, 'slant' => 50],
            'slant-too-short',
            '/slant',
        ];
        yield 'a baseline beyond the wall' => [
            'trade:develop',
            ['top' => 900, 'bottom' => 600, 'slant' => 250, 'baseline' => 300],
            'bad-value',
            '/baseline',
        ];
        yield 'art wider than the wall is round' => [
            'trade:develop',
            ['top' => 900, 'bottom' => 600, 'slant' => 250, 'width' => 5000],
            'wider-than-the-wall',
            '/width',
        ];
        yield 'keep-outs all over' => [
            'trade:fit',
            [
                'object' => ['surface' => 'rectangle', 'width' => 100, 'height' => 60],
                'keepOuts' => ['M-1 -1H101V61H-1Z'],
                'lettering' => ['face' => 'bebas', 'lines' => ['a']],
            ],
            'no-room',
            '/keepOuts',
        ];
        yield 'a broken keep-out' => [
            'trade:fit',
            [
                'object' => ['surface' => 'rectangle', 'width' => 100, 'height' => 60],
                'keepOuts' => ['M0 0H9V9Z', 'M0'],
                'lettering' => ['face' => 'bebas', 'lines' => ['a']],
            ],
            'unreadable-path',
            '/keepOuts/1',
        ];
        yield 'words too long' => [
            'trade:fit',
            [
                'object' => ['surface' => 'rectangle', 'width' => 20, 'height' => 20],
                'lettering' => ['face' => 'bebas', 'lines' => [str_repeat('wide ', 35)]],
            ],
            'words-too-long',
            '/lettering/lines',
        ];
        yield 'an order nobody knows' => [
            'trade:letter',
            [...$letter, 'arrangement' => 'monogram', 'order' => 'random'],
            'bad-value',
            '/order',
        ];
        yield 'a bad film' => ['trade:weed', ['path' => 'M0 0H5V5Z', 'film' => 'paper'], 'bad-value', '/film'];
        yield 'a bad path' => ['trade:weed', ['path' => 'M0 0B'], 'unreadable-path', '/path'];
        yield 'a bad path in a list' => [
            'trade:nest',
            [
                'gap' => 1,
                'edge' => 1,
                'stock' => [],
                'pieces' => [['id' => 'a', 'path' => 'M0 0H5V5Z'], ['id' => 'b', 'path' => '']],
            ],
            'unreadable-path',
            '/pieces/1/path',
        ];
        yield 'one id twice' => [
            'trade:nest',
            [
                'gap' => 1,
                'edge' => 1,
                'stock' => [],
                'pieces' => [['id' => 'a', 'path' => 'M0 0H5V5Z'], ['id' => 'a', 'path' => 'M0 0H5V5Z']],
            ],
            'bad-value',
            '/pieces/1/id',
        ];
        yield 'beyond the sheet' => [
            'trade:cut',
            ['sheet' => ['width' => 10, 'height' => 10], 'places' => [['path' => 'M0 0H20V20Z', 'x' => 0, 'y' => 0]]],
            'outside-sheet',
            '/places/0',
        ];
        yield 'a format nobody reads' => [
            'trade:cut --format=pdf',
            ['sheet' => ['width' => 10, 'height' => 10], 'places' => []],
            'unknown-format',
            '',
        ];
        yield 'far too much text' => ['trade:weed', '{"path":"'.str_repeat('M0 0', 1_400_000).'"}', 'too-much', ''];
        yield 'more points than a decal has' => [
            'trade:weed',
            ['path' => 'M0 0'.str_repeat('h1v1h-1v-1', 80_000)],
            'unreadable-path',
            '/path',
        ];
    }

    /** @param array<string, mixed>|string $in */
    #[DataProvider('refusals')]
    public function testRefusesWithOneErrorLine(string $command, array|string $in, string $code, string $at): void
    {
        [$status, $out, $error] = $this->run1($command, $in);
        self::assertSame([2, ''], [$status, $out], $error);
        $says = json_decode($error, true);
        self::assertIsArray($says, $error);
        self::assertSame([$code, $at], [$says['error']['code'], $says['error']['at']]);
        self::assertMatchesRegularExpression('~^\S.*[.]$~su', $says['error']['message'], 'a sentence');
    }
}
