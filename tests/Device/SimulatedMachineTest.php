<?php

declare(strict_types=1);

namespace Yelbo\Tests\Device;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Device\Cutter\CutterStatus;
use Yelbo\Device\Cutter\CutterTrouble;
use Yelbo\Device\Cutter\HpglWay;
use Yelbo\Device\Cutter\SimulatedMachine;

final class SimulatedMachineTest extends TestCase
{
    /** A square of 80 mm side, 10 mm from the left and 10 mm from the top of a sheet 200 mm high. */
    private const JOB = "IN;\nSP1;\nPU400,7600;\nPD3600,7600,3600,4400,400,4400,400,7600;\nPU;\nPA0,0;\nSP0;\n";

    private function cutting(): SimulatedMachine
    {
        $machine = new SimulatedMachine();
        $machine->load('Permanent, navy', 300, 200);
        $machine->send('batch-1', 'Permanent, navy', 200, self::JOB);
        $machine->begin('batch-1');

        return $machine;
    }

    public function testFollowsTheWayInItsOwnTime(): void
    {
        $machine = $this->cutting();
        $there = hypot(10, 10) / 200;
        $machine->pass($there + 0.5);
        $status = $machine->status();
        self::assertSame(CutterStatus::CUTTING, $status->state);
        self::assertEqualsWithDelta(50, $status->x, 0.1, 'half a second at 80 mm/s along the upper side');
        self::assertEqualsWithDelta(10, $status->y, 0.1);
        self::assertSame(0, $status->contours);
        $machine->pass(3.6);
        self::assertSame(1, $machine->status()->contours);
        $machine->pass(60);
        self::assertSame(CutterStatus::DONE, $machine->status()->state);
        self::assertSame(1.0, $machine->status()->share);
    }

    public function testCutsAJobOnceHoweverOftenItIsTold(): void
    {
        $machine = $this->cutting();
        $machine->pass(60);
        $machine->begin('batch-1');
        self::assertSame(CutterStatus::DONE, $machine->status()->state);
        $machine->load('Permanent, navy', 300, 200);
        $machine->send('batch-1', 'Permanent, navy', 200, self::JOB);
        $machine->begin('batch-1');
        self::assertSame(CutterStatus::IDLE, $machine->status()->state);
        self::assertSame(CutterStatus::DONE, $machine->status('batch-1')->state);
        self::assertSame(CutterStatus::UNKNOWN, $machine->status('batch-2')->state);
    }

    public function testRemembersItsJobsWhenThePowerGoes(): void
    {
        $machine = $this->cutting();
        $machine->pass(1);
        $again = new SimulatedMachine($machine->memory());
        self::assertSame(CutterStatus::FAILED, $again->status('batch-1')->state);
        self::assertStringContainsString('switched off', $again->status('batch-1')->says);
        self::assertGreaterThan(0, $again->status('batch-1')->share);
        $machine->pass(60);
        self::assertSame(CutterStatus::DONE, (new SimulatedMachine($machine->memory()))->status('batch-1')->state);
    }

    public function testPausesAndGoesOn(): void
    {
        $machine = $this->cutting();
        $machine->pass(1);
        $machine->pause();
        $share = $machine->status()->share;
        $machine->pass(100);
        self::assertSame($share, $machine->status()->share);
        $machine->resume();
        $machine->pass(0.5);
        self::assertGreaterThan($share, $machine->status()->share);
    }

    public function testStopsAndJams(): void
    {
        $machine = $this->cutting();
        $machine->pass(1);
        $machine->stop();
        self::assertSame(CutterStatus::STOPPED, $machine->status()->state);
        $jammed = $this->cutting();
        $jammed->jam();
        self::assertSame(CutterStatus::FAILED, $jammed->status()->state);
        self::assertStringContainsString('jammed', $jammed->status()->says);
        $this->expectException(CutterTrouble::class);
        $jammed->resume();
    }

    /** @return iterable<string, array{string, float, float, string}> */
    public static function wrongFilm(): iterable
    {
        yield 'another film' => ['Glitter, copper', 300, 200, 'is loaded'];
        yield 'too narrow' => ['Permanent, navy', 80, 200, 'measures'];
        yield 'too short' => ['Permanent, navy', 300, 70, 'needs 90 × 90 mm'];
    }

    #[DataProvider('wrongFilm')]
    public function testRefusesFilmThatDoesNotMatchTheJob(string $film, float $width, float $height, string $says): void
    {
        $machine = new SimulatedMachine();
        $machine->load($film, $width, $height);
        $this->expectException(CutterTrouble::class);
        $this->expectExceptionMessageMatches("~$says~");
        $machine->send('batch-1', 'Permanent, navy', 200, self::JOB);
        $machine->begin('batch-1');
    }

    public function testAShorterSheetServesWhereTheJobIsShortEnough(): void
    {
        $machine = new SimulatedMachine();
        $machine->load('Permanent, navy', 95, 95);
        $machine->send('batch-1', 'Permanent, navy', 200, self::JOB);
        $machine->begin('batch-1');
        self::assertSame(CutterStatus::CUTTING, $machine->status()->state);
    }

    public function testNothingLoadedAndBusyAreRefused(): void
    {
        try {
            (new SimulatedMachine())->send('batch-1', 'x', 200, self::JOB);
            self::fail();
        } catch (CutterTrouble $trouble) {
            self::assertStringContainsString('No film', $trouble->getMessage());
        }
        $this->expectExceptionMessageMatches('~busy~');
        $this->cutting()->load('Permanent, navy', 300, 200);
    }

    /** @return iterable<array{string}> */
    public static function notHpgl(): iterable
    {
        yield ['hello'];
        yield ['PD1,2,3;'];
        yield ['PD1,x;'];
    }

    #[DataProvider('notHpgl')]
    public function testReadsHpglAndNothingElse(string $job): void
    {
        $this->expectException(CutterTrouble::class);
        HpglWay::read($job);
    }

    public function testAJobThatCutsNothingIsRefused(): void
    {
        $this->expectExceptionMessageMatches('~cuts nothing~');
        HpglWay::read('IN;SP1;PU1,1;SP0;')->reach();
    }

    public function testAJobHandedOverWaitsUntilItIsBegunAndOnlyTheNewestIs(): void
    {
        $machine = new SimulatedMachine();
        $machine->load('Permanent, navy', 300, 200);
        $machine->send('first', 'Permanent, navy', 200, self::JOB);
        $machine->pass(1000);
        self::assertSame(CutterStatus::IDLE, $machine->status()->state, 'the knife does not move yet');
        $machine->send('second', 'Permanent, navy', 200, self::JOB);
        try {
            $machine->begin('first');
            self::fail('Another one was handed over since.');
        } catch (CutterTrouble $trouble) {
            self::assertStringContainsString('another job', $trouble->getMessage());
        }
        $machine->begin('second');
        self::assertSame(['second', CutterStatus::CUTTING], [$machine->status()->job, $machine->status()->state]);
        $this->expectException(CutterTrouble::class);
        $machine->send('third', 'Permanent, navy', 200, self::JOB);
    }
}
