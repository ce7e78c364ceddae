<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Designs\BoxOffers;
use Yelbo\Shop\Designs\CureSearch;
use Yelbo\Shop\Designs\DesignCheck;
use Yelbo\Shop\Designs\DesignDrawer;
use Yelbo\Shop\Designs\DesignFitter;
use Yelbo\Shop\Designs\ElementLayout;
use Yelbo\Shop\Designs\FaceSampler;
use Yelbo\Shop\Designs\RosterCheck;
use Yelbo\Shop\Designs\SetDrawer;
use Yelbo\Shop\Designs\Simplifying;
use Yelbo\Shop\Designs\TypedDesign;
use Yelbo\Shop\Designs\WeedingTime;
use Yelbo\Shop\Input\Fields;
use Yelbo\Trade\Lettering\Roster;
use Yelbo\Trade\Measure\Units;
use Yelbo\Web\DecalInHand;
use Yelbo\Web\Request\BoxRequest;
use Yelbo\Web\Request\DocketRequest;
use Yelbo\Web\Request\SizeRequest;
use Yelbo\Web\View\BoxOffersView;
use Yelbo\Web\View\CasesView;
use Yelbo\Web\View\CheckView;
use Yelbo\Web\View\CuresView;
use Yelbo\Web\View\ElsewhereView;
use Yelbo\Web\View\FitView;
use Yelbo\Web\View\LengthView;
use Yelbo\Web\View\OnBallView;
use Yelbo\Web\View\SamplesView;
use Yelbo\Web\View\SampleView;
use Yelbo\Web\View\SetView;
use Yelbo\Web\View\SimplifiedView;
use Yelbo\Web\View\SizedView;

