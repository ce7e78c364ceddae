<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Tries orders in which copies are put down. First a few by size; then the best with some copies swapped or moved,
 * again from where the order first differs, until that helps no more. From there a part at a time is taken off and
 * put down anew. One fixed sequence: only how long it goes on differs.
 *
 * @phpstan-import-type Filled from Placer
 * @phpstan-import-type State from Placer
 */
final readonly class Search
{
    private const SEED = 20_261_125;
    /** So many copies are put down before it is asked whether to go on. */
    private const BREATH = 64;
    /** Orders changed in vain before it goes on otherwise. */
    private const PATIENCE = 10;

    public function __construct(private Placer $placer)
    {
    }

    /**
     * Every try in its turn: what it found where that is better than all before, else nothing. Nothing
     * comes after each copy of the first try too, unless that is to be made in one go.
     *
     * @return \Generator<int, array{list<Filled>, list<int>}|null>
     */
    public function tries(bool $atOnce): \Generator
    {
        [$best, $order] = yield from $this->bySize($atOnce);
        if (null === $best || \count($order) < 2) {
            return;
        }
        $random = new Randomizer(new Mt19937(self::SEED));
        $state = yield from $this->inOtherOrders($best, $order, $random);
        yield from (new Recreation($this->placer, $random))->tries($state);
    }

    /**
     * @return \Generator<int, array{list<Filled>, list<int>}|null, mixed, array{list<State>|null, list<int>}>
     *    what was best, before each copy and at the end, and its order
     */
    private function bySize(bool $atOnce): \Generator
    {
        $best = null;
        $cost = \INF;
        $order = [];
        foreach ($this->orders() as $nth => $first) {
            $states = [$this->placer->start()];
            if (0 === $nth && !$atOnce) {
                foreach ($first as $at => $copy) {
                    $states[] = $this->placer->place($states[$at], $copy);
                    yield null;
                }
            } else {
                $states = yield from $this->lay($first, 0, $states, $cost);
            }
            $now = null === $states ? \INF : $this->placer->cost($states[\count($first)]);
            if (null !== $states && $now < $cost) {
                [$cost, $best, $order] = [$now, $states, $first];
                yield $this->placer->found($states[\count($first)]);
            } else {
                yield null;
            }
        }

        return [$best, $order];
    }

    /**
     * @param list<State> $best  before each copy and at the end
     * @param list<int>   $order
     *
     * @return \Generator<int, array{list<Filled>, list<int>}|null, mixed, State> what was best
     */
    private function inOtherOrders(array $best, array $order, Randomizer $random): \Generator
    {
        $count = \count($order);
        $cost = $this->placer->cost($best[$count]);
        for ($failed = 0; $failed < self::PATIENCE; ++$failed) {
            [$changed, $from] = $this->changed($order, $random);
            $states = yield from $this->lay($changed, $from, \array_slice($best, 0, $from + 1), $cost);
            if (null === $states) {
                yield null;
                continue;
            }
            $now = $this->placer->cost($states[$count]);
            $better = $now < $cost;
            [$cost, $best, $order] = [$now, $states, $changed];
            if ($better) {
                $failed = 0;
            }
            yield $better ? $this->placer->found($states[$count]) : null;
        }

        return $best[$count];
    }

    /** @return list<list<int>> by the box, the longer side, the film, and half way round, the largest first */
    private function orders(): array
    {
        $of = [];
        foreach ($this->placer->copies as $copy => $piece) {
            $box = $piece->region->box();
            $of[0][$copy] = $box->width() * $box->height();
            $of[1][$copy] = max($box->width(), $box->height());
            $of[2][$copy] = $piece->region->area();
            $of[3][$copy] = $box->width() + $box->height();
        }

        return array_map(static function (array $size): array {
            uksort($size, static fn (int $a, int $b): int => [$size[$b], $a] <=> [$size[$a], $b]);

            return array_keys($size);
        }, $of);
    }

    /**
     * @param list<int> $order
     *
     * @return array{list<int>, int} the order changed, and the first place where it differs
     */
    private function changed(array $order, Randomizer $random): array
    {
        $count = \count($order);
        $changed = $order;
        for ($times = $random->getInt(1, 3); $times > 0; --$times) {
            [$a, $b] = [$random->getInt(0, $count - 1), $random->getInt(0, $count - 1)];
            if (0 === $random->getInt(0, 1)) {
                [$changed[$a], $changed[$b]] = [$changed[$b], $changed[$a]];
            } else {
                $moved = array_splice($changed, $a, 1);
                array_splice($changed, $b, 0, $moved);
            }
        }
        $changed = array_values($changed);
        for ($from = 0; $from < $count - 1 && $changed[$from] === $order[$from]; ++$from) {
        }

        return [$changed, $from];
    }

    /**
     * @param list<int>   $order
     * @param list<State> $states how it was before each copy up to a place
     *
     * @return \Generator<int, null, mixed, list<State>|null> before each copy, and at the end; nothing once it costs
     *     more than a limit, for it only ever grows
     */
    private function lay(array $order, int $from, array $states, float $limit): \Generator
    {
        $state = $states[$from];
        for ($nth = $from, $count = \count($order); $nth < $count; ++$nth) {
            $state = $this->placer->place($state, $order[$nth]);
            if ($this->placer->cost($state) > $limit) {
                return null;
            }
            $states[] = $state;
            if (0 === ($nth + 1) % self::BREATH) {
                yield null;
            }
        }

        return $states;
    }
}
