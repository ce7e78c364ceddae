<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\CutFollowing;
use Yelbo\Shop\Batches\Cutting;
use Yelbo\Shop\Batches\Remnants;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\FilmReader;
use Yelbo\Shop\Stock\Movement;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\StockReader;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Shop\Stock\Supply;
use Yelbo\Shop\Stock\TypedFilm;
use Yelbo\Shop\Stock\TypedReceipt;
use Yelbo\Shop\Stock\TypedSupply;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Refused;

final class StockroomTest extends ShopTestCase
{
    private Stockroom $room;

    protected function setUp(): void
    {
        parent::setUp();
        $this->room = $this->get(Stockroom::class);
        // What the small shop begins with came in some way too.
        $this->records
            ->getConnection()
            ->executeStatement(
                'INSERT INTO movement (moved_at, who, item_id, what, delta, area, reason) SELECT NOW(), ?, id, ?, '
                    .'count, CAST(count AS SIGNED) * width * height, ? FROM stock_item',
                ['Ines', 'received', ''],
            );
    }

    /** The shelf is what came in less what went out, film by film, to the square micrometre. */
    private function assertTheSumsHold(): void
    {
        $this->records->clear();
        foreach ($this->records->getRepository(StockItem::class)->findAll() as $item) {
            $moved = $this->records
                ->getConnection()
                ->fetchAssociative(
                    'SELECT COALESCE(SUM(delta), 0) AS pieces, COALESCE(SUM(area), 0) AS area FROM movement WHERE '
                        .'item_id = ?',
                    [$item->id()],
                );
            \assert(false !== $moved && is_numeric($moved['pieces']) && is_numeric($moved['area']));
            self::assertSame(
                [$item->count(), $item->area()],
                [(int) $moved['pieces'], (int) $moved['area']],
                $item->number(),
            );
        }
        foreach ($this->records->getRepository(Supply::class)->findAll() as $supply) {
            self::assertSame(
                $supply->amount(),
                (int) $this->records
                    ->getConnection()
                    ->fetchOne('SELECT SUM(delta) FROM movement WHERE supply_id = ?', [$supply->id()]),
                $supply->number(),
            );
        }
    }

    public function testARollGivesNoMoreThanItHolds(): void
    {
        $roll = $this->room->receive($this->navy, StockItem::ROLL, 298_000, 700_000, 1, 'rack', 'L7');
        $this->room->take($roll, 400_000, 77);
        self::assertSame(300_000, $roll->height());
        $this->expectException(Conflict::class);
        $this->room->take($roll, 300_001, 78);
    }

    public function testWhatIsOnTheShelfIsWhatCameInLessWhatWentOut(): void
    {
        mt_srand(4);
        $odd = $this->room->receive(
            $this->navy,
            StockItem::OFFCUT,
            150_000,
            128_000,
            1,
            '4',
            '',
            'M0 0H150V60H96V128H0Z',
        );
        $roll = $this->room->receive($this->navy, StockItem::ROLL, 298_000, 3_000_000, 1, 'rack', 'L7');
        $sheets = $this->sheets->id();
        for ($nth = 0; $nth < 24; ++$nth) {
            $item = $this->get(Shelf::class)->item([$odd->id(), $roll->id(), $sheets][mt_rand(0, 2)]);
            $long = StockItem::ROLL === $item->kind() ? mt_rand(1, max(1, min(900_000, $item->height()))) : 0;
            match (0 === $item->count() ? 2 : mt_rand(0, 5)) {
                0 => $this->room->take($item, $long, 77),
                1 => $this->room->putBack($item, StockItem::ROLL === $item->kind() ? mt_rand(1, 900_000) : 0, 77),
                2 => $this->room->correct(
                    $item,
                    $item->version(),
                    StockItem::ROLL === $item->kind() ? mt_rand(0, 5_000_000) : mt_rand(0, 5),
                    'counted',
                ),
                3 => $this->room->scrap(
                    $item,
                    $item->version(),
                    StockItem::ROLL === $item->kind() ? intdiv($item->height(), 3) : min(1, $item->count()),
                    'creased',
                ),
                4 => StockItem::SHEET === $item->kind() ? $this->room->receiveMore($item, mt_rand(1, 4), 'L9') : null,
                default => $this->room->shelve(
                    $this->get(Shelf::class)->film($this->navy->id()),
                    $item->count() > 0
                        ? \Yelbo\Trade\Geometry\SvgPath::read('M10 10H110V60H60V110H10Z')
                        : \Yelbo\Trade\Geometry\SvgPath::read('M10 10H110V60H10Z'),
                    '4',
                    '',
                    77,
                ),
            };
            $this->assertTheSumsHold();
        }
    }

