<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;

/** Orders without words: shapes, patterns, drawings alone, from the first answer to the hand-over. */
final class WordlessTest extends WebCase
{
    use OrderWalk;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /** @return array<string, array{string, string}> what it is of, and what it is called */
    public static function motifs(): array
    {
        return [
            'a star' => ['star', 'Star'],
            'a ring' => ['ring', 'Ring'],
            'a rule' => ['line', 'Rule'],
            'stripes' => ['stripes', 'Stripes'],
            'a lattice' => ['lattice', 'Lattice'],
        ];
    }

    #[DataProvider('motifs')]
    public function testItGoesAllTheWay(string $motif, string $called): void
    {
        $film = $this->shelved(Film::Permanent, 'sage');
        $asked = $this->pane($film, $motif);
        $told = $this->mustAsk('POST', '/api/answers', $asked);
        self::assertSame($called, $told['motif']);
        self::assertSame([], array_intersect(['words', 'motif'], array_column($told['wrong'], 'field')));
        self::assertGreaterThan(0, $told['quote']['total']['minor']);

        $docket = $this->asked($asked);
        self::assertSame($called, $docket['items'][0]['label']);
        self::assertSame([], $docket['items'][0]['words']);
        $quote = $this->mustAsk('GET', "/api/dockets/{$docket['number']}/quote")['quote'];
        $made = $this->sized($docket['number'], $this->typed($docket) + ['proof' => true]);
        $page = $made['proofs'][0]['pages'][0];
        self::assertSame($called, $page['terms']['drawing']);
        self::assertSame([], $page['letters'] ?? []);
        $agreed = $this->agreed($docket['number']);
        self::assertSame([$called], array_values(array_unique(array_column($agreed['pieces'], 'label'))));
        // What is told is what is cut, here as everywhere.
        $minutes = array_sum(array_map(
            fn (array $piece): float => $this->get(PieceWeeding::class)
                ->weeding($this->get(Pieces::class)->piece($piece['id']))
                ->minutes,
            $agreed['pieces'],
        ));
        $says = array_column($quote['lines'], 'says', 'what')['Weeding'];
        self::assertSame(1, preg_match('~([\d.]+) min~', $says, $found), $says);
        self::assertEqualsWithDelta($minutes, (float) $found[1], max(0.1, 0.12 * $minutes));
        $this->weeded($docket['number']);
        self::assertSame('done', $this->delivered($docket['number'])['state']);
    }

    public function testAPatternInAFrameIsOnePieceOfFilmToTheEdgeOfWhatIsSafe(): void
    {
        $docket = $this->asked($this->pane($this->shelved(Film::Permanent, 'sage'), 'lattice'));
        $typed = $this->typed($docket);
        $typed['motif'] = ['frame' => '12mm', 'pitch' => '50mm', 'spot' => '8mm'] + $typed['motif'];
        $fit = $this->mustAsk('POST', '/api/fit', ['docket' => $docket['number'], 'item' => 1] + $typed);
        // One outline and its openings: nothing of it hangs in the air.
        self::assertSame(1, substr_count($fit['film']['layers'][0]['path'], 'M') - \count(self::holes($fit)));
        $alone = $this->mustAsk('POST', '/api/fit', [
            'docket' => $docket['number'],
            'item' => 1,
            'motif' => ['frame' => ''] + $typed['motif'],
        ] + $typed);
        self::assertEqualsWithDelta($fit['place']['size']['width']['mm'], $alone['place']['size']['width']['mm'], 0.01);
        self::assertGreaterThan($alone['film']['area'], $fit['film']['area']);
    }

