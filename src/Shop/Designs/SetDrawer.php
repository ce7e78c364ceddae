<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Lettering\Artwork;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Offset;
use Yelbo\Trade\Lettering\Roster;
use Yelbo\Trade\Lettering\SetFitting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Refused;

/**
 * Draws a roster at one letter height, to be looked at while it is typed.
 *
 * @phpstan-import-type Proposal from SetFitting
 */
final readonly class SetDrawer
{
    public function __construct(
        private DesignFitter $fitter,
        private Typesetter $typesetter,
        private Faces $faces,
        private FaceMeasures $measures,
        private ShopRules $rules,
        private Cache $cache,
    ) {
    }

    /**
     * @param list<list<string>> $roster the lines of each member
     *
     * @throws Refused at `/set/…`
     */
    public function draw(MeasuredObject $object, array $roster, Design $design, FilmOnShelf $film, Usage $use): DrawnSet
    {
        $rules = $this->rules->current();
        $limits = $film->limits($rules)->in($use, $rules);
        $key = hash('xxh128', serialize([$object, $roster, $design, $limits, $rules]));

        return $this->cache->recall("set.$key", function () use ($object, $roster, $design, $limits, $rules): DrawnSet {
            $surface = $object->kept($rules);
            $words = $this->fitter->members($roster, $design);
            [$capHeight, $alone, $decals] = $this->fitter->sketchSet($object, $roster, $design);
            $outliers = (new SetFitting($this->typesetter, $rules, DesignFitter::STEP))->outliers(
                $surface,
                $words,
                $alone,
                $this->faces->all(),
                $design->offsets(),
            );

            return new DrawnSet(
                $capHeight,
                (int) array_search(min([\PHP_INT_MAX, ...$alone]), $alone, true),
                array_map(
                    fn (Words $each, int $nth): DrawnMember => $this->member(
                        $each,
                        $capHeight,
                        $alone[$nth],
                        $decals[$nth],
                        $limits,
                        $outliers[$nth] ?? null,
                    ),
                    $words,
                    array_keys($words),
                ),
                array_map(
                    static fn (array $alike): array => array_combine(['later', 'earlier', 'says'], $alike),
                    Roster::alike(array_map(static fn (array $lines): string => implode(' ', $lines), $roster)),
                ),
                $design,
                $surface,
                $surface->safe($surface->clearance($rules))->region(),
                Offset::suggested($capHeight),
            );
        });
    }

    /**
     * @param array{Artwork, array{int, int}, bool} $decal
     * @param list<Proposal>|null                   $proposals
     */
    private function member(
        Words $words,
        int $capHeight,
        int $alone,
        array $decal,
        Limits $limits,
        ?array $proposals,
    ): DrawnMember {
        [$artwork, $at, $inside] = $decal;
        [$spare, , $found] = $this->measures->worst($words, $capHeight, $limits);

        return new DrawnMember(
            $words,
            $alone,
            $artwork,
            $at,
            $inside,
            $spare >= 1,
            $spare >= 1 ? 'can be cut' : 'parts of '.Length::micrometres($found)->inMetric().' mm are too small',
            $proposals,
        );
    }
}
