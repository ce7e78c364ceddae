<?php

declare(strict_types=1);

namespace Yelbo\Device\Cutter;

/** A machine that cuts film: what the shop asks of it. */
interface Cutter
{
    /**
     * Tells the machine what lies on it; it measures the film itself.
     *
     * @param int $width  µm
     * @param int $height µm
     *
     * @throws CutterTrouble
     */
    public function load(string $film, int $width, int $height): void;

    /**
     * Hands over a job, which takes its time; the knife does not move yet. One handed over before and not begun is
     * forgotten.
     *
     * @param string $job    a name of the caller's, used for this one job only
     * @param string $film   what the job is meant for
     * @param int    $height of the sheet it was planned on, µm
     *
     * @throws CutterTrouble where it does not match what is loaded
     */
    public function send(string $job, string $film, int $height, string $hpgl): void;

    /**
     * Begins to cut the job handed over. A job is cut once: told again of one that it has begun, or is through with,
     * the machine does nothing.
     *
     * @throws CutterTrouble where it was not handed over, or another one since
     */
    public function begin(string $job): void;

    /**
     * What the machine does now, or what became of a job: `UNKNOWN` where it never began it.
     *
     * @throws CutterTrouble where the machine does not answer
     */
    public function status(?string $job = null): CutterStatus;

    /** @throws CutterTrouble */
    public function pause(): void;

    /** @throws CutterTrouble */
    public function resume(): void;

    /** @throws CutterTrouble */
    public function stop(): void;

    /** For trying out what happens: the machine jams. @throws CutterTrouble */
    public function jam(): void;
}
