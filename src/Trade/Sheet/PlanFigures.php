<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What a plan takes, so that plans can be held against each other: film, minutes, money.
 * Source: handbook sections 7 to 9.
 */
final readonly class PlanFigures
{
    private function __construct(
        /** How many pieces and parts lie on a sheet. */
        public int $placed,
        public int $sheets,
        public int $offcuts,
        /** m² of film that is used: what goes back is not. */
        public float $film,
        /** m² of film that goes back on the shelf. */
        public float $back,
        /** What goes back is worth, minor units; none where the film has no price. */
        public ?int $backWorth,
        /** µm of the last sheet that stay square. */
        public int $remnant,
        /** Minutes. */
        public float $cutting,
        /** Minutes, with what joining parts takes. */
        public float $weeding,
        /** Minor units; none where the film has no price. */
        public ?int $cost,
    ) {
    }

    /**
     * @param list<PlannedSheet> $sheets
     * @param int|null           $price  of the film, minor units a m²
     */
    public static function forSheets(array $sheets, Rules $rules, ?int $price): self
    {
        $effort = new Effort($rules);
        $placed = $offcuts = $remnant = 0;
        $film = $back = $cutting = $weeding = 0.0;
        $parts = [];
        foreach ($sheets as $sheet) {
            $offcuts += $sheet->isOffcut ? 1 : 0;
            $film += $sheet->film();
            $back += $sheet->back();
            $remnant = $sheet->isOffcut ? $remnant : $sheet->left();
            $boxes = array_map(static fn (PlannedPiece $piece): Box => $piece->box, $sheet->pieces);
            foreach ($sheet->pieces as $piece) {
                $parts[$piece->decal] = ($parts[$piece->decal] ?? 0) + 1;
                $weeding += $piece->minutes;
            }
            $placed += \count($boxes);
            $weeding += $effort->untangling($boxes);
            $cutting += $effort->cutting(
                array_sum(array_map(static fn (PlannedPiece $piece): float => $piece->outline, $sheet->pieces)),
                $boxes,
            );
        }
        $weeding += (array_sum($parts) - \count($parts)) * $rules->value(Rule::JoinPart);

        return new self(
            $placed,
            \count($sheets),
            $offcuts,
            round($film, 4),
            round($back, 4),
            null === $price ? null : (int) round($price * $back),
            $remnant,
            round($cutting, 1),
            round($weeding, 1),
            null === $price
                ? null
                : (int) round($price * $film + 100 * ($rules->value(Rule::BenchHour) / 60) * ($cutting + $weeding)),
        );
    }
}
