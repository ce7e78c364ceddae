<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\StockItem;

/** Lists ask the records as often for many orders as for few, and give no more than they show. */
final class ListsTest extends WebCase
{
    /** What asks who is there, whether that holds, how far the records have come, and at what pace the shop works. */
    private const AROUND = 6;

    /** What is asked, and with how many statements of its own at the most. */
    private const LISTS = [
        '/api/line' => 3,
        '/api/dockets?station=batch' => 4,
        '/api/dockets?find=lock' => 4,
        '/api/dockets?find=y-401' => 4,
        '/api/batches/waiting' => 4,
        '/api/batches' => 4,
        '/api/remnants' => 4,
        '/api/stock' => 4,
        '/api/pieces?station=weed' => 5,
        '/api/things?station=apply' => 9,
        '/api/book' => 2,
    ];

    public function testMoreOrdersAreNoMoreStatements(): void
    {
        $this->as('ines');
        $this->shopWith(2);
        $few = $this->statements();
        foreach (self::LISTS as $path => $own) {
            self::assertLessThanOrEqual($own + self::AROUND, $few[$path], $path);
        }
        $this->shopWith(4);
        self::assertSame($few, $this->statements(), 'as many as before');
    }

    public function testALongListIsGivenInParts(): void
    {
        $this->as('ines');
        foreach (range(1, 5) as $nth) {
            $this->taken("Lock $nth");
        }
        $all = $this->ask('GET', '/api/dockets?station=size');
        self::assertSame([0, 5], [$all['from'], $all['many']]);
        $part = $this->ask('GET', '/api/dockets?station=size&from=2&most=2');
        self::assertSame([2, 5], [$part['from'], $part['many']]);
        self::assertSame(\array_slice($all['dockets'], 2, 2), $part['dockets']);
        self::assertSame([], $this->ask('GET', '/api/dockets?station=size&from=9&most=2')['dockets']);
        self::assertSame([], $this->ask('GET', '/api/dockets?station=size&from=-3&most=-1')['dockets']);
    }

    public function testAFilmsPiecesAreAskedForByTheFilm(): void
    {
        $this->as('ines');
        self::assertSame(
            ['films' => [], 'film' => null, 'pieces' => []],
            $this->ask('GET', '/api/batches/waiting?film=7'),
        );
        $docket = $this->approved('Kestrel', 3);
        $waiting = $this->ask('GET', '/api/batches/waiting');
        self::assertSame([$this->navy->id(), 3], [$waiting['film'], $waiting['films'][0]['pieces']]);
        self::assertSame(0, $waiting['films'][0]['late']);
        self::assertSame($docket->neededAt()?->format(\DATE_ATOM), $waiting['films'][0]['neededAt']);
        self::assertCount(3, $waiting['pieces']);
        $this->clock->sleep(10 * 86_400);
        $this->as('ines');
        self::assertSame(3, $this->ask('GET', '/api/batches/waiting')['films'][0]['late']);
    }

    /** Orders at Size, at Batch, at the cutter, at Weed, spoiled ones, and rests of what was cut. */
    private function shopWith(int $many): void
    {
        $this->records->clear();
        $this->navy = $this->records->find(FilmOnShelf::class, $this->navy->id()) ?? throw new \LogicException('Gone.');
        for ($nth = 0; $nth < $many; ++$nth) {
            $this->records->persist(new StockItem($this->navy, StockItem::SHEET, 300_000, 600_000, 3, "B$nth"));
            $this->records->flush();
            $this->taken("Lock $nth");
            $this->approved("Basin $nth");
            $this->release(...$this->approved("Reach $nth")->pieces());
            $this->cut("Wharf $nth")->pieces()[0]->spoil('scratched', $this->clock->now());
            $batch = $this->release(...$this->approved("Quay $nth")->pieces());
            $batch->start("quay-$nth", $this->clock->now());
            $batch->finished();
        }
        $this->records->flush();
    }

    /** @return array<string, int> by what is asked, all that can be remembered being so */
    private function statements(): array
    {
        $statements = [];
        foreach (array_keys(self::LISTS) as $path) {
            $this->ask('GET', $path);
            self::assertSame(200, $this->status, $path);
            $this->records->clear();
            $before = $this->selects();
            $this->ask('GET', $path);
            $statements[$path] = $this->selects() - $before;
        }

        return $statements;
    }

    private function selects(): int
    {
        return (int) $this->records->getConnection()->fetchAllKeyValue("SHOW SESSION STATUS LIKE 'Com_select'")[
            'Com_select'
        ];
    }
}
