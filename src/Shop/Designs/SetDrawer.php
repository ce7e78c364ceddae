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
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Lettering\Offset;
use Yelbo\Trade\Lettering\Roster;
use Yelbo\Trade\Lettering\SetProposals;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Refused;

/**
 * Draws a roster, to be looked at while it is typed.
 *
 * @phpstan-import-type Proposal from SetProposals
 */
final readonly class SetDrawer
{
    public function __construct(
        private DesignFitter $fitter,
        private RosterFitter $rosters,
        private ElementLayout $elements,
        private BroughtArts $arts,
        private Typesetter $typesetter,
        private Faces $faces,
        private FaceMeasures $measures,
        private ShopRules $rules,
        private Cache $cache,
    ) {
    }

    /**
     * @param list<list<string>> $roster the lines of each member
     * @param list<DesignElement> $elements what lies beside the words of each
     *
     * @throws Refused at `/set/…`
     */
    public function draw(
        MeasuredObject $object,
        array $roster,
        Design $design,
        FilmOnShelf $film,
        Usage $use,
        array $elements = [],
    ): DrawnSet {
        $rules = $this->rules->current();
        $limits = $film->limits($rules)->in($use, $rules);
        $drawn = $this->arts->contents($design, $elements);
        $key = hash('xxh128', serialize([$object, $roster, $design, $limits, $rules, $elements, $drawn]));

        return $this->cache->recall(
            "set.$key",
            fn (): DrawnSet => $this->drawn($object, $roster, $design, $limits, $elements),
        );
    }

    /**
     * @param list<list<string>>   $roster
     * @param list<DesignElement>  $elements
     */
    private function drawn(
        MeasuredObject $object,
        array $roster,
        Design $design,
        Limits $limits,
        array $elements,
    ): DrawnSet {
        $rules = $this->rules->current();
        $surface = $this->fitter->surface($object, $roster[0] ?? [], $design);
        $words = $this->rosters->members($roster, $design);
        [$heights, $alone, $decals] = $this->rosters->sketchSet($object, $roster, $design);
        $films = array_fill(0, \count($decals), $design->films());
        if ([] !== $elements) {
            [$decals, $films] = $this->withElements($object, $roster, $design, $elements);
        }
        $proposals = new SetProposals($this->typesetter, $rules);
        // Where each has a height of its own nobody holds the others back.
        $outliers = $design->setSize()->each
            ? []
            : $proposals->outliers($surface, $words, $alone, $this->faces->all(), $design->offsets());
        $member = fn (Words $each, int $nth): DrawnMember => $this->member(
            $each,
            $heights[$nth],
            $alone[$nth],
            $decals[$nth],
            $films[$nth],
            $limits,
            $outliers[$nth] ?? null,
        );
        $names = array_map(static fn (array $lines): string => implode(' ', $lines), $roster);
        $least = min([\PHP_INT_MAX, ...$heights]);

        return new DrawnSet(
            $least,
            max([0, ...$heights]),
            (int) array_search(min([\PHP_INT_MAX, ...$alone]), $alone, true),
            array_map($member, $words, array_keys($words)),
            array_map(
                static fn (array $alike): array => array_combine(['later', 'earlier', 'says'], $alike),
                Roster::alike($names),
            ),
            $design,
            $surface,
            $surface->safe($surface->clearance($rules))->region(),
            Offset::suggested($least),
        );
    }

    /**
     * Every member with what lies beside its words.
     *
     * @param list<list<string>>  $roster
     * @param list<DesignElement> $elements
     *
     * @return array{list<array{Artwork, array{int, int}, bool}>, list<list<int|null>>} each with its place and whether
     *     its words fit, and the films of each
     *
     * @throws Refused
     */
    private function withElements(MeasuredObject $object, array $roster, Design $design, array $elements): array
    {
        $decals = $films = [];
        foreach ($this->rosters->fitSet($object, $roster, $design)->members as $member) {
            $whole = $this->elements->whole($object, $member->fitted, $design, $elements);
            $layers = array_map(
                static fn (array $layer): Layer => new Layer($layer['role'], $layer['region']),
                $whole->layers(),
            );
            $decals[] = [
                Artwork::fromLayers($layers),
                [$whole->box()->left, $whole->box()->top],
                $member->fitted->inside,
            ];
            $films[] = array_column($whole->layers(), 'film');
        }

        return [$decals, $films];
    }

    /**
     * @param array{Artwork, array{int, int}, bool} $decal
     * @param list<int|null>                        $films
     * @param list<Proposal>|null                   $proposals
     */
    private function member(
        Words $words,
        int $capHeight,
        int $alone,
        array $decal,
        array $films,
        Limits $limits,
        ?array $proposals,
    ): DrawnMember {
        [$artwork, $at, $inside] = $decal;
        [$spare, , $found] = $this->measures->worst($words, $capHeight, $limits);

        return new DrawnMember(
            $words,
            $capHeight,
            $alone,
            $artwork,
            $films,
            $at,
            $inside,
            $spare >= 1,
            $spare >= 1 ? 'can be cut' : 'parts of '.Length::micrometres($found)->inMetric().' mm are too small',
            $proposals,
        );
    }
}
