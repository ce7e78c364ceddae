<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Plan\Waits;
use Yelbo\Trade\Rules;

/** What an order asks of the bench, summed up thing by thing. */
final class BenchToDo
{
    private float $minutes = 0.0;
    /** @var array<int, array{int, int}> of each coat how many things, and how long it dries, minutes */
    private array $coats = [];
    private int $here = 0;
    private int $after = 0;

    /** All of a thing that is not seen yet. */
    public function asked(AskedThing $thing, StepMinutes $minutes, Rules $rules): void
    {
        $this->apply($thing->copies * $thing->bench($rules));
        [$many, $dries] = $thing->here ? $minutes->coats($thing->finish) : [0, 0];
        for ($nth = 0; $nth < $many; ++$nth) {
            $this->coat($nth, $thing->many(), $dries);
        }
        foreach ($thing->films as [$film]) {
            $this->rest(Waits::untilUsed($film, $thing->finish, $rules), $thing->here && !$thing->elsewhere);
        }
    }

    /** Minutes of taping and applying. */
    public function apply(float $minutes): void
    {
        $this->minutes += $minutes;
    }

    /**
     * @param int $nth   which coat, from 0
     * @param int $many  things it goes on
     * @param int $dries minutes
     */
    public function coat(int $nth, int $many, int $dries): void
    {
        $known = $this->coats[$nth] ?? [0, 0];
        $this->coats[$nth] = [$known[0] + $many, max($known[1], $dries)];
    }

    /**
     * @param int  $minutes until it may be used, once it is on
     * @param bool $here    it rests in the shop; else where it was put on
     */
    public function rest(int $minutes, bool $here): void
    {
        if ($here) {
            $this->here = max($this->here, $minutes);
        } else {
            $this->after = max($this->after, $minutes);
        }
    }

    /**
     * @return array{float, list<array{int, int}>, int, int} minutes of taping and applying; of each coat how many
     *     things
     *     and how long it dries; how long it rests here, and at the customer's
     */
    public function all(): array
    {
        return [$this->minutes, array_values($this->coats), $this->here, $this->after];
    }
}
