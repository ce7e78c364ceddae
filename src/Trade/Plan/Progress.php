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
     * @param \DateTimeImmutable|null $onSince    since when it is rubbed down; none where it is not
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
     * Goes on, or back. Those before one that is done are done too.
     *
     * @param list<string> $done   by their names in the plan
     * @param string       $reason why a wait is cut short; empty where none is
     *
     * @throws Refused at `/reason` where something dries still, and no reason is given
     */
    public function to(array $done, WorkPlan $plan, \DateTimeImmutable $now, string $reason): self
    {
        $steps = $plan->done();
        $names = array_keys($steps);
        $kept = \array_slice($names, 0, 1 + max([-1, ...array_keys(array_intersect($names, $done))]));
        $new = array_values(array_diff($kept, $this->done));
        $isOn = \in_array(StepKind::RubDown->value, $kept, true);
        if ([] === $new) {
            $back = \count($kept) < \count($this->done);

            return new self($kept, $back ? null : $this->driesUntil, $isOn ? $this->onSince : null);
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
}
