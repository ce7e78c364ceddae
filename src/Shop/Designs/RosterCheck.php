<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Check\SetCheck;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Refused;

/** Which names of a list have least to spare: what is said of them is said of all. */
final readonly class RosterCheck
{
    public function __construct(
        private DesignFitter $fitter,
        private RosterFitter $rosters,
        private DesignCheck $check,
        private FaceMeasures $measures,
    ) {
    }

    /**
     * Those of a set that is not drawn yet which have least to spare, drawn at the set's letter height.
     *
     * @param list<list<string>> $roster
     *
     * @return non-empty-array<int, Fitted> by their place in the roster
     *
     * @throws Refused at `/set/…`
     */
    public function tightest(
        MeasuredObject $object,
        array $roster,
        Design $design,
        FilmOnShelf $film,
        Usage $use,
    ): array {
        $words = $this->rosters->members($roster, $design);
        [$heights, , $decals] = $this->rosters->sketchSet($object, $roster, $design);
        $members = [];
        foreach ($words as $nth => $each) {
            $members[] = [$each, $heights[$nth], $decals[$nth][2]];
        }
        $tightest = [];
        $limits = $this->check->limits($film->grade(), $use, $film);
        foreach ((new SetCheck($this->measures))->tightest($members, $limits) as $nth) {
            $tightest[$nth] = $this->fitter->fitMember($object, $words[$nth], $design->sized($heights[$nth]));
        }

        return $tightest;
    }
}
