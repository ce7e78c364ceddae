<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Trade\Film\Film;

/**
 * Orders of every kind from the first answer to the hand-over; the pages they are typed into are tried in the browser.
 */
final class WholeOrdersTest extends WebCase
{
    use OrderWalk;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /**
     * From a proof that is made to delivered: as many pieces in as many films as were said yes to.
     *
     * @param list<string> $films in any order, by name
     */
    private function assertMade(int $number, int $pieces, array $films): void
    {
        $quote = $this->mustAsk('GET', "/api/dockets/$number/quote")['quote'];
        $agreed = $this->agreed($number);
        $this->assertAllIsCharged($quote, $agreed);
        $named = array_map(static fn (array $piece): string => $piece['film']['name'], $agreed['pieces']);
        self::assertSame($pieces, \count($named));
        self::assertEqualsCanonicalizing($films, array_values(array_unique($named)));
        $this->weeded($number);
        $done = $this->delivered($number);
        self::assertSame(['done', $pieces], [$done['state'], \count($done['pieces'])]);
        self::assertSame([null], array_values(array_unique(array_column($done['pieces'], 'station'))));
    }

    /**
     * What is charged is what the yes makes: each film once, a load and a test cut for each, every piece weeded.
     *
     * @param array<string, mixed> $quote
     * @param array<string, mixed> $agreed the docket
     */
    private function assertAllIsCharged(array $quote, array $agreed): void
    {
        $lines = array_column($quote['lines'], 'says', 'what');
        $films = array_values(
            array_unique(array_map(static fn (array $piece): string => $piece['film']['name'], $agreed['pieces'])),
        );
        self::assertEqualsCanonicalizing($films, array_values(array_intersect(array_keys($lines), $films)));
        $many = \count($films);
        self::assertStringContainsString(1 === $many ? 'one film' : "$many films", $lines['Cutting']);
        $minutes = 0.0;
        $way = 0.0;
        foreach ($agreed['pieces'] as $piece) {
            $weeding = $this->get(PieceWeeding::class)->weeding($this->get(Pieces::class)->piece($piece['id']));
            $minutes += $weeding->minutes;
            $way += $weeding->outline() / 1000;
        }
        // For many some minutes are not charged.
        self::assertEqualsWithDelta(
            $minutes,
            self::figure('~([\d.]+) min~', $lines['Weeding']),
            max(0.1, 0.12 * $minutes),
            'minutes of weeding',
        );
        // What the steps of each thing will tell is what the bench is charged.
        $bench = 0.0;
        foreach ($this->get(Dockets::class)->numbered($agreed['number'])->things() as $thing) {
            $bench += $this->get(WorkPlans::class)->of($thing)->benchMinutes();
        }
        self::assertEqualsWithDelta(
            $bench,
            self::figure('~([\d.]+) min~', $lines['Tape and apply']),
            max(0.1, 0.12 * $bench),
            'minutes at the bench',
        );
        self::assertEqualsWithDelta(
            $way,
            self::figure('~and ([\d.]+) m of blade~', $lines['Cutting']),
            0.06 + 0.01 * $way,
            'metres of the knife',
        );
    }

    private static function figure(string $pattern, string $says): float
    {
        self::assertSame(1, preg_match($pattern, $says, $found), $says);

        return (float) ($found[1] ?? 0);
    }

    public function testANoticeBoardASquareADiscAndWordsInPatternedFilmWithARim(): void
    {
        [$tartan, $white] = [$this->shelved(Film::Patterned, 'lock tartan'), $this->shelved(Film::Permanent, 'chalk')];
        $number = $this->asked([
            'words' => "Band\nNotices",
            'object' => 'Notice board',
            'width' => '600mm',
            'height' => '300mm',
            'useOf' => 'indoor',
            'film' => $tartan,
        ])['number'];
        $made = $this->sized($number, [
            'words' => "Band\nNotices",
            'capHeight' => '60mm',
            'setting' => ['offset' => '3mm', 'offsetFilm' => $white],
            'elements' => [
                [
                    'kind' => 'shape',
                    'what' => 'rectangle',
                    'wide' => '60mm',
                    'high' => '60mm',
                    'left' => '30mm',
                    'film' => $white,
                ],
                [
                    'kind' => 'shape',
                    'what' => 'disc',
                    'wide' => '60mm',
                    'high' => '60mm',
                    'left' => '510mm',
                    'film' => $white,
                ],
            ],
            'proof' => true,
        ]);
        self::assertSame(
            ['Patterned, lock tartan', 'Permanent, chalk'],
            array_column($made['proofs'][0]['pages'][0]['art']['films'], 'name'),
        );
        $this->assertMade($number, 2, ['Patterned, lock tartan', 'Permanent, chalk']);
    }

