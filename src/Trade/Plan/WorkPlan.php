<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Rules;

/**
 * What is done with one thing and the films on it, step by step. What steps there are is said by rules that each stand
 * alone; their order comes from what must be done before what (`Precedence`). Source: handbook sections 10 to 13.
 */
final readonly class WorkPlan
{
    private const COATS = [StepKind::Coat, StepKind::PaintBehind];

    /**
     * @param array<string, Step>        $keyed    in order, each by a name that stays when others come or go:
     *     `rub-down`, `coat-2`, of a further film `rub-down/b`
     * @param array<string, FilmOnThing> $prepares by the names of steps on the cutting mat: the film that is readied
     */
    private function __construct(private array $keyed, private array $prepares)
    {
    }

    /** The steps of a thing with one film by the shop's own figures. */
    public static function for(Decal $decal, Rules $rules): self
    {
        return self::ofThing([new FilmOnThing('', $decal)], $rules);
    }

    /**
     * What is done with one thing and all its films: each is readied for itself; the thing is cleaned once, before the
     * first; they go on in their order; and once all are on it is looked over, coated and rests as one. Source:
     * handbook sections 10, 12 and 13.
     *
     * @param non-empty-list<FilmOnThing> $films in the order in which they are laid, what lies under another right
     *     before it
     */
    public static function ofThing(array $films, Rules $rules): self
    {
        $tops = array_values(array_filter($films, static fn (FilmOnThing $film): bool => !$film->isUnderneath()));
        if ([] === $tops) {
            throw new \LogicException('Nothing lies on top.');
        }
        $whole = Decal::together(array_map(static fn (FilmOnThing $film): Decal => $film->decal, $tops), $rules);
        $own = self::steps($whole, $rules);
        $keyed = $prepares = [];
        foreach ($films as $film) {
            foreach (self::named($film->steps($rules), $film->name) as $name => $step) {
                if ($step->kind->isPreparing()) {
                    $keyed[$name] = $step;
                    $prepares[$name] = $film;
                }
            }
        }
        $keyed += self::named(self::of($own, StepWhose::Ground), '');
        foreach ($tops as $film) {
            $keyed += self::named(self::of(self::steps($film->decal, $rules), StepWhose::Film), $film->name);
        }

        return new self(
            SharedMinutes::timed($keyed + self::named(self::of($own, StepWhose::Thing), ''), $tops, $rules),
            $prepares,
        );
    }

    /**
     * What the customer does with a thing whose decals come on their tape and liner, their middles marked.
     *
     * @param non-empty-list<FilmOnThing> $films as for `ofThing`
     */
    public static function atTheCustomers(array $films, Rules $rules): self
    {
        $plan = self::ofThing(
            array_map(static fn (FilmOnThing $film): FilmOnThing => $film->appliedBy(true), $films),
            $rules,
        );

        return new self(
            array_filter($plan->keyed, static fn (Step $step): bool => !$step->kind->isPreparing()),
            [],
        );
    }

    /**
     * Every step of one decal, in order.
     *
     * @return list<Step>
     */
    public static function steps(Decal $decal, Rules $rules): array
    {
        $steps = [];
        foreach (self::rules($rules) as $rule) {
            array_push($steps, ...$rule->steps($decal));
        }

        return Precedence::ordered($steps);
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
            new SurfacePrep($rules),
            new PlacedByFigures($rules),
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
        return $this->keyed;
    }

    /** @return array<string, Step> those that hands do one after the other: all but the rest at its end */
    public function handSteps(): array
    {
        return array_filter($this->keyed, static fn (Step $step): bool => StepKind::Rest !== $step->kind);
    }

    /**
     * What is done once a step is: of film on the mat only what readies that, from when it is joined what readies those
     * under it too; else all before it.
     *
     * @return list<string> by their names, in order, itself the last; nothing of a step that is not in the plan
     */
    public function upTo(string $name): array
    {
        $names = array_keys($this->handSteps());
        $at = array_search($name, $names, true);
        $before = false === $at ? [] : \array_slice($names, 0, 1 + $at);
        $film = $this->prepares[$name] ?? null;
        if (null === $film) {
            return $before;
        }
        $of = fn (string $other): ?FilmOnThing => $this->prepares[$other] ?? null;
        $own = array_filter($before, static fn (string $other): bool => $of($other) === $film);
        $isJoined = \in_array(
            StepKind::JoinLayer,
            array_map(fn (string $own): StepKind => $this->keyed[$own]->kind, $own),
            true,
        );

        return array_values(
            array_filter(
                $before,
                static fn (string $other): bool => $of($other) === $film
                    || ($isJoined && $of($other)?->with === $film->with),
            ),
        );
    }

    /** Whether a step readies film on the mat, before the thing itself is touched. */
    public function isPreparing(string $name): bool
    {
        return isset($this->prepares[$name]);
    }

    /** Minutes hands take in all. */
    public function minutes(): float
    {
        return round(array_sum(array_map(static fn (Step $step): float => $step->minutes, $this->keyed)), 1);
    }

    /** Minutes it waits in all. */
    public function waits(): int
    {
        return array_sum(array_map(static fn (Step $step): int => $step->wait, $this->keyed));
    }

    /** Minutes it rests once it is on, before it is used; 0 where it is used at once. */
    public function rest(): int
    {
        $rest = 0;
        foreach ($this->keyed as $step) {
            $rest = StepKind::Rest === $step->kind ? $step->wait : $rest;
        }

        return $rest;
    }

    /** Minutes hands take to tape, apply or pack it: coats are laid on several things in one go. */
    public function benchMinutes(): float
    {
        return array_sum(
            array_map(
                static fn (Step $step): float => \in_array($step->kind, self::COATS, true) ? 0.0 : $step->minutes,
                $this->handSteps(),
            ),
        );
    }

    /** @return list<string> all that is laid ready, each once */
    public function needs(): array
    {
        return array_values(
            array_unique(
                array_merge(...array_values(array_map(static fn (Step $step): array => $step->needs, $this->keyed))),
            ),
        );
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<Step> those that are done by whom
     */
    private static function of(array $steps, StepWhose $whose): array
    {
        return array_values(array_filter($steps, static fn (Step $step): bool => $whose === $step->kind->whose()));
    }

    /**
     * @param list<Step> $steps of one film, or of the thing
     *
     * @return array<string, Step>
     */
    private static function named(array $steps, string $film): array
    {
        $named = $seen = [];
        foreach ($steps as $step) {
            $kind = $step->kind->value;
            $seen[$kind] = ($seen[$kind] ?? 0) + 1;
            $named[$kind.(1 === $seen[$kind] ? '' : "-$seen[$kind]").('' === $film ? '' : "/$film")] = $step;
        }

        return $named;
    }
}
