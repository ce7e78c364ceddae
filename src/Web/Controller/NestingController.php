<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Batches\Planning;
use Yelbo\Shop\Batches\Thinking;
use Yelbo\Shop\Pieces\Bench;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Web\Ask\AgainAsk;
use Yelbo\Web\Ask\ChosenPiece;
use Yelbo\Web\Ask\NestingAsk;
use Yelbo\Web\Ask\PinAsk;
use Yelbo\Web\Ask\PutAsk;
use Yelbo\Web\Ask\VersionAsk;
use Yelbo\Web\Plans;
use Yelbo\Web\Sheets;
use Yelbo\Web\View\BatchesView;
use Yelbo\Web\View\NestingView;
use Yelbo\Web\View\ShapesView;

/** Plans made in the background, changed by hand, and released. */
final readonly class NestingController
{
    public function __construct(private Planning $planning, private Thinking $thinking, private Plans $plans, private Sheets $sheets, private Bench $bench, private Shelf $shelf)
    {
    }

    #[Route('/api/nestings', name: 'nesting-begin', methods: ['POST'])]
    public function begin(#[MapRequestPayload] NestingAsk $ask): NestingView
    {
        $pieces = array_map(fn (ChosenPiece $chosen): array => [$this->bench->piece($chosen->id), $chosen->version], array_values($ask->pieces));

        return $this->plans->nesting($this->thinking->begin($this->shelf->film($ask->film), $pieces, $ask->split, $ask->boxes, $ask->stock));
    }

    #[Route('/api/nestings/{id}', name: 'nesting', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function show(int $id): NestingView
    {
        return $this->plans->nesting($this->planning->nesting($id));
    }

    #[Route('/api/nestings/{id}/shapes', name: 'nesting-shapes', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function shapes(int $id): ShapesView
    {
        return $this->plans->shapes($this->planning->nesting($id));
    }

    #[Route('/api/nestings/{id}/cancel', name: 'nesting-cancel', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function cancel(int $id): NestingView
    {
        $this->thinking->cancel($this->planning->nesting($id));

        return $this->plans->nesting($this->planning->nesting($id));
    }

    #[Route('/api/plans/{id}/again', name: 'plan-again', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function again(int $id, #[MapRequestPayload] AgainAsk $ask): NestingView
    {
        $plan = $this->planning->plan($id);
        $this->thinking->again($plan, $ask->version, $ask->longer);

        return $this->plans->nesting($plan->nesting());
    }

    #[Route('/api/plans/{id}/put', name: 'plan-put', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function put(int $id, #[MapRequestPayload] PutAsk $ask): NestingView
    {
        $plan = $this->planning->plan($id);
        $this->planning->move($plan, $ask->version, $ask->sheet, $ask->nth, (int) round(1000 * $ask->x), (int) round(1000 * $ask->y), $ask->turn);

        return $this->plans->nesting($plan->nesting());
    }

    #[Route('/api/plans/{id}/pin', name: 'plan-pin', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function pin(int $id, #[MapRequestPayload] PinAsk $ask): NestingView
    {
        $plan = $this->planning->plan($id);
        $this->planning->pin($plan, $ask->version, $ask->sheet, $ask->nth, $ask->pinned);

        return $this->plans->nesting($plan->nesting());
    }

    #[Route('/api/plans/{id}/undo', name: 'plan-undo', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function undo(int $id, #[MapRequestPayload] VersionAsk $ask): NestingView
    {
        $plan = $this->planning->plan($id);
        $this->planning->undo($plan, $ask->version);

        return $this->plans->nesting($plan->nesting());
    }

    #[Route('/api/plans/{id}/release', name: 'plan-release', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function release(int $id, #[MapRequestPayload] VersionAsk $ask): BatchesView
    {
        return new BatchesView(array_map($this->sheets->batch(...), $this->planning->release($this->planning->plan($id), $ask->version)));
    }
}
