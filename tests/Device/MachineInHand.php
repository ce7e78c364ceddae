<?php

declare(strict_types=1);

namespace Yelbo\Tests\Device;

use Yelbo\Device\Cutter\Cutter;
use Yelbo\Device\Cutter\CutterStatus;
use Yelbo\Device\Cutter\CutterTrouble;
use Yelbo\Device\Cutter\SimulatedMachine;

/** The simulated machine in the test's own process, its time in the test's hand. */
final class MachineInHand implements Cutter
{
    public SimulatedMachine $machine;
    public bool $on = true;
    /** @var list<string> the jobs the knife began, each as often as it did */
    public array $begun = [];
    /** @var array<string, \Throwable> what goes wrong once, by where: `before begin`, `after begin`, `after send` */
    public array $faults = [];

    public function __construct()
    {
        $this->machine = new SimulatedMachine();
    }

    public function load(string $film, int $width, int $height): void
    {
        $this->machine()->load($film, $width / 1000, $height / 1000);
    }

    public function send(string $job, string $film, int $height, string $hpgl): void
    {
        $this->machine()->send($job, $film, $height / 1000, $hpgl);
        $this->fault('after send');
    }

    public function begin(string $job): void
    {
        $this->fault('before begin');
        $before = $this->machine()->status()->job;
        $this->machine()->begin($job);
        if ($this->machine()->status()->job !== $before) {
            $this->begun[] = $job;
        }
        $this->fault('after begin');
    }

    public function status(?string $job = null): CutterStatus
    {
        return $this->machine()->status($job);
    }

    public function pause(): void
    {
        $this->machine()->pause();
    }

    public function resume(): void
    {
        $this->machine()->resume();
    }

    public function stop(): void
    {
        $this->machine()->stop();
    }

    public function jam(): void
    {
        $this->machine()->jam();
    }

    private function fault(string $at): void
    {
        $fault = $this->faults[$at] ?? null;
        unset($this->faults[$at]);
        if (null !== $fault) {
            throw $fault;
        }
    }

    private function machine(): SimulatedMachine
    {
        return $this->on
            ? $this->machine
            : throw new CutterTrouble('The cutter does not answer. Is it switched on and plugged in?');
    }
}
