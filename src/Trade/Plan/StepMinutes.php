<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** How long the steps of orders take by the shop's figures. Source: handbook sections 9, 12 and 16. */
final readonly class StepMinutes
{
    /** A usual decal that is not drawn yet: waste pieces, and mm the knife goes round it. */
    private const UNSEEN_WASTE = 12;
    public const UNSEEN_OUTLINE = 1200.0;
    /** Of the longer side of its object how long it is; µm where nothing is known of that. */
    private const UNSEEN_SHARE = 0.6;
    private const UNSEEN_LONGER = 150_000;

    public function __construct(private Rules $rules)
    {
    }

    /** @param int $designs how many are drawn */
    public function setUp(int $designs): float
    {
        return $this->rules->value(Rule::SetUpMinutes) + ($designs - 1) * $this->rules->value(Rule::SetUpFurther);
    }

    /** @param float $outline mm the knife goes round @param int $sheets loaded one after the other */
    public function cut(float $outline, int $sheets = 1): float
    {
        return $sheets * ($this->rules->value(Rule::SheetMinutes) + $this->rules->value(Rule::TestMinutes)) +
            $outline / max(1.0, $this->rules->value(Rule::CutSpeed)) / 60;
    }

    /** A sheet is printed and gets its clear coats. */
    public function print(): float
    {
        return $this->rules->value(Rule::PrintMinutes) + $this->printCoats() * $this->coat(1);
    }

    /** Clear coats on a print. */
    public function printCoats(): int
    {
        return (int) $this->rules->value(Rule::PrintCoats);
    }

    /** @param int $pieces coated in one go */
    public function coat(int $pieces): float
    {
        return $this->rules->value(Rule::CoatMinutes) + max(0, $pieces - 1) * $this->rules->value(Rule::CoatFurther);
    }

    /** @return array{int, int} how many coats, and minutes each dries */
    public function coats(Finish $finish): array
    {
        $coats = $finish->coats();

        return null === $coats
            ? [0, 0]
            : [(int) $this->rules->value($coats[0]), (int) round($this->rules->value($coats[1]))];
    }

    /** Tape, and the tape's trim. @param int $longer µm */
    public function tape(int $longer): float
    {
        return $this->rules->value(Rule::TapeMinutes) + ($this->rules->value(Rule::TapeLong) * $longer) / 100_000;
    }

    /** @param int $longer µm */
    public function apply(int $longer, bool $round, bool $vehicle): float
    {
        return ($this->rules->value(Rule::ApplyMinutes) + ($this->rules->value(Rule::ApplyLong) * $longer) / 100_000) *
            match (true) {
                $vehicle => $this->rules->value(Rule::ApplyVehicle),
                $round => $this->rules->value(Rule::ApplyRound),
                default => 1.0,
            };
    }

    /** Packing one parcel. */
    public function pack(): float
    {
        return $this->rules->value(Rule::PackMinutes);
    }

    /** Weeding of a decal that is not drawn yet. */
    public function weedUnseen(Film $film): float
    {
        return (($this->rules->value(Rule::WeedStart) +
            self::UNSEEN_WASTE * $this->rules->value(Rule::WeedPiece) +
            self::UNSEEN_OUTLINE / $this->rules->value(Rule::WeedCut)) /
            60) *
            (Film::Glitter === $film ? $this->rules->value(Rule::WeedHard) : 1.0);
    }

    /** How long a decal that is not drawn yet is, on an object of this size; µm. */
    public static function unseenLonger(?Size $object): int
    {
        return null === $object
            ? self::UNSEEN_LONGER
            : (int) (self::UNSEEN_SHARE * max($object->width->micrometres, $object->height->micrometres));
    }

    /** Minutes until the customer usually says yes. */
    public function yes(): int
    {
        return (int) round(1440 * $this->rules->value(Rule::YesDays));
    }
}
