<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Batches\LayPlan;
use Yelbo\Shop\Batches\LayPlanHandler;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Geometry\SvgPath;

/** Plans at Batch as the page asks for them. */
final class PlansTest extends WebCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('tomas');
    }

    /**
     * @param list<Piece>          $pieces
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed> laid out to the end, as far as a worker gets in no time
     */
    private function nesting(array $pieces, array $more = []): array
    {
        $nesting = $this->ask('POST', '/api/nestings', [
            'film' => $this->navy->id(),
            'pieces' => array_map(
                static fn (Piece $piece): array => ['id' => $piece->id(), 'version' => $piece->version()],
                $pieces,
            ),
            ...$more,
        ]);
        self::assertSame(200, $this->status, json_encode($nesting, \JSON_THROW_ON_ERROR));
        self::assertTrue($nesting['working']);
        $this->work($nesting);

        return $this->ask('GET', "/api/nestings/{$nesting['id']}");
    }

    /** @param array<string, mixed> $nesting */
    private function work(array $nesting): void
    {
        $this->records
            ->getConnection()
            ->executeStatement('UPDATE nest_plan SET seconds = 0 WHERE nesting_id = ?', [$nesting['id']]);
        foreach ($nesting['plans'] as $plan) {
            $this->get(LayPlanHandler::class)(new LayPlan($plan['id']));
        }
        $this->records->clear();
    }

    /** @return list<Piece> */
    private function waiting(string ...$words): array
    {
        return array_merge(
            ...array_map(fn (string $word): array => $this->approved($word)->pieces(), array_values($words)),
        );
    }

    public function testThreePlansWithTheirFiguresAndTheShapesThatLieOnThem(): void
    {
        $pieces = $this->waiting('Kestrel', 'Ada');
        $nesting = $this->nesting($pieces);
        self::assertFalse($nesting['working']);
        self::assertSame(['least-film', 'least-weeding', 'due-first'], array_column($nesting['plans'], 'kind'));
        foreach ($nesting['plans'] as $plan) {
            self::assertSame(['done', null, []], [$plan['state'], $plan['trouble'], $plan['left']]);
            self::assertSame(
                \count($pieces),
                array_sum(array_map(static fn (array $sheet): int => \count($sheet['places']), $plan['sheets'])),
            );
            foreach (['sheets', 'film', 'cutting', 'weeding'] as $figure) {
                self::assertGreaterThan(0, $plan['figures'][$figure], "{$plan['kind']}: $figure");
            }
            foreach ($plan['sheets'] as $sheet) {
                self::assertGreaterThan(0.02, $sheet['fill']);
                self::assertLessThan(1, $sheet['fill']);
                self::assertEqualsWithDelta(600, $sheet['length']['mm'] + $sheet['remnant']['mm'], 0.1);
                self::assertSame([], $sheet['boxes']);
            }
        }
        $shapes = $this->ask('GET', "/api/nestings/{$nesting['id']}/shapes")['shapes'];
        self::assertCount(\count($pieces), $shapes);
        foreach ($shapes as $shape) {
            $box = SvgPath::read($shape['path'])->box();
            self::assertEqualsWithDelta(
                [0, 0, $shape['width'], $shape['height']],
                [$box->left / 1000, $box->top / 1000, $box->right / 1000, $box->bottom / 1000],
                0.02,
            );
        }
        self::assertSame(
            $nesting['id'],
            $this->ask('POST', '/api/nestings', [
                'film' => $this->navy->id(),
                'pieces' => array_map(
                    static fn (Piece $piece): array => ['id' => $piece->id(), 'version' => $piece->version()],
                    $pieces,
                ),
            ])['id'],
            'asked for again it is the same',
        );
    }

    public function testAPieceIsPutDownTurnedPinnedLaidAroundAndTakenBack(): void
    {
        $nesting = $this->nesting($this->waiting('Kestrel'));
        $plan = $nesting['plans'][0];
        $was = $plan['sheets'][0]['places'][0];
        $of = static fn (array $nesting): array => $nesting['plans'][0];

        $put = $of(
            $this->ask('POST', "/api/plans/{$plan['id']}/put", [
                'version' => $plan['version'],
                'sheet' => 0,
                'nth' => 0,
                'x' => 30.0,
                'y' => 400.0,
                'turn' => 90,
            ]),
        );
        self::assertSame(
            [30.0, 400.0, 90.0, true],
            [
                (float) $put['sheets'][0]['places'][0]['x'],
                (float) $put['sheets'][0]['places'][0]['y'],
                (float) $put['sheets'][0]['places'][0]['turn'],
                $put['sheets'][0]['places'][0]['pinned'],
            ],
        );
        self::assertTrue($put['canUndo']);
        self::assertGreaterThan(
            $plan['sheets'][0]['length']['mm'],
            $put['sheets'][0]['length']['mm'],
            'the sheet is used farther down',
        );
        $this->assertProblem(
            409,
            'changed meanwhile',
            $this->ask('POST', "/api/plans/{$plan['id']}/put", [
                'version' => $plan['version'],
                'sheet' => 0,
                'nth' => 0,
                'x' => 10.0,
                'y' => 10.0,
                'turn' => 0,
            ]),
        );

        $beyond = $this->ask('POST', "/api/plans/{$plan['id']}/put", [
            'version' => $put['version'],
            'sheet' => 0,
            'nth' => 0,
            'x' => 290.0,
            'y' => 590.0,
            'turn' => 90,
        ]);
        $this->assertProblem(422, 'over the edge', $beyond);
        self::assertSame('place', $beyond['fields'][0]['field']);

        $again = $this->ask('POST', "/api/plans/{$plan['id']}/again", [
            'version' => $put['version'],
            'longer' => false,
        ]);
        self::assertTrue($again['working']);
        $this->assertProblem(
            409,
            'still working',
            $this->ask('POST', "/api/plans/{$plan['id']}/put", [
                'version' => $of($again)['version'],
                'sheet' => 0,
                'nth' => 0,
                'x' => 10.0,
                'y' => 10.0,
                'turn' => 0,
            ]),
        );
        $this->work(['id' => $nesting['id'], 'plans' => [$plan]]);
        $laid = $of($this->ask('GET', "/api/nestings/{$nesting['id']}"));
        $pinned = array_values(
            array_filter(
                array_merge(...array_column($laid['sheets'], 'places')),
                static fn (array $place): bool => $place['pinned'],
            ),
        );
        self::assertSame(
            [[30.0, 400.0, 90.0]],
            array_map(
                static fn (array $place): array => [(float) $place['x'], (float) $place['y'], (float) $place['turn']],
                $pinned,
            ),
            'it stayed where it was put',
        );

        $loose = $of(
            $this->ask('POST', "/api/plans/{$plan['id']}/pin", [
                'version' => $laid['version'],
                'sheet' => 0,
                'nth' => (int) array_search(true, array_column($laid['sheets'][0]['places'], 'pinned'), true),
                'pinned' => false,
            ]),
        );
        self::assertNotContains(true, array_column($loose['sheets'][0]['places'], 'pinned'));
        while ($loose['canUndo']) {
            $loose = $of($this->ask('POST', "/api/plans/{$plan['id']}/undo", ['version' => $loose['version']]));
        }
        self::assertSame($was, $loose['sheets'][0]['places'][0], 'back to the beginning');
        $this->assertProblem(
            422,
            'nothing to take back',
            $this->ask('POST', "/api/plans/{$plan['id']}/undo", ['version' => $loose['version']]),
        );
    }

    public function testAPlanIsReleasedOnceAndItsPiecesAreToldByWhomTheyWereTaken(): void
    {
        $pieces = $this->waiting('Kestrel');
        $offcut = $this->get(Stockroom::class)->receive($this->navy, StockItem::OFFCUT, 200_000, 75_000, 1, '4');
        $nesting = $this->nesting($pieces, ['boxes' => 'piece']);
        $plan = $nesting['plans'][0];
        self::assertSame(
            \count($pieces),
            array_sum(array_map(static fn (array $sheet): int => \count($sheet['boxes']), $plan['sheets'])),
            'a weed box each',
        );
        $mine = $this->nesting($pieces);
        $batches = $this->ask('POST', "/api/plans/{$plan['id']}/release", ['version' => $plan['version']])['batches'];
        self::assertSame(\count($plan['sheets']), \count($batches));
        self::assertSame($offcut->number(), $this->ask('GET', "/api/batches/{$batches[0]['id']}")['stock']['number']);
        foreach ($batches as $nth => ['id' => $id]) {
            $batch = $this->ask('GET', "/api/batches/$id");
            self::assertSame('released', $batch['state']);
            self::assertCount(\count($plan['sheets'][$nth]['boxes']), $batch['boxes']);
            foreach (['svg' => '<svg', 'hpgl' => 'IN;', 'dxf' => '0'] as $format => $begins) {
                $this->browser->request('GET', "/api/batches/{$batch['id']}/sheet.$format");
                self::assertStringContainsString($begins, (string) $this->browser->getResponse()->getContent());
            }
            $this->browser->request('GET', "/api/batches/{$batch['id']}/map.pdf");
            self::assertStringStartsWith('%PDF-', (string) $this->browser->getResponse()->getContent());
        }
        $this->assertProblem(
            409,
            'was released',
            $this->ask('POST', "/api/plans/{$plan['id']}/release", ['version' => $plan['version'] + 1]),
        );

        $this->as('ines');
        $second = $this->ask('POST', "/api/plans/{$mine['plans'][0]['id']}/release", [
            'version' => $mine['plans'][0]['version'],
        ]);
        $this->assertProblem(409, 'was taken meanwhile by', $second);
        self::assertStringContainsString('Y-', (string) $second['detail']);
    }

    public function testStoppingKeepsTheBestSoFar(): void
    {
        $pieces = $this->waiting('Kestrel');
        $nesting = $this->ask('POST', '/api/nestings', [
            'film' => $this->navy->id(),
            'pieces' => array_map(
                static fn (Piece $piece): array => ['id' => $piece->id(), 'version' => $piece->version()],
                $pieces,
            ),
        ]);
        foreach ($nesting['plans'] as $plan) {
            $this->get(LayPlanHandler::class)(new LayPlan($plan['id'], true));
        }
        $stopped = $this->ask('POST', "/api/nestings/{$nesting['id']}/cancel");
        foreach ($nesting['plans'] as $plan) {
            $this->get(LayPlanHandler::class)(new LayPlan($plan['id']));
        }
        $this->records->clear();
        $stopped = $this->ask('GET', "/api/nestings/{$nesting['id']}");
        self::assertFalse($stopped['working']);
        foreach ($stopped['plans'] as $plan) {
            self::assertSame('done', $plan['state']);
            self::assertNotSame([], $plan['sheets']);
        }
    }

    public function testADecalWithMuchEmptyFilmInsideIsProposedInParts(): void
    {
        $pieces = $this->approved("Rope and\nTwine", 1, 'shop', ['lineSpacing' => 2.6])->pieces();
        $whole = $this->nesting($pieces);
        self::assertCount(1, $whole['splits']);
        $split = $whole['splits'][0];
        self::assertSame([$pieces[0]->id(), 2], [$split['piece'], $split['parts']]);
        self::assertGreaterThan(0, $split['saved']);
        self::assertGreaterThan(0, $split['minutes']);
        $parted = $this->nesting($pieces, ['split' => [$pieces[0]->id()]]);
        self::assertCount(2, $this->ask('GET', "/api/nestings/{$parted['id']}/shapes")['shapes']);
        self::assertLessThan(
            $whole['plans'][0]['sheets'][0]['length']['mm'],
            $parted['plans'][0]['sheets'][0]['length']['mm'],
            'less film, as proposed',
        );
    }

    public function testWhatCannotBeAskedIsRefusedWithASentence(): void
    {
        $pieces = $this->waiting('Kestrel');
        $chosen = array_map(
            static fn (Piece $piece): array => ['id' => $piece->id(), 'version' => $piece->version()],
            $pieces,
        );
        $this->assertProblem(
            422,
            'at least one piece',
            $this->ask('POST', '/api/nestings', ['film' => $this->navy->id(), 'pieces' => []]),
        );
        $round = $this->ask('POST', '/api/nestings', [
            'film' => $this->navy->id(),
            'pieces' => $chosen,
            'boxes' => 'round',
        ]);
        $this->assertProblem(422, 'another look', $round);
        self::assertSame('boxes', $round['fields'][0]['field']);
        $other = $this->ask('POST', '/api/stock/films', [
            'grade' => 'cast',
            'colour' => 'cream',
            'swatch' => '#f0e3c2',
        ])['films'];
        $cream = array_column($other, 'id', 'colour')['cream'];
        $this->assertProblem(
            422,
            'from another film',
            $this->ask('POST', '/api/nestings', ['film' => $cream, 'pieces' => $chosen]),
        );
        $this->assertProblem(
            422,
            'of another film',
            $this->ask('POST', '/api/nestings', [
                'film' => $this->navy->id(),
                'pieces' => $chosen,
                'stock' => $this->stockOf($cream),
            ]),
        );
        foreach (['/api/nestings/999999', '/api/nestings/999999/shapes'] as $gone) {
            $this->ask('GET', $gone);
            self::assertSame(404, $this->status, $gone);
        }
        $this->ask('POST', '/api/plans/999999/again', ['version' => 1]);
        self::assertSame(404, $this->status);
        self::assertSame(403, $this->statusWithoutToken());
    }

    private function stockOf(int $film): int
    {
        $items = $this->ask('POST', '/api/stock/receive', [
            'film' => $film,
            'kind' => 'sheet',
            'width' => '300mm',
            'height' => '600mm',
            'count' => '1',
            'bin' => '5',
        ])['items'];

        return array_values(
            array_filter($items, static fn (array $item): bool => $item['film']['id'] === $film),
        )[0]['id'];
    }

    private function statusWithoutToken(): int
    {
        $this->ask('POST', '/api/nestings', ['film' => $this->navy->id(), 'pieces' => []], false);

        return $this->status;
    }
}
