<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Batches\CutFollowing;

final class WorkTest extends WebCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('tomas');
    }

    public function testAPieceFromBatchToDelivered(): void
    {
        $this->approved('BOAT', 1, 'customer');
        $waiting = $this->ask('GET', '/api/batches/waiting')['pieces'];
        $chosen = [['id' => $waiting[0]['id'], 'version' => $waiting[0]['version']]];
        $batch = $this->released($chosen);
        self::assertSame('released', $batch['state']);
        $this->assertProblem(409, 'taken meanwhile', $this->released($chosen));

        self::ensureKernelShutdown();
        $this->browser = self::createClient();
        $this->browser->disableReboot();
        $this->as('tomas');
        $this->browser->request('GET', "/api/batches/{$batch['id']}/sheet.hpgl");
        self::assertStringStartsWith('IN;', (string) $this->browser->getResponse()->getContent());
        self::assertStringContainsString(
            'attachment',
            (string) $this->browser->getResponse()->headers->get('Content-Disposition'),
        );

        $cutting = $this->ask('POST', "/api/batches/{$batch['id']}/cut", [
            'version' => $batch['version'],
            'stock' => $this->sheets->id(),
        ]);
        self::assertSame('cutting', $cutting['state'], json_encode($cutting, \JSON_THROW_ON_ERROR));
        $cutter = $this->ask('POST', '/api/cutter/pause');
        self::assertSame(['paused', $batch['id']], [$cutter['state'], $cutter['batch']]);
        $this->assertProblem(422, 'is paused', $this->ask('POST', '/api/cutter/pause'));
        $this->ask('POST', '/api/cutter/resume');
        $this->machine()->machine->pass(10_000);
        $job = $this->machine()->status()->job ?? '';
        self::assertFalse($this->get(CutFollowing::class)->follow($batch['id'], $job));

        $piece = $this->ask('GET', '/api/pieces?station=weed')['pieces'][0];
        $weeding = $this->ask('GET', "/api/pieces/{$piece['id']}/weeding");
        self::assertCount(4, $weeding['insides']);
        $this->assertProblem(
            422,
            'Not all inside',
            $this->ask('POST', "/api/pieces/{$piece['id']}/moves", [
                'move' => 'weeded',
                'version' => $piece['version'],
            ]),
        );
        $out = $this->ask('PUT', "/api/pieces/{$piece['id']}/out", [
            'version' => $piece['version'],
            'numbers' => [0, 1, 2, 3],
        ]);
        self::assertSame([0, 1, 2, 3], $out['out']);
        $piece = $this->ask('POST', "/api/pieces/{$piece['id']}/moves", [
            'move' => 'weeded',
            'version' => $out['piece']['version'],
        ]);
        self::assertSame('applying', $piece['state']);

        $steps = $this->ask('GET', "/api/things/{$piece['thing']}/steps");
        $ticked = $this->ask('PUT', "/api/things/{$piece['thing']}/steps", [
            'version' => $steps['thing']['version'],
            'done' => array_column($steps['steps'], 'name'),
        ]);
        self::assertSame([true], array_values(array_unique(array_column($ticked['steps'], 'done'))));
        $level = $this->ask(
            'POST',
            "/api/pieces/{$piece['id']}/level",
            ['line' => [0, 0, 800, 28], 'along' => [0, 0, 800, 0]],
        );
        self::assertEquals([2.0, true], [$level['degrees'], $level['isCrooked']]);
        self::assertStringContainsString('People will see that', $level['says']);
        $this->assertProblem(
            422,
            'two spots that lie apart',
            $this->ask('POST', "/api/pieces/{$piece['id']}/level", ['line' => [5, 5, 5, 5]]),
        );
        $thing = $this->ask('POST', "/api/things/{$piece['thing']}/moves", [
            'move' => 'packed',
            'version' => $ticked['thing']['version'],
        ]);
        self::assertContains('Care card', $this->ask('GET', "/api/things/{$thing['id']}/parcel")['contents']);
        $thing = $this->ask('POST', "/api/things/{$thing['id']}/moves", [
            'move' => 'post',
            'version' => $thing['version'],
            'detail' => 'TW-7',
        ]);
        self::assertSame(['on-its-way', 'TW-7'], [$thing['state'], $thing['tracking']]);
        $thing = $this->ask('POST', "/api/things/{$thing['id']}/moves", [
            'move' => 'deliver',
            'version' => $thing['version'],
        ]);
        self::assertNull($thing['station']);
        self::assertSame('done', $this->ask('GET', "/api/dockets/{$thing['docket']}")['state']);
        self::assertSame(2, $this->ask('GET', '/api/stock')['items'][0]['count']);
        [$rest] = $this->ask('GET', '/api/remnants')['remnants'];
        self::assertSame(['square', $batch['id']], [$rest['propose'], $rest['batch']]);
        self::assertSame(
            [],
            $this->ask('POST', "/api/batches/{$batch['id']}/remnant", [
                'version' => $rest['version'],
                'how' => 'square',
            ])['remnants'],
        );
        self::assertSame(
            'offcut',
            $this->ask('GET', '/api/stock')['items'][1]['kind'] ?? $this->ask('GET', '/api/stock')['items'][0]['kind'],
        );
    }

    public function testACutterThatIsOffIsSaidNotThrown(): void
    {
        $this->machine()->on = false;
        $cutter = $this->ask('GET', '/api/cutter');
        self::assertSame(200, $this->status);
        self::assertFalse($cutter['answers']);
        $this->assertProblem(422, 'switched on', $this->ask('POST', '/api/cutter/stop'));
    }

    public function testUnknownMovesAndPiecesAreRefused(): void
    {
        $docket = $this->approved();
        $id = $docket->pieces()[0]->id();
        $this->assertProblem(
            422,
            'no such move',
            $this->ask('POST', "/api/pieces/$id/moves", ['move' => 'fly', 'version' => 1]),
        );
        $this->assertProblem(
            409,
            'not done with one piece',
            $this->ask('POST', "/api/pieces/$id/moves", ['move' => 'hand-over', 'version' => 1]),
        );
        $thing = $docket->things()[0]->id();
        $this->assertProblem(
            422,
            'not that far: it is waiting',
            $this->ask('POST', "/api/things/$thing/moves", ['move' => 'hand-over', 'version' => 1]),
        );
        $this->assertProblem(404, 'no such thing', $this->ask('GET', '/api/things/999999/steps'));
        $this->assertProblem(
            404,
            'no such film',
            $this->ask(
                'POST',
                "/api/things/$thing/moves",
                ['move' => 'spoil', 'version' => 1, 'pieces' => [999999], 'detail' => 'x'],
            ),
        );
        $this->assertProblem(404, 'no such piece', $this->ask('GET', '/api/pieces/999999/weeding'));
        $this->assertProblem(404, 'no batch', $this->ask('GET', '/api/batches/999999'));
    }
}
