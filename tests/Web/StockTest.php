<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

/** The shelf, supplies and machines as the page asks for them. */
final class StockTest extends WebCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /** @return array<string, mixed> by number */
    private function item(string $number): array
    {
        return array_column($this->ask('GET', '/api/stock')['items'], null, 'number')[$number] ?? [];
    }

    public function testFilmIsAddedReceivedCountedScrappedAndEveryStepStandsInItsMovements(): void
    {
        $film = [
            'grade' => 'pearl',
            'colour' => 'shell',
            'swatch' => '#E8DCD0',
            'finish' => 'gloss',
            'thickness' => '0.12mm',
            'liner' => 'blue',
            'maker' => 'Take the cover off first.',
            'thinnest' => '1.6mm',
            'outdoors' => '3',
            'price' => '21.50',
            'lowAt' => '0.5',
        ];
        $stock = $this->ask('POST', '/api/stock/films', $film);
        $shell = array_column($stock['films'], null, 'colour')['shell'];
        self::assertSame(
            ['Pearl, shell', '#e8dcd0', 120, 1600, 3, 2150, 500_000, 'blue', 'Take the cover off first.'],
            [
                $shell['name'],
                $shell['swatch'],
                $shell['thickness'],
                $shell['thinnest'],
                $shell['outdoors'],
                $shell['price'],
                $shell['lowAt'],
                $shell['liner'],
                $shell['maker'],
            ],
        );
        self::assertContains($shell['id'], $stock['low'], 'there is none yet');
        $twin = $this->ask('POST', '/api/stock/films', ['colour' => ' Shell'] + $film);
        self::assertSame(['another'], array_column($twin['fields'], 'field'), 'it may be the same');
        $kept = $this->ask('POST', '/api/stock/films', ['another' => true] + $film);
        self::assertCount(2, array_keys(array_column($kept['films'], 'colour'), 'shell', true));
        $this->ask('POST', '/api/stock/films', ['finish' => 'matt'] + $film);
        self::assertSame(200, $this->status, 'another finish is another film');
        $grades = array_column($this->ask('GET', '/api/vocabulary')['grades'], 'value');
        self::assertContains('pearl', $grades);
        self::assertCount(13, $grades);

        $received = $this->ask('POST', '/api/stock/receive', [
            'film' => $shell['id'],
            'kind' => 'sheet',
            'width' => '300mm',
            'height' => '600mm',
            'count' => '4',
            'bin' => '12',
            'lot' => 'L9',
        ]);
        $sheets = array_values(
            array_filter($received['items'], static fn (array $item): bool => $item['film']['id'] === $shell['id']),
        )[0];
        self::assertSame([4, '12', 'L9', 'sheet'], [$sheets['count'], $sheets['bin'], $sheets['lot'], $sheets['kind']]);
        self::assertEqualsWithDelta(4 * 0.18, $sheets['area'], 1e-6);
        self::assertNotContains($shell['id'], $received['low']);

        $this->ask('POST', '/api/stock/receive', [
            'film' => $shell['id'],
            'kind' => 'sheet',
            'width' => '',
            'height' => '',
            'count' => '2',
            'bin' => '',
            'item' => $sheets['id'],
        ]);
        $sheets = $this->item($sheets['number']);
        self::assertSame(6, $sheets['count']);
        $this->ask('POST', "/api/stock/items/{$sheets['id']}/count", [
            'version' => $sheets['version'],
            'amount' => '5',
            'reason' => 'miscounted',
        ]);
        self::assertSame(200, $this->status);
        $stale = $this->ask('POST', "/api/stock/items/{$sheets['id']}/scrap", [
            'version' => $sheets['version'],
            'amount' => '1',
            'reason' => 'creased',
        ]);
        $this->assertProblem(409, 'changed meanwhile', $stale);
        $sheets = $this->item($sheets['number']);
        $this->ask('POST', "/api/stock/items/{$sheets['id']}/scrap", [
            'version' => $sheets['version'],
            'amount' => '1',
            'reason' => 'creased',
        ]);
        $movements = $this->ask('GET', "/api/stock/items/{$sheets['id']}/movements")['movements'];
        $seen = array_map(
            static fn (array $movement): array => [
                $movement['what'],
                (int) $movement['amount'],
                $movement['reason'],
                $movement['who'],
            ],
            $movements,
        );
        sort($seen);
        self::assertSame(
            [
                ['counted', -1, 'miscounted', 'Ines'],
                ['received', 2, '', 'Ines'],
                ['received', 4, '', 'Ines'],
                ['scrapped', -1, 'creased', 'Ines'],
            ],
            $seen,
        );
        self::assertSame(
            $this->item($sheets['number'])['count'],
            (int) array_sum(array_column($movements, 'amount')),
            'the shelf is their sum',
        );
    }

    public function testAnOddOffcutAndARollCanBeReceivedAndLabelled(): void
    {
        $of = ['film' => $this->navy->id(), 'count' => '', 'bin' => '3'];
        $items = $this->ask(
            'POST',
            '/api/stock/receive',
            [
                'kind' => 'offcut',
                'width' => '200mm',
                'height' => '120mm',
                'corner' => 'top-right',
                'goneWidth' => '50mm',
                'goneHeight' => '70mm',
            ] + $of,
        )['items'];
        $odd = array_values(array_filter($items, static fn (array $item): bool => 'offcut' === $item['kind']))[0];
        self::assertEqualsWithDelta((200 * 120 - 50 * 70) / 1e6, $odd['area'], 1e-6);
        self::assertStringStartsWith('N-', $odd['number']);
        $items = $this->ask(
            'POST',
            '/api/stock/receive',
            ['kind' => 'roll', 'width' => '298mm', 'height' => '4m'] + $of,
        )['items'];
        $roll = array_values(array_filter($items, static fn (array $item): bool => 'roll' === $item['kind']))[0];
        self::assertEqualsWithDelta(0.298 * 4, $roll['area'], 1e-6);
        $this->browser->request('GET', "/api/stock/labels.pdf?of={$odd['number']},{$roll['number']}");
        self::assertStringStartsWith('%PDF-', (string) $this->browser->getResponse()->getContent());
        $this->assertProblem(
            404,
            'nothing on the shelf by that number',
            $this->ask('GET', '/api/stock/labels.pdf?of=N-999'),
        );
        $wrong = $this->ask(
            'POST',
            '/api/stock/receive',
            [
                'kind' => 'offcut',
                'width' => 'wide',
                'height' => '',
                'corner' => 'top-right',
                'goneWidth' => '50mm',
                'goneHeight' => 'x',
            ] + ['bin' => ''] +
                $of,
        );
        self::assertSame(
            ['width', 'height', 'bin', 'goneHeight'],
            array_values(
                array_intersect(['width', 'height', 'bin', 'goneHeight'], array_column($wrong['fields'], 'field')),
            ),
        );
    }

    public function testTapesAndBlanksComeAndGo(): void
    {
        $stock = $this->ask('POST', '/api/stock/supplies', [
            'kind' => 'tape',
            'name' => 'Clear, medium tack',
            'width' => '300mm',
            'amount' => '50',
            'bin' => 'rack',
            'lowAt' => '10',
        ]);
        $tape = array_column($stock['supplies'], null, 'name')['Clear, medium tack'];
        self::assertEqualsWithDelta([50.0, 10.0], [$tape['amount'], $tape['lowAt']], 1e-9);
        self::assertFalse($tape['low']);
        $move = function (string $what, string $amount, string $reason) use (&$tape): array {
            $stock = $this->ask('POST', "/api/stock/supplies/{$tape['id']}/$what", [
                'version' => $tape['version'],
                'amount' => $amount,
                'reason' => $reason,
            ]);
            $tape = array_column($stock['supplies'] ?? [], null, 'name')['Clear, medium tack'] ?? $tape;

            return $stock;
        };
        $move('used', '42.5', 'a boat');
        self::assertEqualsWithDelta(7.5, $tape['amount'], 1e-9);
        self::assertTrue($tape['low']);
        $move('received', '100', '');
        $move('counted', '105', 'measured');
        self::assertEqualsWithDelta(105.0, $tape['amount'], 1e-9);
        $movements = $this->ask('GET', "/api/stock/supplies/{$tape['id']}/movements")['movements'];
        self::assertCount(4, $movements);
        self::assertEqualsWithDelta(105.0, array_sum(array_column($movements, 'amount')), 1e-9);
        self::assertSame(['m'], array_values(array_unique(array_column($movements, 'unit'))));
        $move('used', '200', 'too much');
        self::assertSame(422, $this->status, 'more than there is');
        $move('used', 'some', 'x');
        self::assertSame(422, $this->status);
    }

    public function testMachinesAreTheOwnersToSetAndAnybodysToUse(): void
    {
        $machine = [
            'name' => 'Board',
            'kind' => 'board',
            'figures' => [['rule' => 'cut-width', 'value' => '280'], ['rule' => 'cut-length', 'value' => '500']],
            'force' => '90',
            'blade' => '45°',
            'passes' => '1',
        ];
        $machines = $this->ask('POST', '/api/machines', $machine)['machines'];
        $board = array_column($machines, null, 'name')['Board'];
        self::assertSame(200, $this->status);
        $changed = $this->ask(
            'PUT',
            "/api/machines/{$board['id']}",
            ['version' => $board['version'], 'force' => '120', 'passes' => '2'] + $machine,
        )['machines'];
        $board = array_column($changed, null, 'name')['Board'];
        self::assertSame([120, 2], [$board['force'], $board['passes']]);
        $wrong = $this->ask(
            'PUT',
            "/api/machines/{$board['id']}",
            ['version' => $board['version'], 'name' => '', 'force' => 'hard'] + $machine,
        );
        self::assertSame(422, $this->status);
        self::assertSame(
            ['force', 'name'],
            (static function (array $fields): array {
                sort($fields);

                return $fields;
            })(array_column($wrong['fields'], 'field')),
        );

        $this->as('tomas');
        $this->ask('POST', '/api/machines', ['name' => 'Another'] + $machine);
        self::assertSame(403, $this->status, 'machines are the owner’s');
        $used = $this->ask('POST', "/api/machines/{$board['id']}/use", ['version' => $board['version']])['machines'];
        self::assertSame(
            ['Board'],
            array_column(array_filter($used, static fn (array $one): bool => $one['inUse']), 'name'),
        );
    }
}
