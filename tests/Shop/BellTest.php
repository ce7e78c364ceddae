<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\MockClock;
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
    private MockClock $clock;

    protected function setUp(): void
    {
        $this->clock = new MockClock('2026-03-02 09:00:00.4');
        $this->file = (string) tempnam(sys_get_temp_dir(), 'bell');
    }

    protected function tearDown(): void
    {
        @unlink($this->file);
    }

    public function testItWakesEveryoneOnceForEachRing(): void
    {
        [$one, $other, $ringer] = [$this->bell(), $this->bell(), $this->bell()];
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
        $bell = new Bell('/nowhere/at/all', $this->clock);
        $bell->ring();
        self::assertFalse(self::wakes($bell));
    }

    public function testItRingsOnceForAllThatWasSentAndNotWhereNothingWas(): void
    {
        $rings = new RingsBell($this->bell());
        $ear = $this->bell();
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
        $waits = new WaitsForBell($this->bell(), $this->clock);
        self::assertSame(0.0, $this->slept($waits, false), 'there was something to do');
        $signal = static fn (int $number): ConsoleSignalEvent => new ConsoleSignalEvent(
            new Command('work'),
            new ArrayInput([]),
            new NullOutput(),
            $number,
        );
        $waits->stopped($signal(\SIGALRM));
        self::assertSame(1.0, $this->slept($waits, true));
        $waits->stopped($signal(\SIGTERM));
        self::assertSame(0.0, $this->slept($waits, true));
    }

    public function testItLooksAsSoonAsWhatItSentForLaterIsDue(): void
    {
        $waits = new WaitsForBell($this->bell(), $this->clock);
        $waits->sent(new SendMessageToTransportsEvent(new Envelope(new \stdClass(), [new DelayStamp(0)]), []));
        self::assertSame(
            0.6,
            $this->slept($waits, true),
            'due in whole seconds, as the table keeps them: then it looks, once',
        );
        self::assertSame(1.0, $this->slept($waits, true));
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

    /** How long a worker waited, seconds. */
    private function slept(WaitsForBell $waits, bool $isIdle): float
    {
        $began = $this->clock->now();
        $waits(new WorkerRunningEvent(new Worker([], new MessageBus(), new EventDispatcher()), $isIdle));

        return round((float) $this->clock->now()->format('U.u') - (float) $began->format('U.u'), 3);
    }

    private function bell(): Bell
    {
        return new Bell($this->file, $this->clock);
    }
}
