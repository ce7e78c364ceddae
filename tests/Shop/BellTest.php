<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Event\ConsoleSignalEvent;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;
use Symfony\Component\EventDispatcher\EventDispatcher;
use Symfony\Component\Messenger\Envelope;
use Symfony\Component\Messenger\Event\SendMessageToTransportsEvent;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;
use Symfony\Component\Messenger\MessageBus;
use Symfony\Component\Messenger\Stamp\DelayStamp;
use Symfony\Component\Messenger\Worker;
use Yelbo\Shop\Records\Bell;
use Yelbo\Shop\Records\RingsBell;
use Yelbo\Shop\Records\WaitsForBell;

/** Workers wait for a bell: it wakes each once, and nobody sleeps past what is due or past a signal to stop. */
final class BellTest extends TestCase
{
    private const NEVER_MS = 20_000;

    private string $file;

    protected function setUp(): void
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'bell');
    }

    protected function tearDown(): void
    {
        @unlink($this->file);
    }

    public function testItWakesEveryoneOnceForEachRing(): void
    {
        [$one, $other, $ringer] = [new Bell($this->file), new Bell($this->file), new Bell($this->file)];
        $ringer->ring();
        foreach ([$one, $other] as $bell) {
            self::assertTrue(self::wakes($bell), 'it rang before anybody waited');
            self::assertFalse(self::wakes($bell), 'and only once');
        }
        $ringer->ring();
        self::assertTrue(self::wakes($one));
        self::assertTrue(self::wakes($other));
    }

    public function testABellThatCannotBeRungStopsNobody(): void
    {
        $bell = new Bell('/nowhere/at/all');
        $bell->ring();
        self::assertFalse(self::wakes($bell));
    }

    public function testItRingsOnceForAllThatWasSentAndNotWhereNothingWas(): void
    {
        $rings = new RingsBell(new Bell($this->file));
        $ear = new Bell($this->file);
        $rings->ended();
        self::assertFalse(self::wakes($ear));
        $rings->sent();
        $rings->sent();
        self::assertFalse(self::wakes($ear), 'not before it is written');
        $rings->ended();
        self::assertTrue(self::wakes($ear));
        $rings->ended();
        self::assertFalse(self::wakes($ear));
    }

    public function testAWorkerThatIsBusyOrToldToStopDoesNotWaitAndAnAlarmIsNoWordToStop(): void
    {
        $waits = new WaitsForBell(new Bell($this->file));
        self::assertFalse(self::slept($waits, false), 'there was something to do');
        $signal = static fn (int $number): ConsoleSignalEvent => new ConsoleSignalEvent(new Command('work'), new ArrayInput([]), new NullOutput(), $number);
        $waits->stopped($signal(\SIGALRM));
        self::assertTrue(self::slept($waits, true));
        $waits->stopped($signal(\SIGTERM));
        self::assertFalse(self::slept($waits, true));
    }

    public function testItLooksAsSoonAsWhatItSentForLaterIsDue(): void
    {
        $waits = new WaitsForBell(new Bell($this->file));
        $waits->sent(new SendMessageToTransportsEvent(new Envelope(new \stdClass(), [new DelayStamp(0)]), []));
        // Due in whole seconds, as the table keeps them: then it looks, once.
        usleep(1_000_000);
        self::assertFalse(self::slept($waits, true));
        self::assertTrue(self::slept($waits, true));
    }

    private static function wakes(Bell $bell): bool
    {
        $looked = 0;
        // Whoever is not woken gives up after its first look.
        $bell->wait(self::NEVER_MS, static function () use (&$looked): bool {
            return ++$looked > 1;
        });

        return 1 === $looked;
    }

    /** Whether a worker waited at all, which ends after a second. */
    private static function slept(WaitsForBell $waits, bool $isIdle): bool
    {
        $worker = new Worker([], new MessageBus(), new EventDispatcher());
        $began = hrtime(true);
        $waits(new WorkerRunningEvent($worker, $isIdle));

        return hrtime(true) - $began > 20_000_000;
    }
}
