<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Bench\Drying;
use Yelbo\Shop\Bench\DryingShelf;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Things;
use Yelbo\Web\Guard\Polled;
use Yelbo\Web\Request\ChosenThing;
use Yelbo\Web\Request\GoOnRequest;
use Yelbo\Web\View\DryingShelfView;
use Yelbo\Web\View\DryingView;

/** What dries and rests, and going on with it. */
final readonly class DryingController
{
    public function __construct(
        private DryingShelf $shelf,
        private Things $things,
        private BenchWork $bench,
        private ClockInterface $clock,
    ) {
    }

    /** Lists everything in the shop that dries or rests: what is dry first. */
    #[Polled(kept: true)]
    #[Route('/api/drying', name: 'drying', methods: ['GET'])]
    public function shelf(): DryingShelfView
    {
        $now = $this->clock->now();

        return new DryingShelfView(
            array_map(static fn (Drying $drying): DryingView => DryingView::from($drying, $now), $this->shelf->all()),
        );
    }

    /** Goes on with what is dry: the next coat of several in one go, the hand-over of what has rested. */
    #[Route('/api/drying', name: 'drying-next', methods: ['POST'])]
    public function goOn(#[MapRequestPayload] GoOnRequest $request): DryingShelfView
    {
        $things = array_map(
            fn (ChosenThing $one): array => [$this->things->thing($one->id), $one->version],
            array_values($request->things),
        );
        if ([] === $things) {
            throw Refusals::at('things', 'Choose at least one.');
        }
        $this->bench->goOn($things);

        return $this->shelf();
    }
}
