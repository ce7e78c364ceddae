<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Bench\Weeding;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Lettering\Fitted;

/** How long it takes to weed what is drawn, in minutes. Source: handbook section 9. */
final readonly class WeedingTime
{
    /** Members of a set that are drawn to tell how long all of them take. */
    private const MOST_DRAWN = 30;

    public function __construct(
        private DesignFitter $fitter,
        private RosterFitter $rosters,
        private Shelf $shelf,
        private ShopRules $rules,
    ) {
    }

    /** Minutes to weed all of a decal, every layer of its own film. */
    public function ofWhole(WholeDecal $whole, FilmOnShelf $own): float
    {
        $minutes = 0.0;
        foreach ($whole->layers() as $layer) {
            $film = $this->shelf->filmNumbered($layer['film'] ?? 0)?->grade() ?? $own->grade();
            $minutes += (new Weeding($layer['region'], $film, $this->rules->current()))->minutes;
        }

        return $minutes;
    }

    /** Minutes to weed a drawing, every layer of its own film. */
    public function of(Fitted $fitted, Design $design, Film $own): float
    {
        $minutes = 0.0;
        foreach ($fitted->artwork->layers as $nth => $layer) {
            $film = $this->shelf->filmNumbered($design->films()[$nth] ?? 0)?->grade() ?? $own;
            $minutes += (new Weeding($layer->region, $film, $this->rules->current()))->minutes;
        }

        return $minutes;
    }

    /**
     * Minutes to weed a whole set; of a long one told from some of its members.
     *
     * @param list<list<string>> $roster
     */
    public function ofRoster(MeasuredObject $object, array $roster, Design $design, Film $film): float
    {
        $heights = $this->rosters->sketchSet($object, $roster, $design)[0];
        $every = max(1, intdiv(\count($roster) - 1, self::MOST_DRAWN) + 1);
        $minutes = [];
        foreach ($this->rosters->members($roster, $design) as $nth => $words) {
            if (0 === $nth % $every) {
                $fitted = $this->fitter->fitMember($object, $words, $design->sized($heights[$nth]));
                $minutes[] = $this->of($fitted, $design, $film);
            }
        }

        return (array_sum($minutes) / max(1, \count($minutes))) * \count($roster);
    }
}
