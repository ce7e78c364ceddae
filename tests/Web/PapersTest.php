<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Symfony\Component\Process\Process;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
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

    public function testStepsAndCareOfWhatIsGivenAway(): void
    {
        $docket = $this->approved('Kestrel', 1, 'customer');
        $piece = $docket->pieces()[0];
        $file = $this->paper("/api/things/{$piece->thing()->id()}/steps.pdf");
        $text = (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput();
        self::assertMatchesRegularExpression('~1\s+Clean and dry the object.*Position it.*Peel the tape~s', $text);
        self::assertStringNotContainsString('Lay the tape', $text, 'it comes on its tape');
        self::assertStringContainsString('art to left edge 5.7 mm', $text, 'with its own figures');
        unlink($file);
        $file = $this->paper("/api/things/{$piece->thing()->id()}/care.pdf");
        $text = (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput();
        self::assertStringContainsString('Wait 72 h after applying before use.', $text);
        self::assertStringNotContainsString('dishwasher', $text, 'nothing that does not concern it');
        unlink($file);
    }

    /** Read back at ten dots a mm: the edges of the object stand where they stand. */
    public function testAGuideIsTrueToSize(): void
    {
        $piece = $this->approved('Kestrel', 1)->pieces()[0];
        foreach (['a4', 'letter'] as $paper) {
            $file = $this->paper("/api/pieces/{$piece->id()}/guide.pdf?paper=$paper");
            [$wide, $rows] = self::dots($file);
            $dark = array_keys(array_filter(
                array_map(static fn (string $row): int => \strlen($row) - \strlen(str_replace('#', '', $row)), $rows),
                static fn (int $many): bool => $many > 1700,
            ));
            self::assertNotEmpty($dark);
            self::assertEqualsWithDelta(110.0, (max($dark) - min($dark)) / 10, 0.6, 'with the width of the lines');
            $left = strpos($rows[(int) (array_sum($dark) / \count($dark)) - 300], '#');
            $right = strrpos($rows[(int) (array_sum($dark) / \count($dark)) - 300], '#');
            self::assertEqualsWithDelta(180.0, ($right - $left) / 10, 0.6);
            self::assertGreaterThan(2000, $wide);
            unlink($file);
        }
        $this->assertProblem(422, 'a4 or letter', $this->ask('GET', "/api/pieces/{$piece->id()}/guide.pdf?paper=a0"));
    }

    /** Of a large object: the strips that overlap show the same on both pages. */
    public function testPagesOfALargeGuideMeet(): void
    {
        $docket = $this->get(TakeOrder::class)->begin(
            new TypedOrder(
                Answers::fromKept(['width' => '620mm', 'height' => '240mm'] + $this->answers('Kestrel', 1)->toArray()),
            ),
            true,
        );
        $this->draw($docket, new Design('bebas'));
        $this->approve($docket);
        $file = $this->paper("/api/pieces/{$docket->pieces()[0]->id()}/guide.pdf");
        $text = (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput();
        self::assertStringContainsString('page 4 of 4', $text);
        $pages = array_map(static fn (int $page): array => self::dots($file, $page)[1], [1, 2]);
        // 12 mm from the edge of the paper, 10 mm of overlap; between what stands above and below the drawing.
        $strip = static fn (array $rows, int $from): array => array_map(
            static fn (string $row): string => substr($row, $from, 90),
            \array_slice($rows, 250, 2300),
        );
        $one = $strip($pages[0], 2100 - 120 - 95);
        $two = $strip($pages[1], 120 + 5);
        $differ = 0;
        $ink = 0;
        foreach ($one as $nth => $row) {
            $ink += substr_count($row, '#');
            $differ += similar_text($row, $two[$nth]) < 85 ? 1 : 0;
        }
        self::assertGreaterThan(400, $ink, 'edges, centre line and crosses');
        self::assertLessThan(60, $differ, 'rows of 2,300 that differ by more than the width of a line');
        unlink($file);
    }

    /**
     * A page at ten dots a mm, dark ones as #.
     *
     * @return array{int, list<string>} its width, and its rows
     */
    private static function dots(string $file, int $page = 1): array
    {
        (new Process(['pdftoppm', '-r', '254', '-gray', '-f', (string) $page, '-singlefile', $file, $file]))->mustRun();
        $grey = (string) file_get_contents("$file.pgm");
        unlink("$file.pgm");
        self::assertSame(1, preg_match('~^P5\s+(\d+)\s+(\d+)\s+255\s~', $grey, $head));
        $dark = strtr(
            substr($grey, \strlen($head[0])),
            implode('', array_map(\chr(...), range(0, 255))),
            str_repeat('#', 128).str_repeat(' ', 128),
        );

        return [(int) $head[1], str_split($dark, max(1, (int) $head[1]))];
    }
}
