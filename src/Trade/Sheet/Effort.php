<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * How long a sheet takes beside what its pieces take by themselves, estimated so that plans can be held against each
 * other. Source: handbook sections 8 and 9.
 */
final readonly class Effort
{
    /**
     * The shortest way through so many random spots of a square is about this, of the root of their number times the
     * area.
     */
    private const TOUR = 0.7124;

    public function __construct(private Rules $rules)
    {
    }

    /**
     * Where boxes reach into each other the surround does not come off in one pull: a waste piece more each time.
     *
     * @param list<Box> $boxes on one sheet
     *
     * @return float minutes
     */
    public function untangling(array $boxes): float
    {
        $times = 0;
        foreach ($boxes as $nth => $box) {
            for ($other = 0; $other < $nth; ++$other) {
                $times += $box->overlaps($boxes[$other]) ? 1 : 0;
            }
        }

        return ($times * $this->rules->value(Rule::WeedPiece)) / 60;
    }

    /**
     * @param float     $outline mm under the knife
     * @param list<Box> $boxes   on one sheet
     *
     * @return float minutes
     */
    public function cutting(float $outline, array $boxes): float
    {
        $all = null;
        foreach ($boxes as $box) {
            $all = null === $all ? $box : $all->around($box);
        }
        $air =
            null === $all ? 0.0 : self::TOUR * sqrt(\count($boxes) * ($all->width() / 1000) * ($all->height() / 1000));

        return ($outline / $this->rules->value(Rule::CutSpeed) + $air / $this->rules->value(Rule::TravelSpeed)) / 60;
    }
}
