<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Batches\CutSheets;
use Yelbo\Shop\Batches\Printing;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Film\Film;

/** A picture that is printed and cut round what is on it: from the file to the cutter, and nothing before its time. */
final class PrintedTest extends WebCase
{
    private FilmOnShelf $film;
    private StockItem $sheet;
    private int $number = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->film = new FilmOnShelf(Film::Printable, 'gloss white', '#ffffff');
        $this->sheet = new StockItem($this->film, StockItem::SHEET, 210_000, 297_000, 5, '2');
        $this->records->persist($this->film);
        $this->records->persist($this->sheet);
        $this->records->flush();
        $this->as('ines');
        $this->number = $this->get(TakeOrder::class)->begin(new TypedOrder(Answers::fromKept([
            'words' => 'Kestrel',
            'object' => 'Lunch box',
            'width' => '200mm',
            'height' => '150mm',
            'film' => (string) $this->film->id(),
            'useOf' => 'indoor',
            'quantity' => '2',
        ] + $this->answers()->toArray())), true)->number();
    }

    /** A disc with a bar on white, 600 × 400 pixels, what is on it 200 high. */
    private static function picture(): string
    {
        $image = imagecreatetruecolor(600, 400);
        imagefill($image, 0, 0, 0xFFFFFF);
        for ($row = 0; $row < 200; ++$row) {
            $half = (int) sqrt(100 ** 2 - ($row - 100) ** 2);
            imageline($image, 300 - $half, 100 + $row, 300 + $half, 100 + $row, 0x2040A0 + $row * 0x10000 % 0x7F0000);
        }
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    /** @return array<string, mixed> */
    private function bringPicture(string $bytes, string $high = '60mm', string $away = '3mm'): array
    {
        return $this->send(
            "/api/dockets/{$this->number}/picture?name=Kestrel&high=".rawurlencode($high).'&away='.rawurlencode($away),
            $bytes,
        );
    }

    public function testItIsCutRoundWhatIsOnItAtItsSize(): void
    {
        $art = $this->bringPicture(self::picture());
        self::assertSame(200, $this->status, json_encode($art, \JSON_THROW_ON_ERROR));
        self::assertTrue($art['printed']);
        // 60 mm of what is on it, and 3 mm all round.
        self::assertEqualsWithDelta(66, $art['size']['height']['mm'], 0.3);
        $fit = $this->ask('POST', '/api/fit', $this->body($art, '66mm'));
        self::assertSame(200, $this->status, json_encode($fit, \JSON_THROW_ON_ERROR));
        $picture = $fit['film']['layers'][0]['picture'];
        self::assertSame($art['id'], $picture['id']);
        // 0.3 mm a pixel: the picture is 180 × 120 mm, its middle that of the cut.
        self::assertEqualsWithDelta(180, $picture['at']['width'], 2);
        self::assertEqualsWithDelta(120, $picture['at']['height'], 2);
        self::assertEqualsWithDelta(
            $fit['place']['size']['width']['mm'] / 2,
            $picture['at']['left'] + $picture['at']['width'] / 2,
            0.3,
        );
        $half = $this->ask('POST', '/api/fit', $this->body($art, '33mm'))['film']['layers'][0]['picture'];
        self::assertEqualsWithDelta(90, $half['at']['width'], 1);
        self::assertSame(
            [],
            array_filter(
                $this->ask('POST', '/api/check', $this->body($art, '66mm'))['snags'],
                static fn (array $snag): bool => 'note' !== $snag['severity'],
            ),
        );
        $this->browser->request('GET', "/api/art/{$art['id']}/picture");
        self::assertStringStartsWith("\xFF\xD8", (string) $this->browser->getResponse()->getContent());
    }

    public function testWhatCannotBePrintedIsRefused(): void
    {
        $said = $this->bringPicture('no picture');
        self::assertSame([422, 'art'], [$this->status, $said['fields'][0]['field']]);
        $said = $this->bringPicture(self::picture(), 'tall');
        self::assertSame('high', $said['fields'][0]['field']);
        $said = $this->bringPicture(self::picture(), '60mm', '50mm');
        self::assertSame('away', $said['fields'][0]['field']);
        $art = $this->bringPicture(self::picture(), '250mm');
        self::assertSame(
            ['stop'],
            array_values(
                array_column(
                    array_filter(
                        $this->ask('POST', '/api/check', $this->body($art, '254mm'))['snags'],
                        static fn (array $snag): bool => 'too-large-to-print' === $snag['code'],
                    ),
                    'severity',
                ),
            ),
        );
        $navy = [...$this->body($art, '60mm'), 'film' => (string) $this->navy->id()];
        self::assertContains('not-printable', array_column($this->ask('POST', '/api/check', $navy)['snags'], 'code'));
        // Beside words it is an item of its own.
        $said = $this->ask('POST', '/api/fit', [
            'docket' => $this->number,
            'words' => 'Kestrel',
            'face' => 'oswald',
            'elements' => [['kind' => 'drawing', 'art' => ['id' => $art['id'], 'layers' => []]]],
        ]);
        self::assertSame('elements.0.art', $said['fields'][0]['field']);
    }

    public function testItIsPrintedDriedAndCoatedBeforeItIsCut(): void
    {
        $art = $this->bringPicture(self::picture());
        $docket = $this->get(Dockets::class)->numbered($this->number);
        $saved = $this->ask('PUT', "/api/dockets/{$this->number}/design", [
            'version' => $docket->version(),
            'proof' => true,
            ...array_diff_key($this->body($art, '66mm'), ['docket' => 0]),
        ]);
        self::assertSame(200, $this->status, json_encode($saved, \JSON_THROW_ON_ERROR));
        self::assertSame($art['id'], $saved['proofs'][0]['pages'][0]['art']['parts'][0]['layers'][0]['picture']['id']);
        $docket = $this->get(Dockets::class)->numbered($this->number);
        $this->approve($docket);
        $batch = $this->release(...$docket->pieces());
        $at = "/api/batches/{$batch->id()}";
        $shown = $this->ask('GET', $at);
        self::assertSame(['next' => 'print', 'coats' => 0, 'of' => 2, 'dryAt' => null], $shown['printing']);
        // Between the marks, and so nothing of it is off what the printer reaches.
        foreach ($shown['places'] as $place) {
            self::assertGreaterThanOrEqual(22.0, $place['x']);
        }
        $file = (string) $this->fetch("$at/sheet.svg");
        self::assertStringContainsString('id="print-marks"', $file);
        self::assertSame(4, substr_count($file, 'm-3 0h6'));
        self::assertSame(4, substr_count($this->fetch("$at/sheet.dxf"), 'PRINT_MARKS'));
        self::assertStringStartsWith('%PDF', $this->fetch("$at/print.pdf"));

        $cut = fn (): array => $this->ask('POST', "$at/cut", [
            'version' => $this->ask('GET', $at)['version'],
            'stock' => $this->sheet->id(),
        ]);
        $this->assertProblem(422, 'Print it first', $cut());
        $did = fn (string $what): array => $this->ask(
            'POST',
            "$at/$what",
            ['version' => $this->ask('GET', $at)['version']],
        );
        $this->assertProblem(422, 'Print it first', $did('coated'));
        self::assertSame('coat', $did('printed')['printing']['next']);
        $this->assertProblem(422, 'The print dries until 09:30', $did('coated'));
        $this->clock->modify('+30 minutes');
        self::assertSame(1, $did('coated')['printing']['coats']);
        $this->assertProblem(422, '1 of 2 clear coats', $cut());
        $this->assertProblem(422, 'dries until 09:45', $did('coated'));
        $this->clock->modify('+15 minutes');
        self::assertSame('ready', $did('coated')['printing']['next']);
        $this->assertProblem(422, 'all its clear coats', $did('coated'));
        $this->assertProblem(422, 'dries until 10:00', $cut());
        $this->clock->modify('+15 minutes');
        self::assertSame('cutting', $cut()['state']);
    }

    /** What is printed on the sheet lies where its cut does, at every turn. */
    public function testThePictureLiesInItsCut(): void
    {
        $art = $this->bringPicture(self::picture());
        $docket = $this->get(Dockets::class)->numbered($this->number);
        $this->ask('PUT', "/api/dockets/{$this->number}/design", [
            'version' => $docket->version(),
            'proof' => true,
            ...array_diff_key($this->body($art, '66mm'), ['docket' => 0]),
        ]);
        $docket = $this->get(Dockets::class)->numbered($this->number);
        $this->approve($docket);
        $batch = $this->release(...$docket->pieces());
        $sheets = $this->get(CutSheets::class);
        $cuts = array_map(
            static fn ($placed) => $sheets->box($placed),
            $sheets->contents($batch),
        );
        foreach ($this->get(Printing::class)->pictures($batch) as $nth => $picture) {
            self::assertEqualsWithDelta(($cuts[$nth]->left + $cuts[$nth]->right) / 2000, $picture['x'], 0.3);
            self::assertEqualsWithDelta(($cuts[$nth]->top + $cuts[$nth]->bottom) / 2000, $picture['y'], 0.3);
            self::assertEqualsWithDelta(180, $picture['width'], 2);
        }
    }

    /**
     * @param array<string, mixed> $art
     *
     * @return array<string, mixed>
     */
    private function body(array $art, string $high): array
    {
        return [
            'docket' => $this->number,
            'words' => 'Kestrel',
            'face' => 'oswald',
            'capHeight' => $high,
            'art' => ['id' => $art['id'], 'layers' => [['colour' => '#000000', 'film' => '', 'out' => '']]],
        ];
    }
}
