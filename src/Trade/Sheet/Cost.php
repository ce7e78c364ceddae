<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

/** What a plan costs in film, so that of two the better is known. Source: handbook section 7. */
final readonly class Cost
{
    /** What film from the shelf counts against that of the stock listed last. */
    private const SHELF = 0.3;
    /** Of a sheet: what beginning one costs, in trimming and loading. */
    private const BEGUN = 0.02;
    /** What film that is not cut counts against film that is used. */
    private const LEFT = 1e4;

    /**
     * What is left first, by the film it would take, then film, each sheet as far down as anything reaches and a
     * little for being begun. Film listed first is there to be used up, so it counts less.
     *
     * @param list<NestStock>           $stock
     * @param list<array{int, int}> $sheets place of its stock, and how far down it is used, µm
     * @param list<NestPiece>           $left   a copy each
     *
     * @return float mm² of film of the stock listed last
     */
    public static function ofPlan(array $stock, array $sheets, array $left): float
    {
        $film = 0.0;
        foreach ($left as $piece) {
            $box = $piece->region->box();
            $film += self::LEFT * $box->width() * $box->height() / 1e6;
        }
        foreach ($sheets as [$of, $bottom]) {
            $share = self::BEGUN + min(1.0, $bottom / max(1, $stock[$of]->length));
            $film += $stock[$of]->area * $share * ($of < \count($stock) - 1 ? self::SHELF : 1.0);
        }

        return $film;
    }
}
