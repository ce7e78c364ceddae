<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

/** One step with this decal's own figures. */
final readonly class Step
{
    /**
     * @param string                      $title   in a few words
     * @param string                      $how     in a sentence or two
     * @param list<string>                $needs   what is laid ready for it
     * @param float                       $minutes hands take
     * @param int                         $wait    minutes it waits afterwards, before the next step
     * @param string                      $reason  why it is done so; empty where that goes without saying
     * @param string|null                 $caution what can hurt somebody
     * @param list<array{string, string}> $troubles what may be seen to go wrong, and the answer
     * @param OtherWay|null               $other   where two schools do it differently: the other way
     */
    public function __construct(
        public StepKind $kind,
        public string $title,
        public string $how,
        public array $needs = [],
        public float $minutes = 0.0,
        public int $wait = 0,
        public string $reason = '',
        public ?string $caution = null,
        public array $troubles = [],
        public ?OtherWay $other = null,
    ) {
    }

    /** This step, hands taking so many minutes for it. */
    public function lasting(float $minutes): self
    {
        return new self(...['minutes' => $minutes] + get_object_vars($this));
    }
}
