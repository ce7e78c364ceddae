<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Orders\AnswersReader;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Refusals;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Refused;
use Yelbo\Web\Ask\FitAsk;
use Yelbo\Web\Drawn;
use Yelbo\Web\View\CheckView;
use Yelbo\Web\View\FacesView;
use Yelbo\Web\View\FaceView;
use Yelbo\Web\View\FitView;
use Yelbo\Web\View\SamplesView;
use Yelbo\Web\View\SampleView;

/** Words drawn on a docket's object: in one face at a size, or in every face. */
final readonly class FitController
{
    public function __construct(private Dockets $dockets, private Drawn $drawn, private Faces $faces)
    {
    }

    #[Route('/api/fit', name: 'fit', methods: ['POST'])]
    public function fit(#[MapRequestPayload] FitAsk $ask): FitView
    {
        $docket = $this->taken($ask);
        $design = Drawn::design($ask->face, $ask->capHeight, $ask->left, $ask->top, $ask->units);

        return $this->atItsField(fn (): FitView => $this->drawn->view($docket->thing(), AnswersReader::lines($ask->words), $design, $this->film($docket)));
    }

    #[Route('/api/check', name: 'check', methods: ['POST'])]
    public function check(#[MapRequestPayload] FitAsk $ask): CheckView
    {
        $docket = $this->taken($ask);
        $design = Drawn::design($ask->face, $ask->capHeight, $ask->left, $ask->top, $ask->units);

        return $this->atItsField(fn (): CheckView => $this->drawn->check($docket->thing(), AnswersReader::lines($ask->words), $design, $this->film($docket), $docket->useOf()));
    }

    #[Route('/api/samples', name: 'samples', methods: ['POST'])]
    public function samples(#[MapRequestPayload] FitAsk $ask): SamplesView
    {
        $docket = $this->taken($ask);
        $words = AnswersReader::lines($ask->words);
        $samples = array_map(fn (Face $face): SampleView => $this->drawn->sample($face->slug, $docket->thing(), $words, $this->film($docket), $docket->useOf()), $this->faces->all());
        usort($samples, static fn (SampleView $a, SampleView $b): int => [!$a->canBeCut, -($a->largest->mm ?? 0)] <=> [!$b->canBeCut, -($b->largest->mm ?? 0)]);

        return new SamplesView($samples);
    }

    #[Route('/api/faces', name: 'faces', methods: ['GET'])]
    public function faces(): FacesView
    {
        return new FacesView(array_map(static fn (Face $face): FaceView => new FaceView($face->slug, $face->name, $face->style), $this->faces->all()));
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
            throw Refusals::at(self::field($refused), $refused->getMessage());
        }
    }

    private function taken(FitAsk $ask): Docket
    {
        $docket = $this->dockets->numbered($ask->docket);
        if (null === $docket->customer()) {
            throw new Refused('illegal-move', "{$docket->tag()} has not been measured yet. Take the order first.");
        }

        return $docket;
    }

    private function film(Docket $docket): Film
    {
        return $docket->film()?->grade() ?? Film::Permanent;
    }

    private static function field(Refused $refused): string
    {
        return match (true) {
            str_starts_with($refused->at, '/capHeight') => 'capHeight',
            str_starts_with($refused->at, '/face') => 'face',
            default => 'words',
        };
    }
}
