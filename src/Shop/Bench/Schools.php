<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Plan\OtherWay;
use Yelbo\Trade\Refused;

/**
 * Where two schools do a step differently: the shop's own is among its figures, and one decal is worked the other way
 * at its step. Source: handbook section 10.
 */
final readonly class Schools
{
    public function __construct(private WorkPlans $plans, private Change $change, private Book $book)
    {
    }

    /**
     * Works a decal, and those alike, the other way.
     *
     * @param string $step  the name of the step that offers it, in the plan of work
     * @param bool   $alike the same of all decals of the item that stand alike
     *
     * @throws Refused where the step offers no other way, or is done
     * @throws Conflict
     */
    public function turn(Piece $piece, int $version, string $step, bool $alike = false): void
    {
        $all = [$piece, ...$alike ? $piece->alike() : []];
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
            array_map(static fn (Piece $one): array => [$one, $one === $piece ? $version : $one->version()], $all),
            static function () use ($turned): void {
                foreach ($turned as $turn) {
                    $turn();
                }
            },
        );
    }

    private function other(Piece $piece, string $step): OtherWay
    {
        if (PieceState::Applying !== $piece->state()) {
            throw new Refused('illegal-move', "{$piece->tag()} is not worked on now.");
        }
        if (\in_array($step, $piece->done(), true)) {
            throw new Refused('illegal-move', 'This step is done already. Go back to it first.');
        }

        return ($this->plans->of($piece)->done()[$step] ?? null)->other
            ?? throw new Refused('one-way', 'There is no other way to do this step.');
    }
}