    public function testAPatternPartsForWhatLiesInItAndLiesUnderWhatIsLaidOverIt(): void
    {
        $docket = $this->asked($this->pane($this->shelved(Film::Permanent, 'sage'), 'lattice'));
        $navy = $this->shelved(Film::Permanent, 'navy');
        $typed = $this->typed($docket);
        $typed['motif'] = ['pitch' => '40mm', 'spot' => '6mm', 'gap' => '5mm'] + $typed['motif'];
        $disc = [
            'kind' => 'shape', 'what' => 'disc', 'wide' => '90mm', 'high' => '90mm', 'film' => $navy,
        ];
        $fit = fn (array $elements): array => $this->mustAsk(
            'POST',
            '/api/fit',
            ['docket' => $docket['number'], 'item' => 1, 'elements' => $elements] + $typed,
        );
        $alone = $fit([]);
        $parted = $fit([$disc]);
        self::assertLessThan(
            SvgPath::read($alone['film']['path'])->area(),
            SvgPath::read($parted['film']['path'])->area(),
        );
        $there = static fn (string $path, array $at): Region => SvgPath::read($path)->moved(
            (int) round(1000 * $at['left']['mm']),
            (int) round(1000 * $at['top']['mm']),
        );
        $pattern = $there($parted['film']['path'], $parted['place']);
        $round = $there($parted['film']['elements'][0]['films'][0]['path'], $parted['film']['elements'][0]);
        self::assertGreaterThanOrEqual(5000 - 10, Geos::distance($pattern, $round));
        // Laid over it, it lies on whole film.
        self::assertSame($alone['film']['path'], $fit([['over' => 'yes'] + $disc])['film']['path']);
        $made = $this->sized($docket['number'], ['elements' => [$disc], 'proof' => true] + $typed);
        self::assertNotSame([], $made['proofs']);
        $pieces = $this->agreed($docket['number'])['pieces'];
        self::assertCount(4, $pieces, 'two panes, a pattern and a disc in each');
    }

    public function testAShapeIsAsLargeAsItCanBeUnlessASizeIsTyped(): void
    {
        $docket = $this->asked($this->pane($this->shelved(Film::Permanent, 'sage'), 'rectangle'));
        $typed = $this->typed($docket);
        $fit = fn (array $motif, string $height = ''): array => $this->mustAsk('POST', '/api/fit', [
            'docket' => $docket['number'],
            'item' => 1,
            'motif' => $motif + $typed['motif'],
            'capHeight' => $height,
        ] + $typed);
        $size = static fn (array $fit): array => [
            $fit['place']['size']['width']['mm'],
            $fit['place']['size']['height']['mm'],
        ];
        $largest = $size($fit([]));
        self::assertSame($largest[0], $largest[1]);
        self::assertSame([150.0, 90.0], array_map(floatval(...), $size($fit(['wide' => '150mm', 'high' => '90mm']))));
        // Made larger and smaller it keeps its proportions.
        self::assertEqualsWithDelta(
            [75.0, 45.0],
            $size($fit(['wide' => '150mm', 'high' => '90mm'], '45mm')),
            0.01,
        );
    }

    public function testWhatCannotBeStandsAtItsOwnFigureAtSizeAndAtTheChoiceAtAsk(): void
    {
        $film = $this->shelved(Film::Permanent, 'sage');
        $docket = $this->asked($this->pane($film, 'dots'));
        $on = ['docket' => $docket['number'], 'item' => 1];
        $dots = $this->typed($docket)['motif'];
        foreach ([['pitch' => '2mm', 'spot' => '1mm'], ['pitch' => '5mm', 'spot' => '6mm']] as $fine) {
            $refused = $this->ask('POST', '/api/fit', ['motif' => $fine + $dots] + $on + $this->typed($docket));
            self::assertSame(['motif.pitch'], array_column($refused['fields'], 'field'));
        }
        $ring = [
            'what' => 'ring',
            'kind' => 'shape',
            'wide' => '50mm',
            'high' => '50mm',
            'innerWide' => '60mm',
        ] + $dots;
        $refused = $this->ask('POST', '/api/fit', ['motif' => $ring] + $on + $this->typed($docket));
        self::assertSame(['motif'], array_column($refused['fields'], 'field'));
        // A pane too small for any dot: said where it was chosen.
        $told = $this->mustAsk(
            'POST',
            '/api/answers',
            ['width' => '12mm', 'height' => '9mm'] + $this->pane($film, 'lattice'),
        );
        self::assertSame([], array_intersect(['words'], array_column($told['wrong'], 'field')));
    }

