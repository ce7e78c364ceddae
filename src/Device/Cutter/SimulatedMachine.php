<?php

declare(strict_types=1);

namespace Yelbo\Device\Cutter;

/**
 * A cutter without the iron: it follows the way of a job at the speeds of a machine.
 * Time is told to it, so that it can run at any pace. It remembers the jobs it began, so that none is cut twice.
 *
 * @phpstan-type Remembered array{state: string, share: float, says: string}
 */
final class SimulatedMachine
{
    /** mm/s */
    private const CUT_SPEED = 80.0;
    private const TRAVEL_SPEED = 200.0;
    /** mm: how exactly it measures loaded film. */
    private const MEASURE = 1.0;
    /** How many jobs it remembers. */
    private const REMEMBERED = 500;

    private string $state = CutterStatus::IDLE;
    private string $says = 'Nothing loaded.';
    private ?string $job = null;
    /**
     * @var array{job: string, moves: list<array{float, float, float, bool}>, height: float}|null handed over and not
     *    begun
     */
    private ?array $sent = null;
    /** @var array{film: string, width: float, height: float}|null mm */
    private ?array $loaded = null;
    /** @var list<array{float, float, float, bool}> end of each move in seconds, x, y, knife down */
    private array $moves = [];
    private float $height = 0;
    private float $elapsed = 0;
    private int $next = 0;
    private int $contours = 0;

    /**
     * @param array<string, Remembered> $jobs what it knows of jobs from before it was switched on, the oldest first
     */
    public function __construct(private array $jobs = [])
    {
        foreach ($this->jobs as $job => $known) {
            if (\in_array($known['state'], [CutterStatus::CUTTING, CutterStatus::PAUSED], true)) {
                $this->jobs[$job] = [
                    'state' => CutterStatus::FAILED,
                    'share' => $known['share'],
                    'says' => 'It was switched off in the middle of the cut.',
                ];
            }
        }
    }

    /** @return array<string, Remembered> what it would know after it was switched off */
    public function memory(): array
    {
        return $this->jobs;
    }

    public function load(string $film, float $width, float $height): void
    {
        $this->refuseWhileBusy();
        $this->loaded = ['film' => $film, 'width' => $width, 'height' => $height];
        $this->state = CutterStatus::IDLE;
        $this->job = $this->sent = null;
        $this->says = "Loaded: $film, $width × $height mm.";
    }

    /** @param float $height of the sheet the job was planned on, mm */
    public function send(string $job, string $film, float $height, string $hpgl): void
    {
        if (isset($this->jobs[$job])) {
            return;
        }
        $this->refuseWhileBusy();
        $loaded = $this->loaded ?? throw new CutterTrouble('No film is loaded.');
        if ($loaded['film'] !== $film) {
            throw new CutterTrouble("The job is for $film, but $loaded[film] is loaded.");
        }
        $way = HpglWay::read($hpgl);
        [$left, $bottom, $right, $top] = $way->reach();
        $needs = $height - $bottom;
        if (
            $left < 0
            || $top > $height
            || $right > $loaded['width'] + self::MEASURE
            || $needs > $loaded['height'] + self::MEASURE
        ) {
            throw new CutterTrouble(
                \sprintf(
                    'The job needs %.0f × %.0f mm, but the film loaded measures %.0f × %.0f mm.',
                    $right,
                    $needs,
                    $loaded['width'],
                    $loaded['height'],
                ),
            );
        }
        $this->sent = ['job' => $job, 'moves' => self::plan($way, $height), 'height' => $height];
    }

    public function begin(string $job): void
    {
        if (isset($this->jobs[$job])) {
            return;
        }
        $this->refuseWhileBusy();
        $sent = $this->sent;
        if (null === $sent || $sent['job'] !== $job) {
            throw new CutterTrouble('The cutter was given another job meanwhile. Load the film and start again.');
        }
        $this->moves = $sent['moves'];
        $this->height = $sent['height'];
        $this->sent = null;
        $this->job = $job;
        $this->state = CutterStatus::CUTTING;
        $this->says = 'Cutting.';
        $this->elapsed = 0;
        $this->next = $this->contours = 0;
        $this->remember();
    }

