<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\PrintRun;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Orders\Things;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Plan\Step;
use Yelbo\Trade\Plan\StepKind;

/** Everything in the shop that dries or rests, until when, and what can be done next. Source: handbook section 12. */
final readonly class DryingShelf
{
    public function __construct(
        private Things $things,
        private Batches $batches,
        private WorkPlans $plans,
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<Drying> what is dry first, then what is dry soonest */
    public function all(): array
    {
        $all = array_values(
            array_filter([
                ...array_map($this->thing(...), $this->things->drying()),
                ...array_map($this->sheet(...), $this->batches->printed()),
            ]),
        );
        $now = $this->clock->now();
        $rank = static fn (Drying $one): array => $one->isDry($now)
            ? [0, $one->by?->getTimestamp() ?? \PHP_INT_MAX]
            : [1, $one->until?->getTimestamp() ?? 0];
        usort($all, static fn (Drying $a, Drying $b): int => $rank($a) <=> $rank($b));

        return $all;
    }

    /** None of what does not dry and is not coated next. */
    private function thing(Thing $thing): ?Drying
    {
        $needed = $thing->docket()->neededAt();
        if (PieceState::Curing === $thing->state()) {
            return new Drying($thing, $thing->restsUntil(), 'Hand it over', $needed, true);
        }
        $plan = $this->plans->of($thing);
        $left = array_diff_key($plan->handSteps(), array_flip($thing->progress()->done));
        $next = reset($left);
        $coats = [StepKind::Coat, StepKind::PaintBehind];
        $isCoat = false !== $next && \in_array($next->kind, $coats, true);
        if (!$isCoat && null === $thing->progress()->driesUntil) {
            return null;
        }
        $waits = array_sum(array_map(static fn (Step $step): int => $step->wait, $left));

        return new Drying(
            $thing,
            $thing->progress()->driesUntil,
            false === $next ? 'Let it rest' : $next->title,
            $needed?->sub(new \DateInterval("PT{$waits}M")),
            $isCoat,
        );
    }

    /** None of what is dry and only waits to be cut. */
    private function sheet(Batch $batch): ?Drying
    {
        $run = PrintRun::of($batch, $this->rules->current());

        return PrintRun::READY === $run->next && null === $run->waits($this->clock->now())
            ? null
            : new Drying(
                $batch,
                $run->dryAt,
                PrintRun::COAT === $run->next ? \sprintf('Clear coat, %d of %d', $run->coats + 1, $run->of) : 'Cut it',
                null,
                false,
            );
    }
}
