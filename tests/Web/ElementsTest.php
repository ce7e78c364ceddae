<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\PieceMove;

/** Several things on one object: drawn together, placed by figures, checked against each other, cut film by film. */
final class ElementsTest extends WebCase
{
    private int $number = 0;
    private int $version = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
        $docket = $this->ask('POST', '/api/dockets', [
            'answers' => [
                'words' => 'Heron',
                'object' => 'Tool chest lid',
                'width' => '400mm',
                'height' => '200mm',
                'quantity' => '1',
            ] + $this->answers()->toArray(),
            'take' => true,
        ]);
        [$this->number, $this->version] = [$docket['number'], $docket['version']];
    }

    /**
     * @param list<array<string, mixed>> $elements
     *
     * @return array<string, mixed>
     */
    private function body(array $elements): array
    {
        return [
            'docket' => $this->number,
            'words' => 'Heron',
            'face' => 'oswald',
            'capHeight' => '40mm',
            'elements' => $elements,
        ];
    }

    private function film(string $name): string
    {
        $film = new FilmOnShelf(Film::Permanent, $name, '#882222');
        $this->records->persist($film);
        $this->records->flush();

        return (string) $film->id();
    }

    /**
     * @param list<array<string, mixed>> $elements
     *
     * @return list<array{string, int}> the code of each snag that is about an element, and which one
     */
    private function found(array $elements): array
    {
        return array_map(
            static fn (array $snag): array => [$snag['code'], $snag['element']],
            array_values(
                array_filter(
                    $this->ask('POST', '/api/check', $this->body($elements))['snags'],
                    static fn (array $snag): bool => null !== $snag['element'],
                ),
            ),
        );
    }

    public function testEachIsLaidAtItsSizeInItsPlace(): void
    {
        $fit = $this->ask('POST', '/api/fit', $this->body([
            ['kind' => 'words', 'words' => 'H', 'high' => '120mm', 'under' => 'yes'],
            ['kind' => 'shape', 'what' => 'star', 'high' => '30mm', 'left' => '12mm', 'top' => '14mm'],
            ['kind' => 'pattern', 'what' => 'dots', 'pitch' => '16mm', 'spot' => '6mm', 'gap' => '5mm'],
        ]));
        self::assertSame(200, $this->status, json_encode($fit, \JSON_THROW_ON_ERROR));
        [$letter, $star, $dots] = $fit['film']['elements'];
        self::assertEqualsWithDelta(120, $letter['size']['height']['mm'], 0.2);
        self::assertEqualsWithDelta(0, $letter['across']['mm'], 0.01, 'in the middle where nothing is typed');
        self::assertEqualsWithDelta(0, $letter['down']['mm'], 0.01);
        self::assertSame([12.0, 14.0], [(float) $star['left']['mm'], (float) $star['top']['mm']]);
        self::assertEqualsWithDelta(400 - 12 - 30, $star['right']['mm'], 0.01);
        self::assertSame([true, false], [$letter['under'], $star['under']]);
        // The pattern keeps clear of all that lies in it.
        $pattern = SvgPath::read($dots['films'][0]['path'])->moved(
            (int) round(1000 * $dots['left']['mm']),
            (int) round(1000 * $dots['top']['mm']),
        );
        $path = static fn (array $element): array => [...$element, 'path' => $element['films'][0]['path']];
        foreach ([
            $path($letter),
            $path($star),
            ['path' => $fit['film']['path'], 'left' => $fit['place']['left'], 'top' => $fit['place']['top']],
        ] as $other) {
            $there = SvgPath::read($other['path'])->moved(
                (int) round(1000 * $other['left']['mm']),
                (int) round(1000 * $other['top']['mm']),
            );
            self::assertGreaterThan(4_900, Geos::distance($pattern, $there));
        }
    }

    public function testAnElementIsPlacedFromEdgesTheMiddleAndItsNeighbours(): void
    {
        $elements = [
            ['kind' => 'shape', 'what' => 'disc', 'high' => '20mm', 'left' => '30mm', 'top' => '30mm'],
            ['kind' => 'shape', 'what' => 'ring', 'high' => '40mm', 'left' => '300mm', 'top' => '30mm'],
        ];
        $at = fn (string $from, string $distance): array => $this->ask('POST', '/api/place', [
            ...$this->body($elements),
            'from' => $from,
            'distance' => $distance,
            'element' => 0,
        ]);
        self::assertEqualsWithDelta(400 - 20 - 15, $at('right', '15mm')['left']['mm'], 0.001);
        self::assertEqualsWithDelta(100 - 10, $at('down', '0')['top']['mm'], 0.001);
        $fit = $this->ask('POST', '/api/fit', $this->body($elements));
        self::assertSame(['the words', 'ring'], array_column($fit['film']['elements'][0]['features'], 'label'));
        self::assertEqualsWithDelta(
            320 - 10,
            $at('across/1', '0')['left']['mm'],
            0.001,
            'under the middle of the ring',
        );
        $between = $at('between/0/1', '0');
        $words = $fit['place']['left']['mm'] + $fit['place']['size']['width']['mm'] / 2;
        self::assertEqualsWithDelta(($words + 320) / 2 - 10, $between['left']['mm'], 0.01, 'between both');
        self::assertSame('element', $this->ask('POST', '/api/place', [
            ...$this->body($elements),
            'from' => 'left',
            'distance' => '0',
            'element' => 7,
        ])['fields'][0]['field'] ?? '');
    }

    public function testTheyAreCheckedAgainstEachOther(): void
    {
        $red = $this->film('red');
        $found = $this->found(...);
        $disc = ['kind' => 'shape', 'what' => 'disc', 'high' => '60mm', 'film' => $red];
        self::assertSame([['elements-overlap', 0]], $found([$disc]), 'it lies on the words');
        self::assertSame([], $found([['over' => 'yes'] + $disc]), 'on purpose');
        self::assertSame([], $found([['under' => 'yes'] + $disc]), 'under them');
        self::assertSame([['outside-safe-area', 0]], $found([['left' => '0', 'top' => '0'] + $disc]));
        self::assertSame(
            [['small-island', 0]],
            $found([['high' => '1.5mm', 'left' => '20mm', 'top' => '20mm'] + $disc]),
            'each by itself too',
        );
        $stack = [];
        foreach (['ochre', 'cream', 'green'] as $nth => $name) {
            $stack[] = [
                'kind' => 'shape',
                'what' => 'disc',
                'high' => (80 - 10 * $nth).'mm',
                'film' => $this->film($name),
                'under' => 'yes',
                'over' => 'yes',
            ];
        }
        self::assertSame([['too-many-films', -1]], $found($stack), 'three under the words are four');
    }

    public function testOneFilmIsOnePieceAndSeveralAreAnAssembly(): void
    {
        $red = $this->film('red');
        $made = $this->ask('PUT', "/api/dockets/$this->number/design", [
            'version' => $this->version,
            ...array_diff_key(
                $this->body([
                    ['kind' => 'shape', 'what' => 'disc', 'high' => '60mm', 'film' => $red, 'under' => 'yes'],
                    ['kind' => 'shape', 'what' => 'star', 'high' => '20mm', 'left' => '20mm', 'top' => '20mm'],
                    [
                        'kind' => 'shape',
                        'what' => 'star',
                        'high' => '20mm',
                        'left' => '360mm',
                        'top' => '20mm',
                        'film' => $red,
                    ],
                ]),
                ['docket' => 0],
            ),
            'proof' => true,
        ]);
        self::assertSame(200, $this->status, json_encode($made, \JSON_THROW_ON_ERROR));
        $page = $made['proofs'][0]['pages'][0];
        self::assertSame(
            ['Permanent, navy', 'Permanent, red'],
            array_column($page['art']['films'], 'name'),
            'a film, a piece',
        );
        self::assertSame('disc', $made['items'][0]['elements'][0]['what'], 'kept as typed');
        $docket = $this->get(Dockets::class)->numbered($this->number);
        $this->approve($docket);
        [$top, $under] = $docket->pieces();
        self::assertCount(2, $docket->pieces());
        self::assertEqualsCanonicalizing([$top, $under], $top->together());
        self::assertSame([$top, $under], $under->joined(), 'the disc lies under the words');
        $regions = array_map(
            fn (Piece $piece) => $this->get(Outlines::class)->region($piece->drawn()->outline()),
            [$top, $under],
        );
        self::assertSame(6, \count($regions[0]->pieces()), 'five letters and a star');
        self::assertSame(2, \count($regions[1]->pieces()), 'a disc and a star');

        // Nothing of it goes on before all of it is weeded.
        foreach ([PieceMove::Batch, PieceMove::StartCut, PieceMove::CutDone, PieceMove::Weeded] as $move) {
            $top->move($move, $this->clock->now());
        }
        foreach ([PieceMove::Batch, PieceMove::StartCut, PieceMove::CutDone] as $move) {
            $under->move($move, $this->clock->now());
        }
        $this->records->flush();
        $thing = $top->thing();
        $tick = fn (string ...$done): array => $this->ask('PUT', "/api/things/{$thing->id()}/steps", [
            'version' => $this->ask('GET', "/api/things/{$thing->id()}/steps")['thing']['version'],
            'done' => $done,
        ]);
        $readied = $tick('burnish');
        self::assertSame([$under->tag()], $readied['thing']['missing'], 'its own film is readied meanwhile');
        $all = array_column($readied['steps'], 'name');
        $this->assertProblem(422, "{$under->tag()} is not that far: it is weeding", $tick(...$all));
        $move = fn (string $move): array => $this->ask('POST', "/api/things/{$thing->id()}/moves", [
            'move' => $move,
            'version' => $this->ask('GET', "/api/things/{$thing->id()}/steps")['thing']['version'],
        ]);
        $this->assertProblem(422, "{$under->tag()} belongs to it", $move('applied'));
        $weeded = $this->ask('POST', "/api/pieces/{$under->id()}/moves", [
            'move' => 'weeded',
            'version' => $under->version(),
            'detail' => '',
        ]);
        self::assertSame('applying', $weeded['state'], json_encode($weeded, \JSON_THROW_ON_ERROR));
        $tick(...$all);
        $applied = $move('applied');
        self::assertSame(200, $this->status, json_encode($applied, \JSON_THROW_ON_ERROR));
        self::assertSame(
            [['curing'], 1],
            [
                array_values(array_unique(array_column($applied['films'], 'state'))),
                \count($this->ask('GET', '/api/things?station=apply')['things']),
            ],
            'one thing rests',
        );
    }

    public function testWhatTouchesNoOtherFilmIsPlacedByItself(): void
    {
        $red = $this->film('red');
        $this->ask('PUT', "/api/dockets/$this->number/design", [
            'version' => $this->version,
            ...array_diff_key(
                $this->body([
                    [
                        'kind' => 'shape',
                        'what' => 'star',
                        'high' => '20mm',
                        'left' => '20mm',
                        'top' => '30mm',
                        'film' => $red,
                    ],
                ]),
                ['docket' => 0],
            ),
            'proof' => true,
        ]);
        $docket = $this->get(Dockets::class)->numbered($this->number);
        $this->approve($docket);
        $star = array_values(array_filter(
            $docket->pieces(),
            static fn (Piece $piece): bool => 'Permanent, red' === $piece->film()->name(),
        ))[0] ?? self::fail('no star');
        $thing = $star->thing();
        $steps = $this->get(WorkPlans::class)->of($thing)->keyed();
        $name = $thing->films()->nameOf($star);
        $of = static fn (string $kind): string => $kind.('' === $name ? '' : "/$name");
        self::assertArrayNotHasKey($of('lay-under'), $steps, 'it lies under nothing');
        self::assertStringContainsString('art to left edge 20 mm', $steps[$of('position')]->how);
        self::assertStringContainsString('art to top edge 30 mm', $steps[$of('position')]->how);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function wrong(): iterable
    {
        yield 'no words' => [['kind' => 'words', 'words' => ' '], 'elements.0.words'];
        yield 'no shape' => [['kind' => 'shape', 'what' => 'blob'], 'elements.0.what'];
        yield 'no length' => [['kind' => 'shape', 'what' => 'disc', 'high' => 'tall'], 'elements.0.high'];
        yield 'inside out' => [
            ['kind' => 'shape', 'what' => 'ring', 'high' => '20mm', 'innerWide' => '30mm'],
            'elements.0',
        ];
        yield 'too fine' => [
            ['kind' => 'pattern', 'what' => 'dots', 'pitch' => '2mm', 'spot' => '1mm'],
            'elements.0.pitch',
        ];
        yield 'no kind' => [['kind' => 'picture'], 'elements.0.kind'];
        yield 'no film' => [['kind' => 'shape', 'what' => 'disc', 'film' => '9999'], 'elements.0.film'];
    }

    /** @param array<string, string> $element */
    #[DataProvider('wrong')]
    public function testWhatIsWrongStandsAtItsField(array $element, string $field): void
    {
        $problem = $this->ask('POST', '/api/fit', $this->body([$element]));
        self::assertSame(422, $this->status, json_encode($problem, \JSON_THROW_ON_ERROR));
        self::assertSame($field, $problem['fields'][0]['field']);
        self::assertNotSame('', $problem['fields'][0]['says']);
    }

    /** A drawing beside the words keeps its colours, each in its film, and its colours may touch each other. */
    public function testADrawingLiesBesideTheWordsInItsOwnFilms(): void
    {
        [$red, $blue] = [$this->film('Red'), $this->film('Blue')];
        $art = $this->bring($this->number, <<<'SVG'
            <svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="20mm" viewBox="0 0 40 20">
            <path fill="#aa2222" d="M0 10h40v10H0z"/><path fill="#2222aa" d="M0 0h20v10H0z"/></svg>
            SVG);
        $element = static fn (string $first, string $second): array => [
            'kind' => 'drawing',
            'art' => [
                'id' => $art['id'],
                'layers' => [['colour' => '#aa2222', 'film' => $first], ['colour' => '#2222aa', 'film' => $second]],
            ],
            'high' => '30mm',
            'left' => '12mm',
            'top' => '12mm',
        ];
        $fit = $this->ask('POST', '/api/fit', $this->body([$element($red, $blue)]));
        self::assertSame(200, $this->status, json_encode($fit, \JSON_THROW_ON_ERROR));
        self::assertEqualsWithDelta(60, $fit['film']['elements'][0]['size']['width']['mm'], 0.01);
        self::assertEqualsCanonicalizing(
            [(int) $red, (int) $blue],
            array_column($fit['film']['elements'][0]['films'], 'film'),
        );
        self::assertSame([], $this->found([$element($red, $blue)]));
        // One colour left out: the other alone is as high as was typed.
        $only = $this->ask('POST', '/api/fit', $this->body([$element('0', $blue)]))['film']['elements'][0];
        self::assertSame([(int) $blue], array_column($only['films'], 'film'));
        self::assertEqualsWithDelta(60, $only['size']['width']['mm'], 0.01);
        // It is cut so, and kept as it was typed.
        $docket = $this->ask('PUT', "/api/dockets/{$this->number}/design", [
            'version' => $this->version,
            'proof' => true,
            ...array_diff_key($this->body([$element($red, $blue)]), ['docket' => 0]),
        ]);
        self::assertSame(200, $this->status, json_encode($docket, \JSON_THROW_ON_ERROR));
        $kept = array_column($docket['items'][0]['elements'][0]['art']['layers'], 'film', 'colour');
        self::assertSame([$red, $blue], [$kept['#aa2222'], $kept['#2222aa']]);
        $order = $this->get(Dockets::class)->numbered($this->number);
        $this->approve($order);
        $films = array_map(static fn (Piece $piece): int => $piece->film()->id(), $order->pieces());
        self::assertContains((int) $red, $films);
        self::assertContains((int) $blue, $films);
    }

    public function testADrawingOfAnotherOrderIsRefusedAtItsElement(): void
    {
        $other = $this->taken();
        $art = $this->bring(
            $other->number(),
            '<svg xmlns="http://www.w3.org/2000/svg" width="9mm" height="9mm" viewBox="0 0 9 9"><path d="M0 '
                .'0h9v9H0z"/></svg>',
        );
        $said = $this->ask('POST', '/api/fit', $this->body([
            ['kind' => 'drawing', 'art' => ['id' => $art['id'], 'layers' => []], 'high' => '20mm'],
        ]));
        self::assertSame(422, $this->status);
        self::assertSame('elements.0.art', $said['fields'][0]['field']);
        $said = $this->ask('POST', '/api/fit', $this->body([['kind' => 'drawing']]));
        self::assertSame('elements.0.art', $said['fields'][0]['field']);
    }

    public function testPlacesInLineAreFoundAndThingsAreArranged(): void
    {
        $elements = [
            ['kind' => 'shape', 'what' => 'disc', 'high' => '20mm', 'left' => '30mm', 'top' => '20mm'],
            ['kind' => 'shape', 'what' => 'ring', 'high' => '40mm', 'left' => '300mm', 'top' => '120mm'],
            ['kind' => 'shape', 'what' => 'star', 'high' => '12mm', 'left' => '200mm', 'top' => '20mm'],
        ];
        $guides = $this->ask('POST', '/api/guides', [...$this->body($elements), 'element' => 1]);
        self::assertSame(200, $this->status, json_encode($guides, \JSON_THROW_ON_ERROR));
        $labels = array_column($guides['across'], 'label');
        self::assertContains('the middle', $labels);
        self::assertContains('the left edge of disc', $labels);
        self::assertContains('the middle of star', $labels);
        self::assertNotContains('the middle of ring', $labels, 'not with itself');
        $arranged = $this->ask('POST', '/api/arrange', [
            ...$this->body($elements),
            'picked' => [0, 1, 2],
            'how' => 'left',
        ]);
        self::assertSame(
            [30, 30, 30],
            array_map(static fn (array $at): int => (int) $at['left']['mm'], $arranged['things']),
        );
        $said = $this->ask('POST', '/api/arrange', [...$this->body($elements), 'picked' => [0], 'how' => 'left']);
        self::assertSame('how', $said['fields'][0]['field']);
        $said = $this->ask('POST', '/api/arrange', [
            ...$this->body($elements),
            'picked' => [0, 7],
            'how' => 'left',
            'gap' => 'soon',
        ]);
        self::assertSame('gap', $said['fields'][0]['field']);
    }
}
