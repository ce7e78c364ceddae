<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Symfony\Component\Process\Process;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;

/** What is printed, read by other programs. */
final class PapersTest extends WebCase
{
    private function paper(string $path): string
    {
        $this->as('tomas');
        $this->browser->request('GET', $path);
        $response = $this->browser->getResponse();
        self::assertSame('application/pdf', $response->headers->get('Content-Type'), (string) $response->getContent());
        $file = sys_get_temp_dir().'/yelbo-paper-'.bin2hex(random_bytes(4)).'.pdf';
        file_put_contents($file, $response->getContent());

        return $file;
    }

    public function testTheSheetMapNamesEveryPieceItsWordsAndWhereItGoes(): void
    {
        $docket = $this->approved('Kestrel');
        $batch = $this->release(...$docket->pieces());
        $file = $this->paper("/api/batches/{$batch->id()}/map.pdf");
        $text = (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput();
        self::assertSame(2, substr_count($text, 'Kestrel'));
        foreach (
            [
                "Batch {$batch->id()}: Permanent, navy",
                "{$docket->tag()}/1",
                "{$docket->tag()}/2",
                'Osric Tamblyn: Coal hod',
                'the bar measures 50 mm',
            ] as $part
        ) {
            self::assertStringContainsString($part, $text);
        }
        $info = (new Process(['pdfinfo', $file]))->mustRun()->getOutput();
        self::assertStringContainsString('A4', $info);
        unlink($file);
    }

    public function testTapeHasALabelTooAndManyLabelsGoOnSeveralPages(): void
    {
        $this->as('ines');
        $this->ask('POST', '/api/stock/supplies', [
            'kind' => 'tape',
            'name' => 'Clear, medium',
            'width' => '200mm',
            'amount' => '40',
            'bin' => '9',
            'lowAt' => '',
        ]);
        $tape = array_column($this->ask('GET', '/api/stock')['supplies'], 'number', 'name')['Clear, medium'];
        $room = $this->get(Stockroom::class);
        $navy = $this->get(Shelf::class)->film($this->navy->id());
        $numbers = [$tape];
        for ($nth = 0; $nth < 24; ++$nth) {
            $numbers[] = $room->receive($navy, StockItem::OFFCUT, 100_000 + 1000 * $nth, 80_000, 1, '4')->number();
        }
        $file = $this->paper('/api/stock/labels.pdf?of='.implode(',', $numbers));
        self::assertStringContainsString(
            'Pages:           2',
            (new Process(['pdfinfo', $file]))->mustRun()->getOutput(),
        );
        $text = (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput();
        foreach ($numbers as $number) {
            self::assertSame(1, preg_match_all("~\\b$number\\b~", $text), $number);
        }
        self::assertStringContainsString('Clear, medium', $text);
        self::assertStringContainsString('200 mm wide', $text);
        unlink($file);
    }

    public function testAListOfNamesIsOnThePaperNameByNameTrueToSize(): void
    {
        $names = [
            'Ada',
            'Bartholomew',
            'Cass',
            'Delphine',
            'Edmund',
            'Fenwick',
            'Greta',
            'Humphrey',
            'Isolde',
            'Jory',
            'Kerensa',
            'Lowen',
            'Merryn',
            'Nessa',
        ];
        $docket = $this->taken();
        $this->get(DrawOrder::class)->draw(
            $docket->item(),
            $docket->version(),
            new Draft([$names[0]], new Design('bebas'), array_map(static fn (string $name): array => [$name], $names)),
            true,
        );
        $file = $this->paper("/api/dockets/{$docket->number()}/proofs/1.pdf");
        $text = (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput();
        foreach ($names as $name) {
            self::assertMatchesRegularExpression("~\\b$name\\b~", $text);
        }
        $pages = (int) preg_replace(
            '~.*Pages:\s+(\d+).*~s',
            '$1',
            (new Process(['pdfinfo', $file]))->mustRun()->getOutput(),
        );
        self::assertGreaterThan(1, $pages, 'so many do not go on one page at this size');
        self::assertGreaterThanOrEqual($pages, substr_count($text, '50 mm'), 'a bar to measure by on every page');
        unlink($file);
    }

    public function testALabelsCodeIsScanned(): void
    {
        $offcut = $this->get(Stockroom::class)->receive(
            $this->navy,
            StockItem::OFFCUT,
            200_000,
            110_000,
            1,
            '4',
            'L7',
            'M0 0H200V60H90V110H0Z',
        );
        $file = $this->paper("/api/stock/labels.pdf?of={$offcut->number()},{$this->sheets->number()}");
        (new Process(['pdftoppm', '-r', '200', '-png', '-singlefile', $file, $file]))->mustRun();
        $codes = explode("\n", trim((new Process(['zbarimg', '-q', '--raw', "$file.png"]))->mustRun()->getOutput()));
        sort($codes);
        self::assertSame([$offcut->number(), $this->sheets->number()], $codes);
        $text = (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput();
        self::assertStringContainsString('bin 4, lot L7', $text);
        unlink($file);
        unlink("$file.png");
        $this->assertProblem(
            404,
            'nothing on the shelf by that number',
            $this->ask('GET', '/api/stock/labels.pdf?of=N-9999'),
        );
    }
}
