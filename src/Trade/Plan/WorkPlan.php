<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Rules;

/**
 * What is done with one decal, step by step. What steps there are is said by rules that each stand alone; their order
 * comes from what must be done before what (`Precedence`). Source: handbook sections 10 to 13.
 */
final readonly class WorkPlan
{
    /** @param list<Step> $steps in order */
    private function __construct(public array $steps)
    {
    }

    /** The steps of one decal by the shop's own figures. */
    public static function for(Decal $decal, Rules $rules): self
    {
        $steps = [];
        foreach (self::rules($rules) as $rule) {
            array_push($steps, ...$rule->steps($decal));
        }

        return new self(Precedence::ordered($steps));
    }

    /**
     * What is done with a layer that lies under another: it waits on its liner.
     *
     * @param string $above the tag of the layer that is laid over it
     */
    public static function underneath(Decal $decal, string $above, Rules $rules): self
    {
        return new self(
            Precedence::ordered([...(new CutFilm())->steps($decal), (new Layered($rules))->underneath($decal, $above)]),
        );
    }

    /**
     * What the customer does with a decal that comes on its tape and liner, its middle marked.
     */
    public static function atTheCustomers(Decal $decal, Rules $rules): self
    {
        $before = [
            StepKind::Burnish,
            StepKind::LayParts,
            StepKind::Tape,
            StepKind::JoinLayer,
            StepKind::BurnishTape,
            StepKind::Trim,
            StepKind::MarkMiddle,
        ];

        return new self(
            array_values(
                array_filter(
                    self::for($decal->appliedBy(true), $rules)->steps,
                    static fn (Step $step): bool => !\in_array($step->kind, $before, true),
                ),
            ),
        );
    }

    /**
     * @return list<WorkRule> in no order that matters
     */
    public static function rules(Rules $rules): array
    {
        return [
            new CutFilm(),
            new Taped($rules),
            new Layered($rules),
            new Ground($rules),
            new Placed($rules),
            new PutOn($rules),
            new LooseParts(),
            new OnSeam(),
            new ClingOn($rules),
            new Stencilled($rules),
            new OverEdge($rules),
            new Finished($rules),
            new GivenAway($rules),
        ];
    }

    /** @return array<string, Step> in order, each by a name that stays when others come or go: `rub-down`, `coat-2` */
    public function keyed(): array
    {
        $keyed = $seen = [];
        foreach ($this->steps as $step) {
            $kind = $step->kind->value;
            $seen[$kind] = ($seen[$kind] ?? 0) + 1;
            $keyed[1 === $seen[$kind] ? $kind : "$kind-$seen[$kind]"] = $step;
        }

        return $keyed;
    }

    /** @return array<string, Step> those that hands do one after the other: all but the rest at its end */
    public function done(): array
    {
        return array_filter($this->keyed(), static fn (Step $step): bool => StepKind::Rest !== $step->kind);
    }

    /** Minutes hands take in all. */
    public function minutes(): float
    {
        return round(array_sum(array_map(static fn (Step $step): float => $step->minutes, $this->steps)), 1);
    }

    /** Minutes it waits in all. */
    public function waits(): int
    {
        return array_sum(array_map(static fn (Step $step): int => $step->wait, $this->steps));
    }

    /** Minutes it rests once it is on, before it is used; 0 where it is used at once. */
    public function rest(): int
    {
        $rest = 0;
        foreach ($this->steps as $step) {
            $rest = StepKind::Rest === $step->kind ? $step->wait : $rest;
        }

        return $rest;
    }

    /** @return list<string> all that is laid ready, each once */
    public function needs(): array
    {
        return array_values(
            array_unique(array_merge(...array_map(static fn (Step $step): array => $step->needs, $this->steps))),
        );
    }
}