/** Words drawn on a docket's object: in one face at a size, in every face, or a whole set. */
final readonly class FitController
{
    public function __construct(
        private DecalInHand $inHand,
        private DesignFitter $fitter,
        private FaceSampler $sampler,
        private ElementLayout $elements,
        private DesignDrawer $drawer,
        private DesignCheck $check,
        private RosterCheck $rosters,
        private WeedingTime $weeding,
        private SetDrawer $sets,
        private CureSearch $cures,
        private BoxOffers $boxes,
        private Simplifying $simplifying,
    ) {
    }

    /** Draws words on the object: at the size and place typed, or the largest that fits in the middle. */
    #[Route('/api/fit', name: 'fit', methods: ['POST'])]
    public function fit(#[MapRequestPayload] DocketRequest $on, #[MapRequestPayload] TypedDesign $typed): FitView
    {
        [$item, $decal, $draft] = $this->inHand->of($on, $typed);

        return DecalInHand::atItsField(
            fn (): FitView => FitView::from(
                $this->drawer->draw(
                    $item->object(),
                    $decal->lines,
                    $decal->design,
                    $decal->film->grade(),
                    $decal->use,
                    $decal->film,
                    $draft->elements,
                ),
            ),
        );
    }

    /** Says what speaks against a drawing. It takes longer than drawing, so it is asked for by itself. */
    #[Route('/api/check', name: 'check', methods: ['POST'])]
    public function check(#[MapRequestPayload] DocketRequest $on, #[MapRequestPayload] TypedDesign $typed): CheckView
    {
        [$item, $decal, $draft] = $this->inHand->of($on, $typed);
        $fitted = DecalInHand::atItsField(fn () => $this->fitter->fit($item->object(), $decal->lines, $decal->design));
        $whole = DecalInHand::atItsField(
            fn () => $this->elements->whole($item->object(), $fitted, $decal->design, $draft->elements),
        );
        $spelling = null === $fitted->words->art ? $this->check->spelling($item->asked() ?: null, $decal->lines) : [];
        $elsewhere = $this->fitter->elsewhere($item->object(), $decal->lines, $decal->design);
        $onBall = $this->fitter->onBall($item->object(), $decal->lines, $decal->design);

        return CheckView::from(
            $this->check->groups(
                $whole->main,
                $item->object(),
                $decal->film->grade(),
                $decal->use,
                $decal->film,
                $decal->design->films(),
            ),
            $item,
            $spelling,
            $this->weeding->ofWhole($whole, $decal->film),
            null === $elsewhere ? null : ElsewhereView::from($elsewhere),
            null === $onBall ? null : OnBallView::from($onBall),
            [] === $draft->elements
                ? []
                : $this->check->ofElements($whole, $item->object(), $decal->film, $decal->use),
        );
    }

    /** Says how high letters are where the art is so wide or so high over all. */
    #[Route('/api/size', name: 'size', methods: ['POST'])]
    public function size(
        #[MapRequestPayload] DocketRequest $on,
        #[MapRequestPayload] TypedDesign $typed,
        #[MapRequestPayload] SizeRequest $wanted,
    ): SizedView {
        [$item, $decal] = $this->inHand->of($on, $typed);
        $fields = new Fields();
        $size = $fields->length(
            'size',
            $wanted->size,
            DesignFitter::SMALLEST,
            DesignFitter::LARGEST,
            Units::tryFrom($typed->units) ?? Units::Metric,
        );
        $fields->refuseIfWrong();

        return new SizedView(
            LengthView::micrometres(
                DecalInHand::atItsField(
                    fn (): int => $this->fitter->heightFor(
                        $item->object(),
                        $decal->lines,
                        $decal->design,
                        'width' === $wanted->of ? $size : null,
                        'height' === $wanted->of ? $size : null,
                    ),
                ),
            ),
        );
    }

    /** Says how words would fill a box of both sides, by tracking, a little condensing, or another face. */
    #[Route('/api/box', name: 'box', methods: ['POST'])]
    public function box(
        #[MapRequestPayload] DocketRequest $on,
        #[MapRequestPayload] TypedDesign $typed,
        #[MapRequestPayload] BoxRequest $box,
    ): BoxOffersView {
        [, $decal] = $this->inHand->of($on, $typed);
        $units = Units::tryFrom($typed->units) ?? Units::Metric;
        $fields = new Fields();
        $wide = $fields->length('wide', $box->wide, DesignFitter::SMALLEST, DesignFitter::LARGEST, $units);
        $high = $fields->length('high', $box->high, DesignFitter::SMALLEST, DesignFitter::LARGEST, $units);
        $fields->refuseIfWrong();

        return DecalInHand::atItsField(
            fn (): BoxOffersView => BoxOffersView::from(
                $this->boxes->of($decal, $wide, $high),
            ),
        );
    }

    /** Gives cures against what the check found, each tried first: it takes its time, so it is asked for by itself. */
    #[Route('/api/cures', name: 'cures', methods: ['POST'])]
    public function cures(#[MapRequestPayload] DocketRequest $on, #[MapRequestPayload] TypedDesign $typed): CuresView
    {
        [, $decal, $draft] = $this->inHand->of($on, $typed);
        $decal = [] === $draft->roster ? $decal : $decal->with($draft->designOfMembers())->of($draft->roster);

        return DecalInHand::atItsField(fn (): CuresView => CuresView::from($this->cures->all($decal)));
    }

    /** Makes what is too fine to cut simpler, in steps that are shown before any is taken. */
    #[Route('/api/simplify', name: 'simplify', methods: ['POST'])]
    public function simplify(
        #[MapRequestPayload] DocketRequest $on,
        #[MapRequestPayload] TypedDesign $typed,
    ): SimplifiedView {
        [, $decal] = $this->inHand->of($on, $typed);

        return DecalInHand::atItsField(
            fn (): SimplifiedView => SimplifiedView::from($this->simplifying->of($decal)),
        );
    }

    /** Draws the words, of a roster the longest name, in every face, the best first. */
    #[Route('/api/samples', name: 'samples', methods: ['POST'])]
    public function samples(
        #[MapRequestPayload] DocketRequest $on,
        #[MapRequestPayload] TypedDesign $typed,
    ): SamplesView {
        [$item, $decal, $draft] = $this->inHand->of($on, $typed);
        $lines = [] === $draft->roster ? $decal->lines : Roster::longest($draft->roster);

        return new SamplesView(
            array_map(
                SampleView::from(...),
                $this->sampler->rank(
                    $item->object(),
                    $lines,
                    $decal->design,
                    $this->check->limits($decal->film->grade(), $decal->use, $decal->film),
                ),
            ),
        );
    }

    /**
     * Draws each word as it is typed and in its other cases: in some faces a capital reads better, in others the small
     * letter.
     */
    #[Route('/api/cases', name: 'cases', methods: ['POST'])]
    public function cases(#[MapRequestPayload] DocketRequest $on, #[MapRequestPayload] TypedDesign $typed): CasesView
    {
        [, $decal] = $this->inHand->of($on, $typed);

        return DecalInHand::atItsField(
            fn (): CasesView => CasesView::from($this->drawer->cases($decal->lines, $decal->design)),
        );
    }

    /** Draws a roster at one letter height. */
    #[Route('/api/set', name: 'set', methods: ['POST'])]
    public function set(#[MapRequestPayload] DocketRequest $on, #[MapRequestPayload] TypedDesign $typed): SetView
    {
        [$item, $decal, $draft] = $this->inHand->of($on, $typed);

        return DecalInHand::atItsField(
            fn (): SetView => SetView::from(
                $this->sets->draw(
                    $item->object(),
                    $draft->roster,
                    $draft->designOfMembers(),
                    $decal->film,
                    $decal->use,
                    $draft->elements,
                ),
            ),
        );
    }

    /** Says what would stop a proof of a whole set: its tightest members are fitted, so it is asked for by itself. */
    #[Route('/api/set/check', name: 'set-check', methods: ['POST'])]
    public function setCheck(#[MapRequestPayload] DocketRequest $on, #[MapRequestPayload] TypedDesign $typed): CheckView
    {
        [$item, $decal, $draft] = $this->inHand->of($on, $typed);
        $design = $draft->designOfMembers();
        [$object, $roster, $film] = [$item->object(), $draft->roster, $decal->film];
        $tightest = DecalInHand::atItsField(
            fn (): array => $this->rosters->tightest($object, $roster, $design, $film, $decal->use),
        );

        return CheckView::from(
            $this->check->ofAll($tightest, $object, $film, $decal->use),
            $item,
            $this->check->spelling(null, array_merge(...$roster)),
            $this->weeding->ofRoster($object, $roster, $design, $film->grade()),
            ofElements: [] === $draft->elements
                ? []
                : DecalInHand::atItsField(
                    fn (): array => $this->check->ofElements(
                        $this->elements->whole($object, reset($tightest), $design, $draft->elements),
                        $object,
                        $film,
                        $decal->use,
                    ),
                ),
        );
    }
}
