<?php

declare(strict_types=1);

namespace Yelbo\Tests\Device;

use PHPUnit\Framework\TestCase;
use Yelbo\Device\Cutter\CutterStatus;
use Yelbo\Device\Cutter\CutterTrouble;
use Yelbo\Device\Cutter\SimulatedServer;
use Yelbo\Device\Cutter\SocketCutter;

/** The client and the stand-in, each in a process of its own, over a real socket. */
final class SocketCutterTest extends TestCase
{
    private int $server = 0;
    private string $address = '';
    private string $memory = '';

    protected function setUp(): void
    {
        $this->memory = sys_get_temp_dir().'/cutter-'.bin2hex(random_bytes(4)).'.json';
        $free = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($free);
        $this->address = (string) stream_socket_get_name($free, false);
        fclose($free);
        $this->switchOn();
    }

    private function switchOn(): void
    {
        $child = pcntl_fork();
        if (0 === $child) {
            $server = new SimulatedServer($this->memory, 40);
            pcntl_async_signals(true);
            pcntl_signal(\SIGTERM, static fn () => $server->switchOff());
            $server->run($this->address);
            posix_kill(posix_getpid(), \SIGKILL);
        }
        $this->server = $child;
        for ($tries = 0; $tries < 2000 && !$this->isOn(); ++$tries) {
            usleep(10_000);
        }
    }

    private function isOn(): bool
    {
        try {
            return '' !== (new SocketCutter($this->address))->status()->state;
        } catch (CutterTrouble) {
            return false;
        }
    }

    protected function tearDown(): void
    {
        posix_kill($this->server, \SIGTERM);
        pcntl_waitpid($this->server, $status);
        @unlink($this->memory);
    }

    public function testKilledInTheMiddleItKnowsHowFarItWasAndCutsItNoSecondTime(): void
    {
        $cutter = new SocketCutter($this->address);
        $cutter->load('Permanent, navy', 300_000, 200_000);
        $way = implode(',', array_merge(...array_fill(0, 200, [3600, 7600, 3600, 4400])));
        $cutter->send('once', 'Permanent, navy', 200_000, "IN;SP1;PU400,7600;PD$way;PU;");
        $cutter->begin('once');
        posix_kill($this->server, \SIGKILL);
        pcntl_waitpid($this->server, $status);
        $this->switchOn();
        self::assertSame(CutterStatus::FAILED, $cutter->status('once')->state);
        self::assertStringContainsString('switched off', $cutter->status('once')->says);
        $cutter->begin('once');
        self::assertSame(CutterStatus::IDLE, $cutter->status()->state);
        self::assertSame(CutterStatus::UNKNOWN, $cutter->status('another')->state);
    }

    public function testAJobRunsToItsEnd(): void
    {
        $cutter = new SocketCutter($this->address);
        self::assertSame(CutterStatus::IDLE, $cutter->status()->state);
        $cutter->load('Permanent, navy', 300_000, 200_000);
        $cutter->send(
            'batch-9-abc',
            'Permanent, navy',
            200_000,
            'IN;SP1;PU400,7600;PD3600,7600,3600,4400,400,4400,400,7600,3600,7600,3600,4400,400,4400,400,7600;PU;PA0,0;',
        );
        $cutter->begin('batch-9-abc');
        $seen = [];
        for ($tries = 0; $tries < 2000; ++$tries) {
            $status = $cutter->status();
            $seen[] = $status->share;
            self::assertSame('batch-9-abc', $status->job);
            if (CutterStatus::DONE === $status->state) {
                break;
            }
            usleep(10_000);
        }
        self::assertSame(CutterStatus::DONE, $cutter->status()->state);
        self::assertGreaterThan(2, \count(array_unique($seen)), 'progress is told on the way');
    }

    public function testTroubleComesBackInWords(): void
    {
        $cutter = new SocketCutter($this->address);
        $cutter->load('Glitter, copper', 300_000, 200_000);
        try {
            $cutter->send('batch-9', 'Permanent, navy', 200_000, 'IN;SP1;PU400,7600;PD3600,7600;');
            $cutter->begin('batch-9');
            self::fail();
        } catch (CutterTrouble $trouble) {
            self::assertStringContainsString('Glitter, copper is loaded', $trouble->getMessage());
        }
        foreach (['pause', 'resume', 'stop', 'jam'] as $order) {
            try {
                $cutter->{$order}();
                self::fail();
            } catch (CutterTrouble $trouble) {
                self::assertStringContainsString('idle', $trouble->getMessage());
            }
        }
    }

    public function testACutterThatIsOffSaysSo(): void
    {
        $this->expectException(CutterTrouble::class);
        $this->expectExceptionMessageMatches('~switched on~');
        (new SocketCutter('127.0.0.1:1'))->status();
    }
}
