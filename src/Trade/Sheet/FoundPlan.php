<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Measure\Units;

/** What a search for places found, as a plan; and whether a plan holds, and what it costs. */
final readonly class FoundPlan
{
    /** µm: how far a plan may miss a gap by its own arithmetic before it is thrown away. */
    private const EXACTLY = 10;

    /** @param list<int|float> $turns degrees clockwise */
    public function __construct(private Gaps $gaps, private array $turns)
    {
    }

    /**
     * @param array{list<array{int, list<array{int, float, int, int}>, int|null}>, list<int>} $found sheets of a search,
     *     and the copies left
     * @param list<NestStock> $stock
     * @param list<NestPiece> $pieces
     * @param list<Fixed> $fixed
     */
    public function plain(array $found, array $stock, array $pieces, array $fixed): Plan
    {
        [$filled, $rest] = $found;
        $copies = array_merge(
            ...array_map(static fn (NestPiece $piece): array => array_fill(0, $piece->count, $piece), $pieces),
        );
        $sheets = [];
        foreach ($filled as [$of, $placed, $nth]) {
            $places = [];
            [$length, $film] = [0, 0.0];
            foreach (null === $nth ? [] : $fixed[$nth]->laid as [$piece, $put, $place]) {
                $places[] = $place;
                $length = max($length, $put->box()->bottom);
                $film += $piece->region->area();
            }
            foreach ($placed as [$copy, $turn, $x, $y]) {
                $place = new Place($copies[$copy]->id, $x, $y, $turn);
                $places[] = $place;
                $length = max($length, $place->put($copies[$copy]->region)->box()->bottom);
                $film += $copies[$copy]->region->area();
            }
            $sheets[] = new Sheet($stock[$of]->id, $places, $length, $stock[$of]->fill($length, $film));
        }

        return new Plan(
            $sheets,
            Plan::unplaced(
                array_map(static fn (int $copy): NestPiece => $copies[$copy], $rest),
                fn (NestPiece $piece): string => $this->why($piece, $stock),
            ),
        );
    }

    /** @param list<NestStock> $stock */
    private function why(NestPiece $piece, array $stock): string
    {
        if (
            [] !==
            (new BoxNest($this->gaps, $this->turns))->plan(
                array_map(
                    static fn (NestStock $item): NestStock => new NestStock($item->id, $item->outline, 1, $item->reach),
                    $stock,
                ),
                [new NestPiece($piece->id, $piece->region, 1, $piece->turns)],
            )->sheets
        ) {
            return 'The stock given is full.';
        }
        $box = $piece->region->box();
        $size = new Size(Length::micrometres($box->width()), Length::micrometres($box->height()));

        return "It is {$size->in(Units::Metric)} and larger than any stock given allows.";
    }

    /**
     * @param list<NestStock> $stock
     * @param list<NestPiece> $pieces
     */
    public function cost(Plan $plan, array $stock, array $pieces): float
    {
        $place = array_flip(array_map(static fn (NestStock $item): string => $item->id, $stock));

        $pieces = array_column($pieces, null, 'id');
        $left = array_merge(
            ...array_map(
                static fn (array $of): array => array_fill(0, $of['count'], $pieces[$of['piece']]),
                $plan->left,
            ),
        );

        return Cost::ofPlan(
            $stock,
            array_map(static fn (Sheet $sheet): array => [$place[$sheet->stock], $sheet->length], $plan->sheets),
            $left,
        );
    }

    /**
     * Checks a plan without trusting how it came about: every gap and edge, by true distance.
     *
     * @param list<NestStock> $stock
     * @param list<NestPiece> $pieces
     * @param list<Fixed> $fixed
     */
    public function holds(Plan $plan, array $stock, array $pieces, array $fixed): bool
    {
        $pieces = array_column(
            [...$pieces, ...array_merge(...array_map(static fn (Fixed $sheet): array => $sheet->pieces(), $fixed))],
            null,
            'id',
        );
        $stock = array_column($stock, null, 'id');
        foreach ($plan->sheets as $sheet) {
            $room = $stock[$sheet->stock]->room(max(0, $this->gaps->edge - self::EXACTLY));
            $put = array_map(
                static fn (Place $place): Region => $place->put($pieces[$place->piece]->region),
                $sheet->places,
            );
            $gap = fn (int $one, int $other): int => $this->gaps->between(
                $pieces[$sheet->places[$one]->piece],
                $pieces[$sheet->places[$other]->piece],
            ) - self::EXACTLY;
            if (null === $room || !Geos::holdsAll($room, $put) || [] !== Geos::tooNear($put, $gap)) {
                return false;
            }
        }

        return true;
    }
}