    public function testADrawingThatIsStillToComeHasAPriceAndNoProof(): void
    {
        $docket = $this->asked($this->pane($this->shelved(Film::Permanent, 'sage'), 'drawing'));
        self::assertSame('Drawing', $docket['items'][0]['label']);
        $path = "/api/dockets/{$docket['number']}/design";
        $body = ['version' => $docket['version'], 'item' => 1, 'proof' => true] + $this->typed($docket);
        $this->assertRefused(
            'PUT',
            $path,
            $body,
            ['art' => 'The drawing is still to come: bring it, or choose a shape instead.'],
        );
    }

    public function testWordsStayAskedForWhereNothingStandsInTheirPlace(): void
    {
        $film = $this->shelved(Film::Permanent, 'sage');
        $who = [
            'customer' => 'Bellwether Brass',
            'neededOn' => $this->clock->now()->modify('+9 days')->format('Y-m-d'),
        ];
        $this->assertRefused('POST', '/api/dockets', [
            'take' => true,
            'answers' => $this->pane($film, '') + $who,
            'others' => [],
        ], [
            'words' => 'What words? Spell them as they should be cut, or say that there are none.',
        ]);
        $docket = $this->asked($this->pane($film, 'star'));
        $this->assertRefused(
            'PUT',
            "/api/dockets/{$docket['number']}/design",
            ['version' => $docket['version'], 'item' => 1, 'proof' => false, 'motif' => null] + $this->typed($docket),
            ['words' => 'There are no words to set. Write at least one letter, or choose what stands in their place.'],
        );
    }

    public function testWordsMayTakeItsPlaceAndBackAgain(): void
    {
        $docket = $this->asked($this->pane($this->shelved(Film::Permanent, 'sage'), 'star'));
        $typed = $this->typed($docket);
        $named = $this->sized($docket['number'], ['words' => 'Heron'] + $typed + ['proof' => false]);
        self::assertSame(['Heron', null], [$named['items'][0]['label'], $named['items'][0]['design']['motif']]);
        $back = $this->sized($docket['number'], $typed + ['proof' => false]);
        self::assertSame('Star', $back['items'][0]['label']);
    }

    /** @return array<string, string> */
    private function pane(string $film, string $motif): array
    {
        return [
            'words' => '',
            'motif' => $motif,
            'object' => 'Window pane',
            'width' => '400mm',
            'height' => '200mm',
            'useOf' => 'indoor',
            'film' => $film,
            'quantity' => '2',
        ];
    }

    /**
     * As the page would send it back.
     *
     * @param array<string, mixed> $docket
     *
     * @return array<string, mixed>
     */
    private function typed(array $docket): array
    {
        $design = $docket['items'][0]['design'];

        return ['words' => '', 'face' => $design['face'], 'motif' => $design['motif'], 'elements' => []];
    }

    /**
     * @param array<string, mixed>  $body
     * @param array<string, string> $says a sentence by its field
     */
    private function assertRefused(string $method, string $path, array $body, array $says): void
    {
        $problem = $this->ask($method, $path, $body);
        $this->assertProblem(422, '', $problem);
        self::assertSame($says, array_column($problem['fields'], 'says', 'field'));
    }

    /**
     * @param array<string, mixed> $fit
     *
     * @return list<string> openings of its film: outlines that run the other way round
     */
    private static function holes(array $fit): array
    {
        $rings = array_filter(explode('M', $fit['film']['layers'][0]['path']));

        return array_values(array_filter($rings, static function (string $ring): bool {
            preg_match_all('~(-?[\d.]+)[ ,](-?[\d.]+)~', $ring, $found, \PREG_SET_ORDER);
            $area = 0.0;
            foreach ($found as $nth => [, $x, $y]) {
                [, $toX, $toY] = $found[($nth + 1) % \count($found)];
                $area += (float) $x * (float) $toY - (float) $toX * (float) $y;
            }

            return $area < 0;
        }));
    }
}