    public function testACutBooksItsFilmItselfAndItsRestIsPutAwayWithOneTouch(): void
    {
        $remnants = $this->get(Remnants::class);
        $batches = $this->get(Batches::class);
        $batch = $this->release(...$this->approved()->pieces());
        $taken = $this->get(Shelf::class)->movements($this->sheets)[0];
        self::assertSame([Movement::TAKEN, -1, $batch->id()], [$taken->what(), $taken->count(), $taken->batch()]);
        $this->get(Cutting::class)->start($batch, $batch->version(), $this->sheets);
        $this->machine()->machine->pass(10_000);
        $this->get(CutFollowing::class)->follow($batch->id(), (string) $batch->cut()->job());
        $done = $batches->batch($batch->id());
        self::assertTrue($done->hasRemnant());
        self::assertCount(1, $batches->withRemnant(9));
        $square = $remnants->lying($done)->square;
        self::assertNotNull($square);
        self::assertEqualsWithDelta(
            600_000 - $done->length() - 3000,
            $square->box()->height(),
            1000,
            'trimmed beside the last piece',
        );
        $item = $remnants->putAway($done, $done->version(), 'square');
        self::assertSame([StockItem::OFFCUT, 1, '1'], [$item?->kind(), $item?->count(), $item?->bin()]);
        $this->assertTheSumsHold();
        $this->expectException(Refused::class);
        $again = $batches->batch($batch->id());
        $remnants->putAway($again, $again->version(), 'scrap');
    }

    public function testARestThatIsNotWorthKeepingIsNotShelved(): void
    {
        $remnants = $this->get(Remnants::class);
        $this->room->receive($this->navy, StockItem::OFFCUT, 200_000, 110_000, 1, '4');
        $batch = $this->release(...$this->approved('Kestrel', 1)->pieces());
        $rest = $remnants->lying($batch);
        self::assertNull($rest->square, 'under 60 mm wide');
        try {
            $remnants->putAway($batch, $batch->version(), 'square');
            self::fail();
        } catch (Refusals $refusals) {
            self::assertStringContainsString('No square', $refusals->fields['rest']);
        }
    }

    public function testMovementsAreOnlyAddedTo(): void
    {
        $this->room->receive($this->navy, StockItem::SHEET, 300_000, 600_000, 2, '1');
        foreach (['UPDATE movement SET delta = 9', 'DELETE FROM movement'] as $sql) {
            try {
                $this->records->getConnection()->executeStatement($sql);
                self::fail();
            } catch (\Doctrine\DBAL\Exception $refused) {
                self::assertStringContainsString('only added to', $refused->getMessage());
            }
        }
    }

    public function testTwoWhoCountTheSameSheetsAreToldOfEachOther(): void
    {
        $version = $this->sheets->version();
        $this->room->correct($this->sheets, $version, 5, 'found two more');
        $this->expectException(Conflict::class);
        $this->room->correct($this->sheets, $version, 2, 'miscounted');
    }

    public function testWhatIsTypedIsReadAndEveryFieldThatCannotBeIsNamed(): void
    {
        $goods = $this->get(StockReader::class);
        try {
            $goods->receive(
                $this->navy,
                new TypedReceipt($this->navy->id(), 'sheet', 'wide', '600mm', 'some', '', '', null),
            );
            self::fail();
        } catch (Refusals $refusals) {
            self::assertSame(['count', 'width', 'bin'], array_keys($refusals->fields));
            self::assertStringContainsString('“wide” is not a length', $refusals->fields['width']);
        }
        $roll = $goods->receive(
            $this->navy,
            new TypedReceipt($this->navy->id(), 'roll', '298mm', '3600mm', '', 'rack', 'L3', null),
        );
        self::assertSame([298_000, 3_600_000, 'R'], [$roll->width(), $roll->height(), $roll->number()[0]]);
        $goods->scrap($roll, $roll->version(), '600mm', 'creased');
        self::assertSame(3_000_000, $roll->height());
        try {
            $goods->scrap($roll, $roll->version(), '9000mm', '');
            self::fail();
        } catch (Refusals $refusals) {
            self::assertSame(
                ['reason', 'amount'],
                array_values(array_intersect(['reason', 'amount'], array_keys($refusals->fields))),
            );
        }
        self::assertSame(
            $this->sheets,
            $goods->receive(
                $this->navy,
                new TypedReceipt($this->navy->id(), 'sheet', '', '', '4', '', 'L4', $this->sheets->id()),
            ),
        );
        self::assertSame(7, $this->sheets->count());
        $goods->correct($this->sheets, $this->sheets->version(), '6', 'one was lent');
        self::assertSame(6, $this->sheets->count());
        $this->assertTheSumsHold();
    }

