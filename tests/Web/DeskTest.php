<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Batches\CutFollowing;

/** What stands beside the line: figures, the book, finding, and what cuts left. */
final class DeskTest extends WebCase
{
    public function testTheShopsFiguresAreTheOwnersAndDecideAtOnce(): void
    {
        $this->as('tomas');
        $this->ask('GET', '/api/rules');
        self::assertSame(403, $this->status);
        $this->as('ines');
        $rules = array_column($this->ask('GET', '/api/rules')['rules'], null, 'rule');
        self::assertSame(8.0, (float) $rules['gap-between-orders']['value']);
        self::assertArrayNotHasKey('cut-width', $rules, 'a machine’s figures stand with the machine');
        $rules = array_column(
            $this->ask('PUT', '/api/rules/gap-between-orders', ['value' => '6,5'])['rules'],
            null,
            'rule',
        );
        self::assertSame(
            [6.5, 8.0],
            [(float) $rules['gap-between-orders']['value'], (float) $rules['gap-between-orders']['standard']],
        );
        foreach (['wide' => 'Write a figure', '900' => '50'] as $typed => $says) {
            $problem = $this->ask('PUT', '/api/rules/gap-between-orders', ['value' => (string) $typed]);
            self::assertSame(422, $this->status);
            self::assertSame('value', $problem['fields'][0]['field']);
            self::assertStringContainsString($says, $problem['fields'][0]['says']);
        }
        foreach (['cut-width', 'no-such-figure'] as $name) {
            $this->ask('PUT', "/api/rules/$name", ['value' => '1']);
            self::assertSame(404, $this->status, $name);
        }
        self::assertStringContainsString(
            'Gap between different orders',
            json_encode($this->ask('GET', '/api/book'), \JSON_THROW_ON_ERROR),
            'it stands in the book',
        );
    }

    public function testTheBookIsReadPageByPageNewestFirst(): void
    {
        $this->as('ines');
        for ($nth = 1; $nth <= 60; ++$nth) {
            $this->taken("Name $nth", 1);
        }
        $ids = [];
        $before = null;
        do {
            $page = $this->ask('GET', '/api/book'.(null === $before ? '' : "?before=$before"));
            self::assertLessThanOrEqual(100, \count($page['lines']));
            array_push($ids, ...array_column($page['lines'], 'id'));
            $before = $page['before'];
        } while (null !== $before && \count($ids) < 2000);
        self::assertGreaterThanOrEqual(60, \count($ids));
        $sorted = $ids;
        rsort($sorted);
        self::assertSame($sorted, $ids);
        self::assertSame(array_values(array_unique($ids)), $ids, 'every line once');
    }

    public function testAnOrderIsFoundByItsNumberItsWordsAndWhoItIsFor(): void
    {
        $this->as('tomas');
        $docket = $this->taken('Lapwing', 1);
        $this->taken('Teal', 1);
        foreach ([(string) $docket->number(), 'Y-0'.$docket->number(), 'lapw', 'Osric'] as $typed) {
            $found = $this->ask('GET', '/api/dockets?find='.rawurlencode($typed))['dockets'];
            self::assertContains($docket->number(), array_column($found, 'number'), $typed);
        }
        self::assertSame([], $this->ask('GET', '/api/dockets?find=nobody%20has%20this')['dockets']);
        $line = $this->ask('GET', '/api/line')['stations'];
        self::assertSame(
            ['ask', 'size', 'proof', 'batch', 'cut', 'weed', 'apply', 'send'],
            array_column($line, 'station'),
        );
        $at = array_column($line, null, 'station')['size'];
        self::assertContains($docket->number(), array_column($at['waiting'], 'number'));
        $customers = $this->ask('GET', '/api/customers?find=osr')['customers'];
        self::assertSame(['Osric Tamblyn'], array_values(array_unique(array_column($customers, 'name'))));
        self::assertSame([], $this->ask('GET', '/api/customers?find=zzz')['customers']);
    }

    public function testWhatACutLeftIsPutAwayOnceAndBecomesAnOffcut(): void
    {
        $this->as('tomas');
        $waiting = $this->approved('BOAT', 1, 'customer')->pieces();
        $batch = $this->released([['id' => $waiting[0]->id(), 'version' => $waiting[0]->version()]]);
        self::assertSame([], $this->ask('GET', '/api/remnants')['remnants'], 'nothing is cut yet');
        $this->ask('POST', "/api/batches/{$batch['id']}/cut", [
            'version' => $batch['version'],
            'stock' => $this->sheets->id(),
        ]);
        $this->machine()->machine->pass(10_000);
        self::assertFalse($this->get(CutFollowing::class)->follow($batch['id'], $this->machine()->status()->job ?? ''));
        $rest = $this->ask('GET', '/api/remnants')['remnants'][0];
        self::assertSame([$batch['id'], 'square'], [$rest['batch'], $rest['propose']]);
        $before = array_column($this->ask('GET', '/api/stock')['items'], 'number');
        $this->ask('POST', "/api/batches/{$batch['id']}/remnant", ['version' => $rest['version'], 'how' => 'fold']);
        self::assertSame(422, $this->status);
        self::assertSame(
            [],
            $this->ask('POST', "/api/batches/{$batch['id']}/remnant", [
                'version' => $rest['version'],
                'how' => 'square',
            ])['remnants'],
        );
        $new = array_values(
            array_filter(
                $this->ask('GET', '/api/stock')['items'],
                static fn (array $item): bool => !\in_array($item['number'], $before, true),
            ),
        );
        self::assertCount(1, $new);
        self::assertSame('offcut', $new[0]['kind']);
        self::assertEqualsWithDelta(
            ($rest['squareSize']['width']['mm'] * $rest['squareSize']['height']['mm']) / 1e6,
            $new[0]['area'],
            1e-6,
        );
        $this->ask('POST', "/api/batches/{$batch['id']}/remnant", ['version' => $rest['version'], 'how' => 'square']);
        self::assertContains($this->status, [409, 422], 'once');
        self::assertCount(\count($before) + 1, $this->ask('GET', '/api/stock')['items']);
    }

    public function testABatchIsTakenApartAgainAndItsFilmGoesBack(): void
    {
        $this->as('tomas');
        $waiting = $this->approved('BOAT', 1)->pieces();
        $sheets = fn (): int => (int) array_column($this->ask('GET', '/api/stock')['items'], 'count', 'number')[
            $this->sheets->number()
        ];
        self::assertSame(3, $sheets());
        $batch = $this->released([['id' => $waiting[0]->id(), 'version' => $waiting[0]->version()]]);
        self::assertSame(2, $sheets());
        $this->assertProblem(
            409,
            'changed meanwhile',
            $this->ask('POST', "/api/batches/{$batch['id']}/dissolve", ['version' => $batch['version'] + 1]),
        );
        $this->ask('POST', "/api/batches/{$batch['id']}/dissolve", ['version' => $batch['version']]);
        self::assertSame(200, $this->status);
        self::assertSame(3, $sheets());
        self::assertContains(
            $waiting[0]->id(),
            array_column($this->ask('GET', '/api/batches/waiting')['pieces'], 'id'),
            'it waits again',
        );
    }
}
