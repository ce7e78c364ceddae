<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Refused;

/**
 * How far a plan of work is: what is done, in order, what dries, and since when the decal is on its object. Source:
 * handbook sections 10 and 12.
 */
final readonly class Progress
{
    /**
     * @param list<string>            $done       steps by their names in the plan
     * @param \DateTimeImmutable|null $driesUntil until when the last of them dries; none where it does not
     * @param \DateTimeImmutable|null $onSince    since when all of it is rubbed down; none where it is not
     * @param bool                    $cutShort   a wait was not waited for
     */
    public function __construct(
        public array $done = [],
        public ?\DateTimeImmutable $driesUntil = null,
        public ?\DateTimeImmutable $onSince = null,
        public bool $cutShort = false,
    ) {
    }

    /**
     * Goes on, or back. Those before one that is done are done too; what is readied on the mat goes on for itself.
     *
     * @param list<string> $done   by their names in the plan
     * @param string       $reason why a wait is cut short; empty where none is
     *
     * @throws Refused at `/reason` where something dries still, and no reason is given
     */
    public function to(array $done, WorkPlan $plan, \DateTimeImmutable $now, string $reason): self
    {
        $steps = $plan->handSteps();
        $names = array_keys($steps);
        $kept = [];
        foreach (array_intersect($names, $done) as $name) {
            // What was done before goes on holding, though a film before it is cut again.
            $before = $plan->upTo($name);
            array_push($kept, ...\in_array($name, $this->done, true) ? array_intersect($before, $this->done) : $before);
        }
        $kept = array_values(array_intersect($names, $kept));
        $new = array_values(array_diff($kept, $this->done));
        $on = array_filter($names, static fn (string $name): bool => StepKind::RubDown === $steps[$name]->kind);
        $isOn = [] !== $on && [] === array_diff($on, $kept);
        if ([] === $new) {
            $back = \count($kept) < \count($this->done);

            return new self($kept, $back ? null : $this->driesUntil, $isOn ? $this->onSince : null);
        }
        if ([] === array_filter($new, static fn (string $name): bool => !$plan->isPreparing($name))) {
            return new self($kept, $this->driesUntil, $isOn ? $this->onSince : null);
        }
        $waiting = $this->waiting($steps, $new, $now);
        if (null !== $waiting && '' === $reason) {
            throw new Refused('dries', "$waiting To go on sooner, say why.", '/reason');
        }
        $wait = $steps[$new[\count($new) - 1]]->wait;

        return new self(
            $kept,
            0 === $wait ? null : $now->add(new \DateInterval("PT{$wait}M")),
            $this->onSince ?? ($isOn ? $now : null),
            null !== $waiting,
        );
    }

    /**
     * Until when it rests, once all is done: from when it was put on; coats that dry meanwhile are no further wait.
     * What the plan lets go at once does not rest here.
     */
    public function restsUntil(WorkPlan $plan, \DateTimeImmutable $now): \DateTimeImmutable
    {
        $rested = ($this->onSince ?? $now)->add(new \DateInterval("PT{$plan->waits()}M"));

        return max($now, 0 === $plan->rest() ? $now : $rested, $this->driesUntil ?? $now);
    }

    /**
     * What a step would not wait for, as a sentence; nothing where it may go on.
     *
     * @param array<string, Step> $steps
     * @param list<string>        $new
     */
    private function waiting(array $steps, array $new, \DateTimeImmutable $now): ?string
    {
        if (null !== $this->driesUntil && $now < $this->driesUntil) {
            return "It dries until {$this->driesUntil->format('D j M, H:i')}.";
        }
        if (\in_array(StepKind::PaintCures->value, $new, true)) {
            return $steps[StepKind::PaintCures->value]->how;
        }
        foreach (\array_slice($new, 0, -1) as $passed) {
            if ($steps[$passed]->wait > 0) {
                return "“{$steps[$passed]->title}” has to dry before the next step.";
            }
        }

        return null;
    }

    /**
     * One of its films is cut again: what was done with that, and what was done with the whole after it, is not done
     * any more.
     *
     * @param list<string> $films the names of what is lifted with it, as `FilmOnThing`
     */
    public function without(array $films, WorkPlan $plan): self
    {
        $steps = array_intersect_key($plan->keyed(), array_flip($this->done));
        $kept = array_filter(
            $steps,
            static fn (Step $step, string $name): bool => match ($step->kind->whose()) {
                StepWhose::Ground => true,
                StepWhose::Thing => false,
                default => !\in_array(explode('/', $name)[1] ?? '', $films, true),
            },
            \ARRAY_FILTER_USE_BOTH,
        );
        $isOn = array_filter($kept, static fn (Step $step): bool => StepWhose::Film === $step->kind->whose());

        return new self(
            array_keys(
                [] === $isOn
                    ? array_filter($kept, static fn (Step $step): bool => $step->kind->isPreparing())
                    : $kept,
            ),
        );
    }
}