    public function testAnOffcutThatLacksACornerIsKeptByItsOutline(): void
    {
        $goods = $this->get(StockReader::class);
        $odd = $goods->receive(
            $this->navy,
            new TypedReceipt(
                $this->navy->id(),
                'offcut',
                '200mm',
                '100mm',
                '',
                '3',
                '',
                null,
                'bottom-left',
                '60mm',
                '40mm',
            ),
        );
        $outline = $odd->forNesting()->outline;
        self::assertEqualsWithDelta(200 * 100 - 60 * 40, $outline->area(), 0.01);
        self::assertFalse(
            Geos::covers($outline, Box::sized(1000, 1000)->region()->moved(10_000, 90_000)),
            'nothing at its lower left',
        );
        $this->assertTheSumsHold();
        foreach (
            [
                ['top-left', '200mm', '40mm', ['goneWidth']],
                ['top-right', '', '100mm', ['goneWidth', 'goneHeight']],
                ['middle', '1mm', '1mm', ['corner']],
            ] as [$corner, $across, $down, $fields]
        ) {
            try {
                $goods->receive(
                    $this->navy,
                    new TypedReceipt(
                        $this->navy->id(),
                        'offcut',
                        '200mm',
                        '100mm',
                        '',
                        '3',
                        '',
                        null,
                        $corner,
                        $across,
                        $down,
                    ),
                );
                self::fail($corner);
            } catch (Refusals $refusals) {
                self::assertSame($fields, array_keys($refusals->fields));
            }
        }
    }

    public function testFilmsAreDescribedAndALowOneIsTold(): void
    {
        $films = $this->get(FilmReader::class);
        $shelf = $this->get(Shelf::class);
        $rules = $this->get(ShopRules::class)->current();
        $film = $films->read(
            null,
            new TypedFilm(
                'patterned',
                'gingham',
                '#AA2211',
                'matt',
                '0.08mm',
                'yellow',
                true,
                'more force',
                '2.5mm',
                '2',
                '18.50',
                '0.5',
            ),
        );
        self::assertSame(
            ['Patterned, gingham', 80, 1850, 500_000, true],
            [$film->name(), $film->thickness(), $film->price(), $film->lowAt(), $film->hasDirection()],
        );
        self::assertSame([2500, 2], [$film->thinnest(), $film->outdoors()]);
        self::assertSame(
            [2500, 2500],
            [$film->limits($rules)->stroke, $film->limits($rules)->island],
            'the maker wants more than the grade does',
        );
        self::assertStringEndsWith('Its maker gives it 2 years outdoors.', $film->life($rules));
        self::assertSame([$film], Shelf::low([$film], $shelf->all()), 'there is none of it');
        $this->room->receive($film, StockItem::SHEET, 300_000, 600_000, 3, '9');
        self::assertSame([], Shelf::low([$film], $shelf->all()));
        try {
            $films->read($film, new TypedFilm('cast', '', 'red', '', '', '', false, '', 'thin', 'long', 'dear', ''));
            self::fail();
        } catch (Refusals $refusals) {
            self::assertSame(
                ['colour', 'swatch', 'liner', 'thinnest', 'outdoors', 'price'],
                array_keys($refusals->fields),
            );
        }
        $this->expectExceptionMessageMatches('~A film stays what it is~');
        $films->read($film, new TypedFilm('cast', 'gingham', '#aa2211', '', '', 'white', true, '', '', '', '', ''));
    }

    public function testTapeAndBlanksAreKeptUsedAndCounted(): void
    {
        $goods = $this->get(StockReader::class);
        $tape = $goods->keep(new TypedSupply('tape', 'Paper, low tack', '300mm', '20', 'rack', '5'));
        $blank = $goods->keep(new TypedSupply('blank', 'Seed tin', '', '8', 'B1', ''));
        self::assertSame(
            [20_000, 300_000, 8, null],
            [$tape->amount(), $tape->width(), $blank->amount(), $blank->width()],
        );
        $goods->move($tape, $tape->version(), 'used', '16.5', '');
        self::assertTrue($tape->isLow());
        $goods->move($tape, $tape->version(), 'received', '50', '');
        $goods->move($blank, $blank->version(), 'counted', '6', 'two were dented');
        self::assertSame([53_500, 6], [$tape->amount(), $blank->amount()]);
        $this->assertTheSumsHold();
        $this->expectException(Refusals::class);
        $goods->move($this->get(Shelf::class)->supply($blank->id()), 99, 'used', '7', '');
    }

    public function testALabelFindsWhatItIsOn(): void
    {
        $shelf = $this->get(Shelf::class);
        $offcut = $this->room->receive($this->navy, StockItem::OFFCUT, 200_000, 110_000, 1, '4');
        $tape = $this->get(StockReader::class)->keep(new TypedSupply('tape', 'Clear', '300mm', '20', 'rack', ''));
        self::assertSame($offcut, $shelf->named(strtolower(str_replace('-', '', $offcut->number()))));
        self::assertSame($tape, $shelf->named(" {$tape->number()} "));
        self::assertNull($shelf->named('S'.substr($offcut->number(), 1)), 'an offcut is no sheet');
        self::assertNull($shelf->named('anything'));
    }

    public function testAnotherFilmThanTheBatchIsFor(): void
    {
        $red = new FilmOnShelf(\Yelbo\Trade\Film\Film::Permanent, 'oxide red', '#8f1f1b');
        $this->records->persist($red);
        $this->records->flush();
        $this->expectException(Refusals::class);
        $this->get(StockReader::class)->receive(
            $red,
            new TypedReceipt($red->id(), 'sheet', '', '', '2', '', '', $this->sheets->id()),
        );
    }
}
