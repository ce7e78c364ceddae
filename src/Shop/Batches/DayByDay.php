<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Sheet\Fixed;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Place;
use Yelbo\Trade\Sheet\Plan;
use Yelbo\Trade\Sheet\Sheet;

/** Lays day by day, each on what the days before left: what is used soonest is on the first sheets. */
final readonly class DayByDay
{
    /** So often a day is tried that is not the last. */
    private const TRIES = 12;

    /** @param list<NestStock> $stock */
    public function __construct(private Nest $nest, private array $stock)
    {
    }

    /**
     * @param list<NestPiece>       $loose
     * @param list<Piece>           $pieces in the order they are due
     * @param \Closure(Plan, bool): bool $tell whether all days are on it
     * @param list<Fixed>           $fixed
     */
    public function plan(array $loose, array $pieces, \Closure $tell, array $fixed): Plan
    {
        $days = self::days($loose, $pieces);
        $byId = array_column($loose, null, 'id');
        foreach ($fixed as $sheet) {
            $byId += array_column($sheet->pieces(), null, 'id');
        }
        $plan = new Plan([], []);
        $left = [];
        $place = array_flip(array_map(static fn (NestStock $item): string => $item->id, $this->stock));
        foreach ($days as $on => $due) {
            $tries = 0;
            // Each day gets a few tries; only the last day thinks as long as there is time.
            $last = $on === array_key_last($days);
            $later = self::notYet(
                array_filter($days, static fn (string $then): bool => $then > $on, \ARRAY_FILTER_USE_KEY),
            );
            $plan = $this->nest->plan(
                $this->stock,
                $due,
                static function (Plan $best) use ($tell, $left, $later, $last, &$tries): bool {
                    return $tell(new Plan($best->sheets, [...$left, ...$best->left, ...$later]), $last)
                        && ($last || ++$tries < self::TRIES);
                },
                $fixed,
            );
            $left = [...$left, ...$plan->left];
            $fixed = array_map(
                static fn (Sheet $sheet): Fixed => new Fixed(
                    $place[$sheet->stock],
                    array_map(static fn (Place $at): array => [$byId[$at->piece], $at], $sheet->places),
                ),
                $plan->sheets,
            );
        }

        return new Plan($plan->sheets, $left);
    }

    /**
     * @param list<NestPiece> $loose
     * @param list<Piece>     $pieces
     *
     * @return array<string, non-empty-list<NestPiece>> by the day they are due, the soonest first
     */
    private static function days(array $loose, array $pieces): array
    {
        $day = $byOrder = [];
        foreach ($pieces as $piece) {
            $day[$piece->id()] = $byOrder[(string) $piece->docket()->number()] =
                $piece->docket()->neededAt()?->format('Y-m-d') ?? '';
        }
        $days = [];
        foreach ($loose as $piece) {
            $days[$day[(int) $piece->id] ?? ($byOrder[$piece->order] ?? '')][] = $piece;
        }
        ksort($days);

        return $days;
    }

    /**
     * @param array<string, non-empty-list<NestPiece>> $days
     *
     * @return list<array{piece: string, count: int, why: string}>
     */
    private static function notYet(array $days): array
    {
        return array_map(
            static fn (NestPiece $piece): array => [
                'piece' => $piece->id,
                'count' => 1,
                'why' => 'Its day is not laid out yet.',
            ],
            array_merge(...array_values($days)),
        );
    }
}
