<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What the cut file has to know of the machine. Lengths in µm, speeds in mm/s. */
final readonly class Machine
{
    public function __construct(public int $bladeOffset, public int $overcut, public float $cutSpeed = 80, public float $travelSpeed = 200)
    {
    }

    public static function by(Rules $rules): self
    {
        return new self(
            $rules->micrometres(Rule::BladeOffset),
            $rules->micrometres(Rule::Overcut),
            $rules->value(Rule::CutSpeed),
            $rules->value(Rule::TravelSpeed),
        );
    }
}
