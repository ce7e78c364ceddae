<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Plan\OtherWay;
use Yelbo\Trade\Refused;

/**
 * Where two schools do a step differently: the shop's own is among its figures, and one thing is worked the other way
 * at its step. Source: handbook section 10.
 */
final readonly class Techniques
{
    public function __construct(private WorkPlans $plans, private Change $change, private Book $book)
    {
    }

    /**
     * Works a thing, and those alike, the other way.
     *
     * @param string $step  the name of the step that offers it, in the plan of work
     * @param bool   $alike the same of all things of the item that stand alike
     *
     * @throws Refused where the step offers no other way, or is done
     * @throws Conflict
     */
    public function turn(Thing $thing, int $version, string $step, bool $alike = false): void
    {
        $all = [$thing, ...$alike ? $thing->alike() : []];
        $turned = [];
        foreach ($all as $one) {
            $other = $this->other($one, $step);
            $turned[] = function () use ($one, $other): void {
                $one->workBy($other->rule->value, $other->value);
                $this->book->note(
                    'school',
                    "{$one->tag()} is worked the other way: ".lcfirst($other->title),
                    $one->docket()->number(),
                    $one->nth(),
                );
            };
        }
        $this->change->applyAll(
            array_map(static fn (Thing $one): array => [$one, $one === $thing ? $version : $one->version()], $all),
            static function () use ($turned): void {
                foreach ($turned as $turn) {
                    $turn();
                }
            },
        );
    }

    private function other(Thing $thing, string $step): OtherWay
    {
        if (!\in_array(PieceState::Applying, $thing->states(), true)) {
            throw new Refused('illegal-move', "{$thing->tag()} is not worked on now.");
        }
        if (\in_array($step, $thing->progress()->done, true)) {
            throw new Refused('illegal-move', 'This step is done already. Go back to it first.');
        }

        return ($this->plans->of($thing)->handSteps()[$step] ?? null)->other
            ?? throw new Refused('one-way', 'There is no other way to do this step.');
    }
}
