<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Orders\Design;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\TypedWords;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Refused;
use Yelbo\Web\Ask\FitAsk;
use Yelbo\Web\Ask\PlaceAsk;
use Yelbo\Web\Ask\SetAsk;
use Yelbo\Web\Cured;
use Yelbo\Web\Drawn;
use Yelbo\Web\DrawnSet;
use Yelbo\Web\Sampler;
use Yelbo\Web\TypedDesign;
use Yelbo\Web\View\CasesView;
use Yelbo\Web\View\CheckView;
use Yelbo\Web\View\CuresView;
use Yelbo\Web\View\FacesView;
use Yelbo\Web\View\FaceView;
use Yelbo\Web\View\FitView;
use Yelbo\Web\View\PlacedView;
use Yelbo\Web\View\SamplesView;
use Yelbo\Web\View\SetView;

/** Words drawn on a docket's object: in one face at a size, in every face, or a whole set. */
final readonly class FitController
{
    public function __construct(private Dockets $dockets, private Drawn $drawn, private DrawnSet $set, private Sampler $sampler, private TypedDesign $typed, private Faces $faces, private Cured $cured, private Shelf $shelf)
    {
    }

    #[Route('/api/fit', name: 'fit', methods: ['POST'])]
    public function fit(#[MapRequestPayload] FitAsk $ask): FitView
    {
        $docket = $this->taken($ask->docket);
        $design = $this->design($ask);

        return $this->atItsField(fn (): FitView => $this->drawn->view($docket->thing(), TypedWords::lines($ask->words), $design, ($film = $this->film($docket, $ask->film))->grade(), $docket->useOf(), $film));
    }

    #[Route('/api/place', name: 'place', methods: ['POST'])]
    public function place(#[MapRequestPayload] PlaceAsk $ask): PlacedView
    {
        $docket = $this->taken($ask->drawing->docket);
        $design = $this->design($ask->drawing);
        $distance = TypedDesign::length('distance', $ask->distance, Units::tryFrom($ask->drawing->units) ?? Units::Metric) ?? 0;

        return $this->atItsField(fn (): PlacedView => $this->drawn->placed($docket->thing(), TypedWords::lines($ask->drawing->words), $design, $ask->from, $distance));
    }

    #[Route('/api/check', name: 'check', methods: ['POST'])]
    public function check(#[MapRequestPayload] FitAsk $ask): CheckView
    {
        $docket = $this->taken($ask->docket);
        $design = $this->design($ask);

        $film = $this->film($docket, $ask->film);

        return $this->atItsField(fn (): CheckView => $this->drawn->check($docket->thing(), TypedWords::lines($ask->words), $design, $film->grade(), $docket->useOf(), $docket, $film));
    }

    /** Cures against what the check found, each tried first: it takes its time, so it is asked for by itself. */
    #[Route('/api/cures', name: 'cures', methods: ['POST'])]
    public function cures(#[MapRequestPayload] FitAsk $ask): CuresView
    {
        $docket = $this->taken($ask->docket);
        $order = ['thing' => $docket->thing(), 'words' => TypedWords::lines($ask->words), 'design' => $this->design($ask), 'film' => $this->film($docket, $ask->film), 'use' => $docket->useOf()];

        return $this->atItsField(fn (): CuresView => $this->cured->all($order));
    }

    #[Route('/api/samples', name: 'samples', methods: ['POST'])]
    public function samples(#[MapRequestPayload] FitAsk $ask): SamplesView
    {
        $docket = $this->taken($ask->docket);

        return new SamplesView($this->sampler->all($docket->thing(), TypedWords::lines($ask->words), $this->design($ask), $this->film($docket, $ask->film), $docket->useOf()));
    }

    /** Each word as it is typed and in its other cases: in some faces a capital reads better, in others the small letter. */
    #[Route('/api/cases', name: 'cases', methods: ['POST'])]
    public function cases(#[MapRequestPayload] FitAsk $ask): CasesView
    {
        $this->taken($ask->docket);
        $design = $this->design($ask);

        return $this->atItsField(fn (): CasesView => $this->set->cases(TypedWords::lines($ask->words), $design));
    }

    #[Route('/api/set', name: 'set', methods: ['POST'])]
    public function set(#[MapRequestPayload] SetAsk $ask): SetView
    {
        $docket = $this->taken($ask->docket);
        $design = $this->typed->design($ask->face, $ask->capHeight, '', '', $ask->units, $ask->setting);

        return $this->atItsField(fn (): SetView => $this->set->view($docket->thing(), TypedWords::roster($ask->roster), $design, $this->film($docket, $ask->film), $docket->useOf()));
    }

    /** What would stop a proof of a whole set: every member is fitted, so it is asked for by itself. */
    #[Route('/api/set/check', name: 'set-check', methods: ['POST'])]
    public function setCheck(#[MapRequestPayload] SetAsk $ask): CheckView
    {
        $docket = $this->taken($ask->docket);
        $design = $this->typed->design($ask->face, $ask->capHeight, '', '', $ask->units, $ask->setting);

        return $this->atItsField(fn (): CheckView => $this->set->check($docket, TypedWords::roster($ask->roster), $design, $this->film($docket, $ask->film)));
    }

    #[Route('/api/faces', name: 'faces', methods: ['GET'])]
    public function faces(): FacesView
    {
        return new FacesView(array_map(static fn (Face $face): FaceView => new FaceView($face->slug, $face->name, $face->style, $face->thinnest, $face->alphabets), $this->faces->all()));
    }

    private function design(FitAsk $ask): Design
    {
        return $this->typed->design($ask->face, $ask->capHeight, $ask->left, $ask->top, $ask->units, $ask->setting, $ask->art);
    }

    /**
     * @template T
     *
     * @param \Closure(): T $draw
     *
     * @return T
     */
    private function atItsField(\Closure $draw): mixed
    {
        try {
            return $draw();
        } catch (Refused $refused) {
            $line = 1 === preg_match('~^/set/(\d+)~', $refused->at, $found) ? 'Line '.(1 + (int) $found[1]).': ' : '';
            throw Refusals::at(TypedDesign::field($refused), $line.$refused->getMessage());
        }
    }

    private function taken(int $number): Docket
    {
        $docket = $this->dockets->numbered($number);
        if (null === $docket->customer()) {
            throw new Refused('illegal-move', "{$docket->tag()} has not been measured yet. Take the order first.");
        }

        return $docket;
    }

    /** The one chosen at Size, else the order's own. */
    private function film(Docket $docket, string $chosen): FilmOnShelf
    {
        return $this->shelf->filmNumbered((int) $chosen) ?? $docket->film() ?? throw new \LogicException('Taken without film.');
    }
}
