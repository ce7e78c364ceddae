<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Designs\DesignDrawer;
use Yelbo\Shop\Designs\DesignFitter;
use Yelbo\Shop\Designs\ElementPlaces;
use Yelbo\Shop\Designs\TypedDesign;
use Yelbo\Shop\Input\Fields;
use Yelbo\Trade\Measure\Units;
use Yelbo\Web\DecalInHand;
use Yelbo\Web\Request\ArrangeRequest;
use Yelbo\Web\Request\DocketRequest;
use Yelbo\Web\Request\GuidesRequest;
use Yelbo\Web\Request\PlaceRequest;
use Yelbo\Web\View\ArrangedView;
use Yelbo\Web\View\GuidesView;
use Yelbo\Web\View\LengthView;
use Yelbo\Web\View\PlacedView;

/** Where things lie on an object: put by a distance, in line with each other, at equal gaps. */
final readonly class PlaceController
{
    public function __construct(
        private DecalInHand $inHand,
        private DesignFitter $fitter,
        private DesignDrawer $drawer,
        private ElementPlaces $places,
    ) {
    }

    /** Says where the art lies once it is put by a distance from an edge, the middle or a part. */
    #[Route('/api/place', name: 'place', methods: ['POST'])]
    public function place(
        #[MapRequestPayload] DocketRequest $on,
        #[MapRequestPayload] TypedDesign $typed,
        #[MapRequestPayload] PlaceRequest $place,
    ): PlacedView {
        [$item, $decal, $draft] = $this->inHand->of($on, $typed);
        $fields = new Fields();
        $distance = $fields->offset('distance', $place->distance, Units::tryFrom($typed->units) ?? Units::Metric) ?? 0;
        $fields->refuseIfWrong();
        [$left, $top] = DecalInHand::atItsField(
            fn (): array => null === $place->element
                ? $this->drawer->place($item->object(), $decal->lines, $decal->design, $place->from, $distance)
                : $this->places->place(
                    $item->object(),
                    $this->fitter->fit($item->object(), $decal->lines, $decal->design),
                    $decal->design,
                    $draft->elements,
                    $place->element,
                    $place->from,
                    $distance,
                ),
        );

        return new PlacedView(LengthView::micrometres($left), LengthView::micrometres($top));
    }

    /** Says where the words, or an element, would lie in line with the rest: a drag catches there. */
    #[Route('/api/guides', name: 'guides', methods: ['POST'])]
    public function guides(
        #[MapRequestPayload] DocketRequest $on,
        #[MapRequestPayload] TypedDesign $typed,
        #[MapRequestPayload] GuidesRequest $of,
    ): GuidesView {
        [$item, $decal, $draft] = $this->inHand->of($on, $typed);

        return DecalInHand::atItsField(
            fn (): GuidesView => GuidesView::from(
                $this->places->guides(
                    $item->object(),
                    $this->fitter->fit($item->object(), $decal->lines, $decal->design),
                    $decal->design,
                    $draft->elements,
                    $of->element,
                ),
            ),
        );
    }

    /** Says where several things lie once they are brought into line or set at equal gaps. */
    #[Route('/api/arrange', name: 'arrange', methods: ['POST'])]
    public function arrange(
        #[MapRequestPayload] DocketRequest $on,
        #[MapRequestPayload] TypedDesign $typed,
        #[MapRequestPayload] ArrangeRequest $wanted,
    ): ArrangedView {
        [$item, $decal, $draft] = $this->inHand->of($on, $typed);
        $fields = new Fields();
        $gap = $fields->offset('gap', $wanted->gap, Units::tryFrom($typed->units) ?? Units::Metric);
        $picked = array_values(array_unique($wanted->picked));
        if (\count($picked) < 2) {
            $fields->refuse('how', 'Pick two things at least.');
        }
        $fields->refuseIfWrong();

        return DecalInHand::atItsField(
            fn (): ArrangedView => ArrangedView::from(
                $this->places->arrange(
                    $item->object(),
                    $this->fitter->fit($item->object(), $decal->lines, $decal->design),
                    $decal->design,
                    $draft->elements,
                    $picked,
                    $wanted->how,
                    $gap,
                ),
            ),
        );
    }
}
