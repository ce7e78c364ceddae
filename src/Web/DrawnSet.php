<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Orders\Design;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Drawing;
use Yelbo\Shop\Orders\Inspection;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Artwork;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Lettering\Letterer;
use Yelbo\Trade\Lettering\Memory;
use Yelbo\Trade\Lettering\Offset;
use Yelbo\Trade\Lettering\Roster;
use Yelbo\Trade\Lettering\SetFitting;
use Yelbo\Trade\Lettering\SetMember;
use Yelbo\Trade\Lettering\Spelling;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\KeptClear;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Refused;
use Yelbo\Web\View\AlikeView;
use Yelbo\Web\View\CasesView;
use Yelbo\Web\View\CaseView;
use Yelbo\Web\View\CheckView;
use Yelbo\Web\View\LayerView;
use Yelbo\Web\View\LengthView;
use Yelbo\Web\View\ProposalView;
use Yelbo\Web\View\SetMemberView;
use Yelbo\Web\View\SetView;
use Yelbo\Web\View\SizeView;
use Yelbo\Web\View\SnagGroupView;
use Yelbo\Web\View\WordCasesView;

/** A roster drawn at one letter height, and words in their cases. */
final readonly class DrawnSet
{
    /** µm: at which cases are drawn beside each other. */
    private const CASE_HEIGHT = 20_000;

    public function __construct(private Drawing $drawing, private Letterer $letterer, private Faces $faces, private FaceMeasures $measures, private ShopRules $rules, private Memory $memory, private Inspection $inspection)
    {
    }

    /**
     * @param list<list<string>> $roster
     *
     * @throws Refused
     */
    public function view(Thing $thing, array $roster, Design $design, FilmOnShelf $film, UseOf $use): SetView
    {
        $rules = $this->rules->current();
        $key = hash('xxh128', serialize([$thing, $roster, $design, $film->limits(), $use, $rules]));

        return $this->memory->recall("set.$key", function () use ($thing, $roster, $design, $film, $use, $rules): SetView {
            $surface = $thing->kept($rules);
            $limits = $film->limits()->in($use, $rules);
            $fitting = new SetFitting($this->letterer, $rules);
            $words = $this->drawing->members($roster, $design);
            [$capHeight, $alone, $decals] = $this->decals($fitting, $thing, $surface, $roster, $words, $design);
            $outliers = $fitting->outliers($surface, $words, $alone, $this->faces->all(), $design->offsets());

            return new SetView(
                LengthView::micrometres($capHeight),
                (int) array_search(min([\PHP_INT_MAX, ...$alone]), $alone, true),
                array_map(fn (Words $each, int $nth): SetMemberView => $this->member($each, $capHeight, $alone[$nth], $decals[$nth], $design, $limits, $outliers[$nth] ?? null), $words, array_keys($words)),
                array_map(static fn (array $alike): AlikeView => new AlikeView(...$alike), Roster::alike(array_map(static fn (array $lines): string => implode(' ', $lines), $roster))),
                SvgPath::write($surface->outline()),
                SvgPath::write($surface->safe($surface->clearance($rules))->region()),
                SizeView::of($surface->size()),
                LengthView::micrometres(Offset::suggested($capHeight)),
            );
        });
    }

    /**
     * What would stop a proof of the whole set, the members with least to spare looked at exactly.
     *
     * @param list<list<string>> $roster
     *
     * @throws Refused
     */
    public function check(Docket $docket, array $roster, Design $design, FilmOnShelf $film): CheckView
    {
        $thing = $docket->thing();
        $words = $this->drawing->members($roster, $design);
        [$capHeight, , $decals] = $this->decals(new SetFitting($this->letterer, $this->rules->current()), $thing, $thing->kept($this->rules->current()), $roster, $words, $design);
        $spare = array_map(fn (Words $each, int $nth): float => $this->inspection->spare($each, $capHeight, $decals[$nth][2], $film, $docket->useOf()), $words, array_keys($words));
        asort($spare);
        $tightest = array_map(fn (int $nth): Fitted => $this->drawing->of($thing, $roster[$nth], $design->sized($capHeight)), \array_slice(array_keys($spare), 0, Inspection::MOST_EXACTLY));
        $stops = [] === $tightest ? [] : $this->inspection->stops($tightest, $thing, $film, $docket->useOf());

        return new CheckView(
            array_map(static fn (SnagGroup $group): SnagGroupView => SnagGroupView::of($group, $docket->overrulings()->of($group->code, $group->found)), $stops),
            array_column(Spelling::doubts(array_merge(...$roster)), 'says'),
            0.0,
        );
    }

    /**
     * Quickly where that can be, else the whole way.
     *
     * @param list<list<string>> $roster
     * @param non-empty-list<Words> $words
     *
     * @return array{int, list<int>, list<array{Artwork, array{int, int}, bool}>} letter height, heights alone, and each decal with its place and whether it fits
     */
    private function decals(SetFitting $fitting, Thing $thing, Surface $surface, array $roster, array $words, Design $design): array
    {
        $base = $surface instanceof KeptClear ? $surface->surface : $surface;
        if ([] === $design->layers() && !$base instanceof Taper) {
            return $fitting->sketch($surface, $words, $design->capHeight());
        }
        $set = $this->drawing->set($thing, $roster, $design);

        return [$set->capHeight, array_map(static fn (SetMember $member): int => $member->alone, $set->members), array_map(static fn (SetMember $member): array => [$member->fitted->artwork, $member->fitted->at, $member->fitted->inside], $set->members)];
    }

    /**
     * @param list<string> $lines
     *
     * @throws Refused
     */
    public function cases(array $lines, Design $design): CasesView
    {
        $words = [];
        foreach ($lines as $line => $text) {
            foreach (preg_split('~\s+~u', $text, -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $nth => $word) {
                $spellings = array_values(array_unique([$word, mb_convert_case($word, \MB_CASE_TITLE), mb_strtoupper($word), mb_strtolower($word)]));
                $words[] = new WordCasesView($line, $nth, array_map(fn (string $spelling): CaseView => $this->spelled($spelling, $design), $spellings));
            }
        }

        return new CasesView($words);
    }

    private function spelled(string $word, Design $design): CaseView
    {
        $artwork = $this->letterer->artwork(Words::set($this->faces->named($design->face()), [$word], Arrangement::Line), self::CASE_HEIGHT);

        return new CaseView($word, SvgPath::write($artwork->top()), SizeView::box($artwork->box()));
    }

    /**
     * @param array{Artwork, array{int, int}, bool} $decal
     * @param list<array{do: string, says: string, alone: int, face?: string, lines?: list<string>, condense?: float}>|null $proposals
     */
    private function member(Words $words, int $capHeight, int $alone, array $decal, Design $design, Limits $limits, ?array $proposals): SetMemberView
    {
        [$artwork, $at, $inside] = $decal;
        [$margin, , $found] = $this->measures->of($words)->worst((int) round($capHeight * $words->setting->smallestLetters()), $limits);

        return new SetMemberView(
            $words->lines,
            LengthView::micrometres($alone),
            SizeView::box($artwork->box()),
            LengthView::micrometres($at[0]),
            LengthView::micrometres($at[1]),
            array_map(static fn (Layer $layer, int $nth): LayerView => new LayerView($layer->role, SvgPath::write($layer->region), $design->films()[$nth] ?? null), $artwork->layers, array_keys($artwork->layers)),
            $inside,
            $margin >= 1,
            $margin >= 1 ? 'can be cut' : 'parts of '.Length::micrometres($found)->inMetric().' mm are too small',
            null !== $proposals,
            array_map(static fn (array $proposal): ProposalView => new ProposalView($proposal['do'], $proposal['says'], LengthView::micrometres($proposal['alone']), $proposal['face'] ?? null, $proposal['lines'] ?? [], $proposal['condense'] ?? null), $proposals ?? []),
        );
    }
}