    public function testWordsBesideTheWordsWithARimAndALayerOfTheirOwn(): void
    {
        [$teal, $brick] = [$this->shelved(Film::Permanent, 'teal'), $this->shelved(Film::Permanent, 'brick')];
        $white = $this->shelved(Film::Permanent, 'white');
        $number = $this->asked([
            'words' => 'Heron',
            'object' => 'Tool chest',
            'width' => '500mm',
            'height' => '200mm',
            'useOf' => 'indoor',
            'film' => $teal,
        ])['number'];
        $initial = [
            'kind' => 'words',
            'words' => 'H',
            'high' => '80mm',
            'left' => '30mm',
            'offset' => '4mm',
            'offsetFilm' => $brick,
            'base' => '9mm',
            'baseFilm' => $white,
        ];
        $design = [
            'words' => 'Heron',
            'capHeight' => '50mm',
            'left' => '220mm',
            'top' => '75mm',
            'elements' => [$initial],
        ];
        $on = ['docket' => $number, 'item' => 1, 'face' => 'oswald'];
        self::assertSame([], array_column($this->mustAsk('POST', '/api/check', $on + $design)['snags'], 'code'));
        foreach (['base' => '3mm', 'offsetFilm' => ''] as $field => $wrong) {
            $refused = $this->ask('POST', '/api/fit', ['elements' => [[$field => $wrong] + $initial]] + $on + $design);
            self::assertSame(["elements.0.$field"], array_column($refused['fields'], 'field'));
        }
        $this->sized($number, $design + ['proof' => true]);
        // The initial lies on its two layers, and is cut with the words beside it: a piece of each film.
        $this->assertMade($number, 3, ['Permanent, teal', 'Permanent, brick', 'Permanent, white']);
    }

    public function testAToolChestAnInitialANameOverItAndDotsInThreeFilmsBetweenTwoLatches(): void
    {
        [$teal, $brick] = [$this->shelved(Film::Permanent, 'teal'), $this->shelved(Film::Permanent, 'brick')];
        $white = $this->shelved(Film::Permanent, 'white');
        $number = $this->asked([
            'words' => 'Heron',
            'object' => 'Tool chest',
            'width' => '420mm',
            'height' => '200mm',
            'useOf' => 'indoor',
            'film' => $teal,
            'keepOuts' => [
                ['what' => 'hinge', 'x' => '40mm', 'y' => '100mm', 'width' => '30mm', 'height' => '50mm'],
                ['what' => 'hinge', 'x' => '380mm', 'y' => '100mm', 'width' => '30mm', 'height' => '50mm'],
            ],
        ])['number'];
        $elements = [['kind' => 'words', 'words' => 'H', 'high' => '140mm', 'film' => $brick, 'under' => 'yes']];
        foreach ([['12mm', '100mm'], ['9mm', '84mm'], ['6mm', '72mm']] as [$size, $left]) {
            $elements[] = [
                'kind' => 'shape',
                'what' => 'disc',
                'high' => $size,
                'wide' => $size,
                'left' => $left,
                'film' => $white,
            ];
        }
        $this->sized($number, ['words' => 'Heron', 'capHeight' => '36mm', 'elements' => $elements, 'proof' => true]);
        $this->assertMade($number, 3, ['Permanent, teal', 'Permanent, brick', 'Permanent, white']);
    }

    public function testANameOnEachOfEightCupsEachItsOwnSizeAndFilm(): void
    {
        $films = array_map(
            fn (string $colour): string => $this->shelved(Film::Permanent, $colour),
            ['sage', 'oxide red', 'black', 'white'],
        );
        $cup = [
            'object' => 'Enamel cup',
            'surface' => 'cylinder',
            'circumference' => '258mm',
            'height' => '80mm',
            'material' => 'smooth',
            'useOf' => 'washed',
        ];
        $names = ['Ada', 'Barnaby', 'Cass', 'Delphine', 'Ebba', 'Finlo', 'Gwenifer', 'Hal'];
        $items = [];
        foreach ($names as $nth => $name) {
            $items[] = ['words' => $name, 'film' => $films[$nth % 4]] + $cup;
        }
        $number = $this->asked($items[0], \array_slice($items, 1))['number'];
        foreach ($names as $nth => $name) {
            $this->sized($number, ['words' => $name, 'face' => 'anton', 'proof' => 7 === $nth], $nth + 1);
        }
        $this->assertMade(
            $number,
            8,
            ['Permanent, sage', 'Permanent, oxide red', 'Permanent, black', 'Permanent, white'],
        );
    }