    /** Lets so many seconds of the machine's time pass. */
    public function pass(float $seconds): void
    {
        if (CutterStatus::CUTTING !== $this->state) {
            return;
        }
        $this->elapsed += $seconds;
        while ($this->next < \count($this->moves) && $this->moves[$this->next][0] <= $this->elapsed) {
            if ($this->moves[$this->next][3] && !($this->moves[$this->next + 1][3] ?? false)) {
                ++$this->contours;
            }
            ++$this->next;
        }
        if ($this->next >= \count($this->moves)) {
            $this->state = CutterStatus::DONE;
            $this->says = 'Done.';
        }
        $this->remember();
    }

    public function pause(): void
    {
        $this->change(CutterStatus::CUTTING, CutterStatus::PAUSED, 'Paused.');
    }

    public function resume(): void
    {
        $this->change(CutterStatus::PAUSED, CutterStatus::CUTTING, 'Cutting.');
    }

    public function stop(): void
    {
        $this->end(CutterStatus::STOPPED, 'Stopped by hand.');
    }

    public function jam(): void
    {
        $this->end(CutterStatus::FAILED, 'The film jammed under the rollers.');
    }

    /** What it does now, or what became of a job. */
    public function status(?string $job = null): CutterStatus
    {
        if (null !== $job && $job !== $this->job) {
            $known = $this->jobs[$job] ?? ['state' => CutterStatus::UNKNOWN, 'share' => 0.0, 'says' => 'Never begun.'];

            return new CutterStatus($known['state'], $job, $known['share'], 0, 0, 0, 0, $known['says']);
        }
        $total = $this->seconds();
        [$x, $y] = $this->knife();

        return new CutterStatus(
            $this->state,
            $this->job,
            $this->share(),
            $this->contours,
            round($x, 2),
            round($y, 2),
            round(max(0.0, $total - $this->elapsed), 1),
            $this->says,
        );
    }

    /** How long the job takes in all. */
    private function seconds(): float
    {
        return [] === $this->moves ? 0.0 : $this->moves[\count($this->moves) - 1][0];
    }

    private function share(): float
    {
        $total = $this->seconds();

        return $total > 0 ? min(1.0, $this->elapsed / $total) : 0.0;
    }

    private function remember(): void
    {
        if (null !== $this->job) {
            $this->jobs[$this->job] = ['state' => $this->state, 'share' => $this->share(), 'says' => $this->says];
            $this->jobs = \array_slice($this->jobs, -self::REMEMBERED, null, true);
        }
    }

    /** @return list<array{float, float, float, bool}> */
    private static function plan(HpglWay $way, float $height): array
    {
        $moves = [];
        $seconds = 0.0;
        $at = [0.0, $height];
        foreach ($way->moves as [$x, $y, $down]) {
            $seconds += hypot($x - $at[0], $y - $at[1]) / ($down ? self::CUT_SPEED : self::TRAVEL_SPEED);
            $moves[] = [$seconds, $x, $y, $down];
            $at = [$x, $y];
        }

        return $moves;
    }

    /** @return array{float, float} mm from the sheet's top left */
    private function knife(): array
    {
        if ([] === $this->moves) {
            return [0.0, 0.0];
        }
        $to = $this->moves[min($this->next, \count($this->moves) - 1)];
        $from = $this->next > 0 ? $this->moves[$this->next - 1] : [0.0, 0.0, $this->height, false];
        $long = $to[0] - $from[0];
        $share = $long > 0 ? max(0.0, min(1.0, ($this->elapsed - $from[0]) / $long)) : 1.0;

        return [$from[1] + $share * ($to[1] - $from[1]), $this->height - ($from[2] + $share * ($to[2] - $from[2]))];
    }

    private function change(string $from, string $to, string $says): void
    {
        if ($this->state !== $from) {
            throw new CutterTrouble("The cutter is {$this->state}.");
        }
        $this->state = $to;
        $this->says = $says;
        $this->remember();
    }

    private function end(string $state, string $says): void
    {
        if (!\in_array($this->state, [CutterStatus::CUTTING, CutterStatus::PAUSED], true)) {
            throw new CutterTrouble("The cutter is {$this->state}.");
        }
        $this->state = $state;
        $this->says = $says;
        $this->remember();
    }

    private function refuseWhileBusy(): void
    {
        if (\in_array($this->state, [CutterStatus::CUTTING, CutterStatus::PAUSED], true)) {
            throw new CutterTrouble('The cutter is busy with another job.');
        }
    }
}
