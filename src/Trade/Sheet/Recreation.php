<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Random\Randomizer;

/**
 * Ruin and recreate: takes a few neighbours off, and one of those that reach farthest, puts them down again in
 * another order, and keeps what brings everything nearer to the beginning; now and then what is a little worse, so that
 * it gets out of dead ends.
 *
 * @phpstan-import-type Filled from Placer
 * @phpstan-import-type OpenSheet from Placer
 * @phpstan-import-type State from Placer
 */
final readonly class Recreation
{
    /** So many are taken off at most. */
    private const MOST = 6;
    /** How far from the end the one that reaches farthest is looked for: on average so many away. */
    private const TAIL = 5;
    /** Of a hundred times: how often any are taken off instead of neighbours. */
    private const ANYWHERE = 10;
    /** The sizes by which they are put down again are up to e to this times what they are. */
    private const SHUFFLE = 0.7;
    /** Of where everything lies: on average so much worse is still kept. */
    private const HEAT = 5e-4;
    /** Of the film: so much more is kept for a while. */
    private const MORE = 0.008;
    /** What is left counts as lying so many times beyond everything. */
    private const BEYOND = 3;

    public function __construct(private Placer $placer, private Randomizer $random)
    {
    }

    /**
     * Every try in its turn: what it found where that costs less than all before, else nothing.
     *
     * @param State $state
     *
     * @return \Generator<int, array{list<Filled>, list<int>}|null>
     */
    public function tries(array $state): \Generator
    {
        $least = $this->placer->cost($state);
        $weight = $this->weight($state);
        while (true) {
            $most = $weight * (1 - self::HEAT * log($this->random->getInt(1, 1_000_000) / 1_000_000));
            $tried = $this->tried($state, $least * (1 + self::MORE), $most);
            if (null === $tried) {
                yield null;
                continue;
            }
            $state = $tried;
            $weight = $this->weight($state);
            $cost = $this->placer->cost($state);
            if ($cost < $least) {
                $least = $cost;
                yield $this->placer->found($state);
            } else {
                yield null;
            }
        }
    }

    /**
     * @param State $state
     *
     * @return State|null nothing where it costs or weighs more
     */
    private function tried(array $state, float $cost, float $weight): ?array
    {
        $off = $this->taken($state);
        $state = $this->placer->without($state, array_keys($off));
        $size = array_map(
            fn (float $cells): float => $cells * exp((self::SHUFFLE * $this->random->getInt(-100, 100)) / 100),
            $off,
        );
        arsort($size);
        foreach (array_keys($size) as $copy) {
            $state = $this->placer->place($state, $copy);
            if ($this->placer->cost($state) > $cost || $this->weight($state) > $weight) {
                return null;
            }
        }

        return $state;
    }

    /**
     * @param State $state
     *
     * @return array<int, float> the copies to take off, and about how large they are
     */
    private function taken(array $state): array
    {
        $all = $ends = [];
        foreach ($state['sheets'] as $nth => $sheet) {
            foreach ($sheet['placed'] as [$copy, $shape, $row, $column]) {
                $all[] = [$copy, $nth, $row, $column, (float) $shape->cells];
                $ends[] = [$nth, $row + $shape->rows];
            }
        }
        foreach ($state['left'] as $copy) {
            $box = $this->placer->copies[$copy]->region->box();
            $all[] = [$copy, \PHP_INT_MAX, 0, 0, ($box->width() * $box->height()) / 1e6];
            $ends[] = [\PHP_INT_MAX, 0];
        }
        arsort($ends);
        $from = array_keys($ends)[
            min(\count($all) - 1, (int) (-log($this->random->getInt(1, 1_000_000) / 1_000_000) * self::TAIL))
        ];
        $off = [$all[$from][0] => $all[$from][4]];
        $count = min(\count($all), $this->random->getInt(2, self::MOST));
        if ($this->random->getInt(0, 99) < self::ANYWHERE) {
            for ($nth = 1; $nth < $count; ++$nth) {
                $any = $all[$this->random->getInt(0, \count($all) - 1)];
                $off[$any[0]] = $any[4];
            }

            return $off;
        }
        [, $sheet, $down, $across] = $all[$this->random->getInt(0, \count($all) - 1)];
        $away = [];
        foreach ($all as $nth => [, $on, $row, $column]) {
            if ($on === $sheet) {
                $away[$nth] = ($row - $down) ** 2 + ($column - $across) ** 2;
            }
        }
        asort($away);
        foreach (\array_slice(array_keys($away), 0, $count - 1) as $nth) {
            $off[$all[$nth][0]] = $all[$nth][4];
        }

        return $off;
    }

    /**
     * How far from the beginning everything lies: the cells of each by the square of how far it reaches, sheet after
     * sheet.
     *
     * @param State $state
     */
    private function weight(array $state): float
    {
        $sheets = $state['sheets'];
        usort($sheets, static fn (array $a, array $b): int => $a['stock'] <=> $b['stock']);
        $weight = 0.0;
        $before = 1;
        foreach ($sheets as $sheet) {
            foreach ($sheet['placed'] as [, $shape, $row]) {
                $weight += $shape->cells * ($before + $row + $shape->rows) ** 2;
            }
            $before += $this->placer->bed($sheet)->rows;
        }
        foreach ($state['left'] as $copy) {
            $box = $this->placer->copies[$copy]->region->box();
            $weight += (($box->width() * $box->height()) / 1e6) * (self::BEYOND * $before) ** 2;
        }

        return $weight;
    }
}