    public function testSixDrawerFrontsFourDrawingsInSixFilms(): void
    {
        $colours = ['plum', 'slate', 'rust', 'fern', 'sand', 'ink'];
        $films = array_map(fn (string $colour): string => $this->shelved(Film::Permanent, $colour), $colours);
        $front = ['object' => 'Drawer front', 'width' => '180mm', 'height' => '90mm', 'useOf' => 'indoor'];
        $words = ['Boats', 'Bells', 'Leaves', 'Wheels', 'Rope', 'Twine'];
        $items = [];
        foreach ($words as $nth => $word) {
            $items[] = ['words' => $word, 'film' => $films[$nth]] + $front;
        }
        $number = $this->asked($items[0], \array_slice($items, 1))['number'];
        $drawings = [
            [['#a02020', 'M6 26h46l-8 10H14z'], ['#204080', 'M26 4h4v20h-4z M32 6l14 18H32z']],
            [['#b08020', 'M18 30h24l-4-6V14l-4-6h-8l-4 6v10z']],
            [['#206040', 'M8 34C8 12 26 6 50 6 50 26 36 36 8 34z']],
            [['#404040', 'M30 4a16 16 0 1 0 .1 0z M30 12a8 8 0 1 1 -.1 0z']],
        ];
        foreach ($words as $nth => $word) {
            $design = ['words' => $word, 'proof' => 5 === $nth];
            if (isset($drawings[$nth])) {
                $paths = array_map(
                    static fn (array $path): string => "<path fill='$path[0]' d='$path[1]'/>",
                    $drawings[$nth],
                );
                $svg = '<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="40mm" viewBox="0 0 60 '
                    .'40">'.implode('', $paths).'</svg>';
                $art = $this->bring($number, $svg);
                $layers = array_map(
                    static fn (array $path, int $at): array => [
                        'colour' => $path[0],
                        'film' => 1 === $at ? $films[4] : '',
                        'out' => '',
                    ],
                    $drawings[$nth],
                    array_keys($drawings[$nth]),
                );
                $design += ['art' => ['id' => $art['id'], 'layers' => $layers], 'capHeight' => '60mm'];
            }
            $this->sized($number, $design, $nth + 1);
        }
        $named = array_map(static fn (string $colour): string => "Permanent, $colour", $colours);
        $this->assertMade($number, 7, $named);
    }

    public function testABandOfCutOutWordsRoundAnOvalBadge(): void
    {
        $number = $this->asked([
            'words' => "MILL\nHILL",
            'object' => 'Flask',
            'surface' => 'ring',
            'width' => '86mm',
            'height' => '80mm',
            'innerWidth' => '60mm',
            'innerHeight' => '54mm',
            'allowance' => 'close',
            'useOf' => 'indoor',
            'film' => $this->shelved(Film::Permanent, 'kelp'),
        ])['number'];
        $made = $this->sized($number, [
            'words' => "MILL\nHILL",
            'face' => 'krona',
            'setting' => ['arrangement' => 'knockout', 'shape' => 'band'],
            'proof' => true,
        ]);
        // Letters of some 0.7 of a band of 13 mm.
        self::assertGreaterThan(5, $made['proofs'][0]['pages'][0]['art']['capHeight']['mm']);
        $this->assertMade($number, 1, ['Permanent, kelp']);
    }

    public function testEightPanesOfLatticeInClingToTheEdge(): void
    {
        $number = $this->asked([
            'words' => 'Closed',
            'object' => 'Notice pane',
            'surface' => 'panes',
            'panes' => '8',
            'width' => '180mm',
            'height' => '140mm',
            'material' => 'glass',
            'useOf' => 'indoor',
            'allowance' => 'edge',
            'film' => $this->shelved(Film::Cling, 'smoke'),
        ])['number'];
        $this->sized($number, [
            'words' => 'Closed',
            'capHeight' => '26mm',
            'elements' => [
                ['kind' => 'pattern', 'what' => 'lattice', 'pitch' => '30mm', 'spot' => '5mm', 'gap' => '5mm'],
            ],
            'proof' => true,
        ]);
        $this->assertMade($number, 8, ['Cling, smoke']);
    }

