<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Bench\Materials;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\Supply;
use Yelbo\Shop\Stock\SupplyShelf;
use Yelbo\Trade\Film\Film;

final class OrderTest extends WebCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /** @return array<string, string> */
    private function typed(string ...$changed): array
    {
        /** @var array<string, string> $typed */
        $typed = [...$this->answers()->toArray(), ...$changed];

        return $typed;
    }

    public function testAnOrderFromAskToTheYes(): void
    {
        $docket = $this->ask('POST', '/api/dockets', ['answers' => $this->typed(), 'take' => true]);
        self::assertSame(200, $this->status);
        self::assertSame(['sizing', 'size', 'Kestrel'], [$docket['state'], $docket['station'], $docket['label']]);
        $fit = $this->ask('POST', '/api/fit', ['docket' => $docket['number'], 'words' => 'Kestrel', 'face' => 'bebas']);
        self::assertTrue($fit['place']['inside']);
        self::assertEqualsWithDelta($fit['lettering']['capHeight']['mm'], $fit['lettering']['largest']['mm'], 0.001);
        $path = '/api/dockets/'.$docket['number'];
        $proofed = $this->ask('PUT', "$path/design", [
            'version' => $docket['version'],
            'words' => 'Kestrel',
            'face' => 'bebas',
            'capHeight' => '30mm',
            'proof' => true,
        ]);
        self::assertSame('proofing', $proofed['state']);
        self::assertSame('30', $proofed['proofs'][0]['pages'][0]['art']['capHeight']['metric']);
        $this->assertProblem(
            422,
            'Who says yes',
            $this->ask('POST', "$path/approve", ['version' => $proofed['version'], 'proof' => 1, 'by' => ' ']),
        );
        $approved = $this->ask('POST', "$path/approve", [
            'version' => $proofed['version'],
            'proof' => 1,
            'by' => 'Osric Tamblyn',
        ]);
        self::assertSame(['making', 'batch'], [$approved['state'], $approved['station']]);
        self::assertCount(2, $approved['pieces']);
        self::assertSame('Ines', $approved['log'][0]['who']);
        $late = $this->ask('POST', "$path/approve", [
            'version' => $proofed['version'],
            'proof' => 1,
            'by' => 'Osric Tamblyn',
        ]);
        $this->assertProblem(409, 'changed meanwhile by Ines', $late);
    }

    public function testWrongAnswersComeBackAtTheirFieldsAndNothingIsStored(): void
    {
        $before = \count($this->ask('GET', '/api/dockets')['dockets']);
        $problem = $this->ask('POST', '/api/dockets', [
            'answers' => $this->typed(width: 'wide', quantity: '0'),
            'take' => true,
        ]);
        $this->assertProblem(422, 'another look', $problem);
        self::assertEqualsCanonicalizing(['width', 'quantity'], array_column($problem['fields'], 'field'));
        self::assertCount($before, $this->ask('GET', '/api/dockets')['dockets']);
    }

    public function testWhatWasTypedIsKeptAsItWasTyped(): void
    {
        $docket = $this->ask('POST', '/api/dockets', [
            'answers' => $this->typed(width: 'about a foot'),
            'take' => false,
        ]);
        self::assertSame('asking', $docket['state']);
        self::assertSame('about a foot', $docket['items'][0]['answers']['width']);
        $taken = $this->ask('PUT', "/api/dockets/{$docket['number']}/answers", [
            'version' => $docket['version'],
            'answers' => $this->typed(width: '1\' 1/2"'),
            'take' => true,
        ]);
        self::assertSame('sizing', $taken['state']);
        self::assertEqualsWithDelta(317.5, $taken['items'][0]['object']['size']['width']['mm'], 0.001);
        self::assertSame('12 1/2', $taken['items'][0]['object']['size']['width']['imperial']);
    }

    public function testAnswersComeLive(): void
    {
        $some = $this->ask('POST', '/api/answers', $this->typed(customer: '', neededOn: '2026-11-25'));
        self::assertSame(200, $this->status);
        self::assertSame(['customer'], array_column($some['wrong'], 'field'));
        self::assertNotNull($some['fit']);
        self::assertFalse($some['promised']['inTime']);
        self::assertTrue(
            $this->ask('POST', '/api/answers', $this->typed(neededOn: '2026-11-30'))['promised']['inTime'],
        );
        $bare = $this->ask('POST', '/api/answers', ['words' => 'Kestrel']);
        self::assertNull($bare['fit']);
        $undrawable = $this->ask('POST', '/api/answers', $this->typed(words: 'Ж🙂'));
        self::assertStringContainsString('🙂', implode(' ', array_column($undrawable['wrong'], 'says')));
    }

    /** Film, tape and blanks for the whole order, and off the shelf when they are used. */
    public function testEnoughIsToldAtAskAndBookedWhenUsed(): void
    {
        $tape = new Supply(Supply::TAPE, 'Clear, medium tack', 300_000, 2000, 'rack');
        $tin = new Supply(Supply::BLANK, 'Seed tin', null, 3, 'B1');
        $this->get(SupplyShelf::class)->keep($tape);
        $this->get(SupplyShelf::class)->keep($tin);
        $typed = [
            'customer' => 'Osric Tamblyn',
            'words' => 'Kestrel',
            'object' => 'Seed tin',
            'width' => '180mm',
            'height' => '90mm',
            'film' => (string) $this->navy->id(),
            'quantity' => '2',
            'neededOn' => '2026-12-05',
            'blank' => (string) $tin->id(),
        ];
        $enough = $this->ask('POST', '/api/answers', $typed)['enough'];
        self::assertGreaterThan(0, $enough['films'][0]['needed']);
        self::assertSame(
            ['Seed tin', 2.0, 3.0, true],
            array_values(array_diff_key($enough['blanks'][0], ['unit' => 0])),
        );
        self::assertTrue($enough['tapes'][0]['roll']['isEnough']);
        $many = $this->ask('POST', '/api/answers', [...$typed, 'quantity' => '60'])['enough'];
        self::assertFalse($many['blanks'][0]['isEnough']);
        self::assertFalse($many['tapes'][0]['roll']['isEnough']);
        self::assertEqualsWithDelta(
            30 * $enough['tapes'][0]['roll']['needed'],
            $many['tapes'][0]['roll']['needed'],
            0.3,
        );
        self::assertGreaterThan(15 * $enough['films'][0]['needed'], $many['films'][0]['needed']);
        $glitter = new FilmOnShelf(Film::Glitter, 'copper', '#b87333');
        $this->records->persist($glitter);
        $this->records->flush();
        $none = $this->ask('POST', '/api/answers', [...$typed, 'film' => (string) $glitter->id()])['enough'];
        self::assertSame([null, 'strong clear tape'], [$none['tapes'][0]['roll'], $none['tapes'][0]['kind']]);
        self::assertGreaterThan(0, $none['films'][0]['buy'], 'there is no such film on the shelf');

        // The whole order: what is alike is counted together, what cannot be drawn yet is said.
        $whole = $this->ask('POST', '/api/answers', [
            ...$typed,
            'others' => [$typed, [...$typed, 'film' => (string) $glitter->id()], [...$typed, 'words' => '']],
        ])['enough'];
        self::assertSame(
            ['Permanent, navy', 'Glitter, copper'],
            array_column($whole['films'], 'name'),
        );
        self::assertSame([6.0, 1], [$whole['blanks'][0]['needed'] + 0.0, $whole['untold']]);
        self::assertGreaterThan(1.5 * $enough['films'][0]['needed'], $whole['films'][0]['needed']);
        self::assertSame($none['films'][0]['needed'], $whole['films'][1]['needed']);
        self::assertEqualsWithDelta(
            2 * $enough['tapes'][0]['roll']['needed'],
            $whole['tapes'][0]['roll']['needed'],
            0.02,
        );

        $docket = $this->get(TakeOrder::class)->begin(new TypedOrder(Answers::fromKept($typed)), true);
        $this->ask('PUT', "/api/dockets/{$docket->number()}/design", [
            'version' => $docket->version(),
            'words' => 'Kestrel',
            'face' => 'bebas',
            'proof' => true,
        ]);
        $docket = $this->get(Dockets::class)->numbered($docket->number());
        $this->approve($docket, 1, 'Osric');
        $piece = $docket->pieces()[0];
        $this->get(Materials::class)->book($piece->thing());
        self::assertSame(2, $this->get(Shelf::class)->supply($tin->id())->amount());
        $left = $this->get(Shelf::class)->supply($tape->id())->amount();
        self::assertEqualsWithDelta(
            $piece->drawn()->size()->height->toMillimetres() + 16,
            2000 - $left,
            1,
            'off a wide roll',
        );
    }

    /** How old the paint is is asked: film waits for it, and what was said of paint in general is not said any more. */
    public function testFilmWaitsForPaint(): void
    {
        $typed = [
            'words' => 'Kestrel',
            'object' => 'Notice board',
            'width' => '300mm',
            'height' => '150mm',
            'film' => (string) $this->navy->id(),
            'material' => 'painted',
            'quantity' => '1',
            'neededOn' => '2026-11-28',
        ];
        $of = static fn (array $heard): array => array_values(
            array_intersect(array_column($heard['check']['snags'], 'code'), ['film-and-surface', 'wet-paint']),
        );
        $unknown = $this->ask('POST', '/api/answers', $typed);
        self::assertSame(['film-and-surface'], $of($unknown));
        $old = $this->ask('POST', '/api/answers', [...$typed, 'paintedOn' => '2026-11-01']);
        self::assertSame([], $of($old));
        self::assertSame($unknown['promised']['readyAt'], $old['promised']['readyAt']);
        $wet = $this->ask('POST', '/api/answers', [...$typed, 'paintedOn' => '2026-11-25']);
        self::assertSame(['wet-paint'], $of($wet));
        // Painted on the 25th by six in the evening, twelve hours, three days on its object: a Sunday, so Monday.
        self::assertStringStartsWith('2026-11-30T09', $wet['promised']['readyAt']);
        self::assertSame([true, false], [$old['promised']['inTime'], $wet['promised']['inTime']]);
        $wrong = $this->ask('POST', '/api/answers', [...$typed, 'paintedOn' => 'last week']);
        self::assertContains('paintedOn', array_column($wrong['wrong'], 'field'));

        $docket = $this->get(TakeOrder::class)->begin(
            new TypedOrder(
                Answers::fromKept(
                    [
                        ...$typed,
                        'paintedOn' => '2026-11-10',
                        'appliedBy' => 'shop',
                        'customer' => 'Osric',
                    ] + $this->answers()->toArray(),
                ),
            ),
            true,
        );
        $this->draw($docket, new Design('bebas'));
        $this->approve($docket);
        $piece = $docket->pieces()[0];
        $clean = fn (): string => $this->get(WorkPlans::class)->of($piece->thing())->keyed()['clean']->how;
        self::assertStringContainsString('dry cloth only', $clean());
        $this->clock->modify('+30 days');
        self::assertStringContainsString('alcohol only where', $clean());
    }

    public function testBadSizesAtSizeAreSaidAtTheirField(): void
    {
        $docket = $this->taken();
        foreach (['tall' => 'not a length', '0' => '0.5 mm', '40 m' => '20 m'] as $typed => $says) {
            $problem = $this->ask('POST', '/api/fit', [
                'docket' => $docket->number(),
                'words' => 'Kestrel',
                'face' => 'bebas',
                'capHeight' => (string) $typed,
            ]);
            $this->assertProblem(422, $says, $problem);
            self::assertSame('capHeight', $problem['fields'][0]['field']);
        }
        $problem = $this->ask('POST', '/api/fit', ['docket' => $docket->number(), 'words' => ' ', 'face' => 'bebas']);
        self::assertSame('words', $problem['fields'][0]['field']);
    }

    public function testSnagsComeWithTheirPlaceAndCures(): void
    {
        $docket = $this->taken();
        $check = $this->ask('POST', '/api/check', [
            'docket' => $docket->number(),
            'words' => 'Kestrel',
            'face' => 'great-vibes',
            'capHeight' => '20mm',
        ]);
        self::assertContains('thin-stroke', array_column($check['snags'], 'code'));
        $thin = array_values(
            array_filter($check['snags'], static fn (array $snag): bool => 'thin-stroke' === $snag['code']),
        );
        self::assertCount(1, $thin, 'one kind is told once');
        self::assertSame($thin[0]['count'], \count($thin[0]['spots']));
        self::assertGreaterThan(0, $thin[0]['spots'][0]['x']);
        self::assertGreaterThan(0, $check['weeding']);
        $outside = $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => 'Kestrel',
            'face' => 'bebas',
            'left' => '150mm',
            'top' => '-20mm',
        ]);
        self::assertFalse($outside['place']['inside']);
        self::assertSame([150.0, -20.0], [$outside['place']['left']['mm'], $outside['place']['top']['mm']]);
    }

    public function testAFilmsMakerIsObeyedEverywhere(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        $made = fn (string $colour, string $thinnest, string $outdoors): int => array_column(
            $this->ask('POST', '/api/stock/films', [
                'grade' => 'permanent',
                'colour' => $colour,
                'swatch' => '#224466',
                'thinnest' => $thinnest,
                'outdoors' => $outdoors,
            ])['films'],
            'id',
            'colour',
        )[$colour];
        $plain = $made('slate', '', '');
        $strict = $made('sea', '4mm', '0');
        $drawing = static fn (int $film): array => [
            'docket' => $docket->number(),
            'words' => 'Kestrel',
            'face' => 'bebas',
            'capHeight' => '20mm',
            'film' => (string) $film,
        ];
        $codes = fn (int $film): array => array_column(
            $this->ask('POST', '/api/check', $drawing($film))['snags'],
            'code',
        );
        self::assertNotContains('thin-stroke', $codes($plain));
        self::assertContains('thin-stroke', $codes($strict), 'lines of bebas at 20 mm are thinner than 4 mm');
        self::assertStringContainsString(
            'indoors only',
            $this->ask('POST', '/api/fit', $drawing($strict))['film']['life'],
        );
        $margins = fn (int $film): array => array_column(
            $this->ask('POST', '/api/samples', $drawing($film))['samples'],
            'margin',
            'face',
        );
        [$on, $under] = [$margins($plain), $margins($strict)];
        foreach ($on as $face => $margin) {
            self::assertLessThanOrEqual($margin, $under[$face], $face);
        }
        self::assertLessThan(array_sum($on), array_sum($under));
        $stops = fn (int $film): array => array_column(
            $this->ask('POST', '/api/set/check', [
                'docket' => $docket->number(),
                'roster' => "Ada\nCass",
                'face' => 'bebas',
                'capHeight' => '20mm',
                'film' => (string) $film,
            ])['snags'],
            'code',
        );
        self::assertSame([[], ['thin-stroke', 'indoors-only']], [$stops($plain), $stops($strict)]);
        $problem = $this->ask('POST', '/api/stock/films', [
            'grade' => 'permanent',
            'colour' => 'mist',
            'swatch' => '#224466',
            'thinnest' => 'hair',
            'outdoors' => 'long',
        ]);
        self::assertSame(['thinnest', 'outdoors'], array_column($problem['fields'], 'field'));
    }

    public function testWordsInEveryFaceTheCuttableFirst(): void
    {
        $docket = $this->taken();
        $samples = $this->ask('POST', '/api/samples', [
            'docket' => $docket->number(),
            'words' => 'Kestrel',
            'face' => '',
        ])['samples'];
        self::assertCount(\count($this->ask('GET', '/api/vocabulary')['faces']), $samples);
        $able = array_column($samples, 'canBeCut');
        $sorted = $able;
        rsort($sorted);
        self::assertSame($sorted, $able);
        self::assertTrue($samples[0]['canBeCut']);
        self::assertFalse($samples[\count($samples) - 1]['canBeCut']);
        self::assertMatchesRegularExpression(
            '~too thin|get lost|cannot be weeded~',
            $samples[\count($samples) - 1]['says'],
        );
        self::assertLessThan(1, $samples[\count($samples) - 1]['margin']);
    }

    public function testTheLineCountsDocketsWhereTheyStand(): void
    {
        $this->taken();
        $this->approved('Damson');
        $line = $this->ask('GET', '/api/line')['stations'];
        self::assertSame(
            ['ask', 'size', 'proof', 'batch', 'cut', 'weed', 'apply', 'send'],
            array_column($line, 'station'),
        );
        self::assertSame(
            [0, 1, 0, 1, 0, 0, 0, 0],
            array_map(static fn (array $stop): int => \count($stop['waiting']), $line),
        );
        self::assertSame(0, $line[1]['late']);
        $this->clock->modify('2026-12-03 09:00');
        $this->as('ines');
        self::assertSame(1, $this->ask('GET', '/api/line')['stations'][1]['late'], 'it can no longer rest in time');
        self::assertSame('Damson', $this->ask('GET', '/api/dockets?find=dams')['dockets'][0]['label']);
        self::assertCount(1, $this->ask('GET', '/api/dockets?station=size')['dockets']);
    }

    public function testTheOwnersFiguresCountFromThenOn(): void
    {
        $docket = $this->taken();
        $before = $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => 'Kestrel',
            'face' => 'bebas',
        ]);
        $this->assertProblem(422, 'Write a figure', $this->ask('PUT', '/api/rules/clearance', ['value' => 'wide']));
        $this->assertProblem(422, 'from 0 to 40', $this->ask('PUT', '/api/rules/clearance', ['value' => '95']));
        $rules = $this->ask('PUT', '/api/rules/clearance', ['value' => '10']);
        self::assertSame(10.0, array_column($rules['rules'], 'value', 'rule')['clearance']);
        self::ensureKernelShutdown();
        $this->browser = self::createClient();
        $this->as('ines');
        $after = $this->ask('POST', '/api/fit', [
            'docket' => $docket->number(),
            'words' => 'Kestrel',
            'face' => 'bebas',
        ]);
        self::assertLessThan($before['lettering']['largest']['mm'], $after['lettering']['largest']['mm']);
        $book = $this->ask('GET', '/api/book')['lines'];
        self::assertStringContainsString('5 → 10 %', $book[0]['says']);
    }

    /** What is wrong in a list stands at its row before it is taken: signs no face has, no letter, twice, too long. */
    public function testAListIsToldRowByRow(): void
    {
        $typed = [
            'words' => '',
            'roster' => "Ada\nCass 🎉\nEbba\n— —\nada\nHal\nBartholomew Penhallow of the Wharf\nJory",
        ] + $this->answers()->toArray();
        $heard = $this->ask('POST', '/api/answers', $typed);
        self::assertSame(
            [2, 4, 5, 7],
            array_column($heard['rows'], 'row'),
            json_encode($heard['rows'], \JSON_THROW_ON_ERROR),
        );
        self::assertSame([true, true, false, false], array_column($heard['rows'], 'stops'));
        self::assertStringContainsString('“🎉”', $heard['rows'][0]['says']);
        self::assertStringContainsString('no letter', $heard['rows'][1]['says']);
        self::assertStringContainsString('Like row 1', $heard['rows'][2]['says']);
        $refused = $this->ask('POST', '/api/dockets', ['take' => true, 'answers' => $typed]);
        self::assertStringContainsString('Row 2', array_column($refused['fields'], 'says', 'field')['roster'] ?? '');
        $clean = $this->ask('POST', '/api/answers', ['roster' => "Ada\nCass\nEbba"] + $typed);
        self::assertSame([], $clean['rows']);
        self::assertNotNull($clean['quote'], 'with a price');
    }
}
