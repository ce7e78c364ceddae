<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Trade\Plan\Decal;
use Yelbo\Trade\Plan\FilmOnThing;
use Yelbo\Trade\Plan\Step;
use Yelbo\Trade\Plan\StepDrawing;
use Yelbo\Trade\Plan\WorkPlan;

/** The plan of work of a thing, from what its order knows. Source: handbook sections 10 to 13. */
final readonly class WorkPlans
{
    public function __construct(private Materials $materials, private DecalsToApply $decals)
    {
    }

    /** What is done with a thing once its films are weeded. */
    public function of(Thing $thing): WorkPlan
    {
        return WorkPlan::ofThing($this->films($thing), $this->materials->rulesFor($thing));
    }

    /** The plan of work as it is shown: with its drawings, and what comes when all is done. */
    public function shownPlan(Thing $thing): Work
    {
        $films = $this->films($thing);

        return $this->shown($thing, $films, WorkPlan::ofThing($films, $this->materials->rulesFor($thing)));
    }

    /** What is printed for who puts it on: it is taped and trimmed already where the customer does that. */
    public function printed(Thing $thing): Work
    {
        if ($thing->item()->isAppliedHere()) {
            return $this->shownPlan($thing);
        }
        $films = $this->films($thing);

        return $this->shown($thing, $films, WorkPlan::atTheCustomers($films, $this->materials->rulesFor($thing)));
    }

    /** @return non-empty-list<FilmOnThing> in the order in which they are laid */
    private function films(Thing $thing): array
    {
        $films = [];
        foreach ($thing->films()->tops() as $top) {
            $with = $thing->films()->nameOf($top);
            foreach (\array_slice($top->joined(), 1) as $under) {
                $films[] = new FilmOnThing(
                    $thing->films()->nameOf($under),
                    $this->decals->of($under),
                    $top->tag(),
                    $with,
                );
            }
            $films[] = new FilmOnThing($with, $this->decals->of($top), '', $with);
        }

        return $films;
    }

    /** @param non-empty-list<FilmOnThing> $films */
    private function shown(Thing $thing, array $films, WorkPlan $plan): Work
    {
        $rules = $this->materials->rulesFor($thing);
        $steps = $plan->handSteps();
        $outline = $thing->item()->object()->surface()->outline();
        $art = self::art($thing);
        $place = array_flip(array_keys($art));
        $decals = array_column($films, 'decal', 'name');
        $decal = Decal::together(
            array_map(static fn (Piece $top): Decal => $decals[$thing->films()->nameOf($top)], $thing->films()->tops()),
            $rules,
        );
        $shown = [];
        foreach ($steps as $name => $step) {
            $film = explode('/', $name)[1] ?? '';
            $isOwn = !$step->kind->isOfAFilm();
            $shown[$name] = new ShownStep(
                $step,
                StepDrawing::of($step, $isOwn ? $decal : $decals[$film], $outline, $rules),
                $isOwn ? \count($art) : $place[$film.($step->kind->isOnTape() ? ' mat' : ' on')] ?? 0,
                $isOwn ? null : $thing->films()->pieceNamed($film),
                $thing->films()->missingFor($plan, $plan->upTo($name)),
            );
        }
        $beside = array_map(
            static fn (Step $step): string => "$step->title: ".lcfirst($step->how),
            array_diff_key($plan->keyed(), $steps),
        );
        $all = array_values(
            array_filter($thing->pieces(), static fn (Piece $piece): bool => $piece->nth() === $thing->nth()),
        );

        return new Work(
            $shown,
            $plan->needs(),
            $plan->minutes(),
            $plan->waits(),
            implode(' ', $beside),
            [...array_values($art), StepArt::whole($all, $thing)],
        );
    }

    /** @return array<string, StepArt> of each film on the mat and on the object, by its name and which of both */
    private static function art(Thing $thing): array
    {
        $art = $there = [];
        foreach ($thing->pieces() as $piece) {
            $layers = $piece->drawn()->isOnTop() ? $piece->joined() : [$piece];
            $art["{$thing->films()->nameOf($piece)} mat"] = StepArt::of($layers, $piece);
        }
        foreach ($thing->films()->tops() as $top) {
            // What lies on the object already is seen there.
            $there[$top->nth()] = [...$top->joined(), ...$there[$top->nth()] ?? []];
            $art["{$thing->films()->nameOf($top)} on"] = StepArt::of($there[$top->nth()], $top);
        }

        return $art;
    }
}
