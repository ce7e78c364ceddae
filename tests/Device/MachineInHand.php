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
    }

    public function begin(string $job): void
    {
        $this->machine()->begin($job);
    }

    public function status(): CutterStatus
    {
        return $this->machine()->status();
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

    private function machine(): SimulatedMachine
    {
        return $this->on
            ? $this->machine
            : throw new CutterTrouble('The cutter does not answer. Is it switched on and plugged in?');
    }
}