    public function testALogoTracedFromAPictureGoesOntoABin(): void
    {
        $number = $this->asked([
            'words' => 'Bin mark',
            'object' => 'Wheelie bin',
            'width' => '400mm',
            'height' => '300mm',
            'useOf' => 'outdoor',
            'film' => $this->shelved(Film::Permanent, 'moss'),
        ])['number'];
        $image = imagecreatetruecolor(400, 300);
        imagefill($image, 0, 0, 0xFFFFFF);
        imagefilledellipse($image, 200, 150, 256, 256, 0x2F3D20);
        imagefilledellipse($image, 200, 150, 184, 184, 0xFFFFFF);
        imagefilledellipse($image, 200, 150, 128, 80, 0xC58A1A);
        $traced = $this->send('/api/art/trace', self::written($image));
        self::assertCount(2, $traced['layers'], json_encode($traced, \JSON_THROW_ON_ERROR));
        $art = $this->bring($number, $traced['svg'], 'mark.svg');
        $this->sized($number, [
            'words' => 'Bin mark',
            'capHeight' => '150mm',
            'art' => ['id' => $art['id'], 'layers' => array_map(
                static fn (array $layer): array => ['colour' => $layer['colour'], 'film' => '', 'out' => ''],
                $art['layers'],
            )],
            'proof' => true,
        ]);
        $this->assertMade($number, 1, ['Permanent, moss']);
    }

    public function testWordsAllRoundATumblerMeetEvenly(): void
    {
        $line = 'Fresh herbs fresh air';
        $tumbler = [
            'words' => $line,
            'object' => 'Tumbler',
            'surface' => 'taper',
            'upper' => '260mm',
            'lower' => '200mm',
            'slant' => '130mm',
            'useOf' => 'indoor',
        ];
        $film = $this->shelved(Film::Permanent, 'moss');
        $front = $this->asked($tumbler + ['film' => $film])['number'];
        $design = [
            'words' => $line,
            'setting' => ['arrangement' => 'all-round'],
            'proof' => true,
            'face' => 'oswald',
            'capHeight' => '',
        ];
        $refused = $this->ask('PUT', "/api/dockets/$front/design", ['version' => 1, 'item' => 1] + $design);
        self::assertSame(422, $this->status);
        self::assertStringContainsString('360', array_column($refused['fields'], 'says', 'field')['arrangement']);

        $number = $this->asked($tumbler + ['film' => $film, 'seen' => '360'])['number'];
        $fit = $this->mustAsk(
            'POST',
            '/api/fit',
            ['docket' => $number, 'item' => 1] + array_diff_key($design, ['proof' => 0]),
        );
        $this->sized($number, $design);
        // Between words and where the ends meet: what is left of the way round, shared by four.
        self::assertGreaterThan(180, $fit['place']['size']['width']['mm']);
        $this->assertMade($number, 1, ['Permanent, moss']);
    }

    public function testAPrintedStickerIsPrintedDriedCoatedAndCut(): void
    {
        $number = $this->asked([
            'words' => 'Kestrel',
            'object' => 'Lunch box',
            'width' => '200mm',
            'height' => '140mm',
            'useOf' => 'indoor',
            'film' => $this->shelved(Film::Printable, 'gloss', '#ffffff'),
        ])['number'];
        $image = imagecreatetruecolor(400, 300);
        imagefill($image, 0, 0, 0xFFFFFF);
        imagefilledellipse($image, 200, 150, 220, 220, 0x804060);
        $art = $this->send("/api/dockets/$number/picture?name=kestrel.png&high=70mm&away=3mm", self::written($image));
        self::assertSame(200, $this->status, json_encode($art, \JSON_THROW_ON_ERROR));
        $this->sized($number, [
            'words' => 'Kestrel',
            'capHeight' => '76mm',
            'art' => ['id' => $art['id'], 'layers' => [['colour' => '#000000', 'film' => '', 'out' => '']]],
            'proof' => true,
        ]);
        $says = fn (string $of): array => array_column(
            $this->mustAsk('GET', "/api/dockets/$number/quote")[$of]['lines'],
            'says',
            'what',
        );
        $ink = self::figure('~([\d.]+) m² of ink~', $says('quote')['Printing']);
        // A disc of 76 mm, and as much ink in what it cost as was quoted.
        self::assertEqualsWithDelta(\M_PI * 0.038 ** 2, $ink, 0.0006);
        $this->assertMade($number, 1, ['Printable, gloss']);
        self::assertSame($ink, self::figure('~([\d.]+) m² of ink~', $says('cost')['Printing']));
    }

    private static function written(\GdImage $image): string
    {
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
