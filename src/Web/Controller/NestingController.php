<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Batches\PlanQueue;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Measure\Length;
use Yelbo\Web\Address;
use Yelbo\Web\BatchViews;
use Yelbo\Web\PlanViews;
use Yelbo\Web\Request\AgainRequest;
use Yelbo\Web\Request\CarryRequest;
use Yelbo\Web\Request\ChosenPiece;
use Yelbo\Web\Request\NestingRequest;
use Yelbo\Web\Request\PinRequest;
use Yelbo\Web\Request\PutRequest;
use Yelbo\Web\Request\VersionRequest;
use Yelbo\Web\View\BatchesView;
use Yelbo\Web\View\NestingView;
use Yelbo\Web\View\ShapesView;

/** Plans made in the background, changed by hand, and released. */
final readonly class NestingController
{
    public function __construct(
        private PlanEditor $editor,
        private PlanQueue $queue,
        private PlanViews $views,
        private BatchViews $batches,
        private Pieces $pieces,
        private Shelf $shelf,
    ) {
    }

    /** Lays pieces of one film out in the background, three plans side by side. */
    #[Route('/api/nestings', name: 'nesting-begin', methods: ['POST'])]
    public function begin(#[MapRequestPayload] NestingRequest $request): NestingView
    {
        $pieces = array_map(
            fn (ChosenPiece $chosen): array => [$this->pieces->piece($chosen->id), $chosen->version],
            array_values($request->pieces),
        );

        return $this->views->nesting(
            $this->queue->begin(
                $this->shelf->film($request->film),
                $pieces,
                $request->split,
                $request->boxes,
                $request->stock,
            ),
        );
    }

    /** Gives the plans of a layout as far as they are made. */
    #[Route('/api/nestings/{id}', name: 'nesting', requirements: ['id' => Address::NUMBER], methods: ['GET'])]
    public function show(int $id): NestingView
    {
        return $this->views->nesting($this->editor->nesting($id));
    }

    /** Gives the outlines of the pieces that are laid out; they do not change while plans do. */
    #[Route(
        '/api/nestings/{id}/shapes',
        name: 'nesting-shapes',
        requirements: ['id' => Address::NUMBER],
        methods: ['GET'],
    )]
    public function shapes(int $id): ShapesView
    {
        return $this->views->shapes($this->editor->nesting($id));
    }

    /** Stops thinking; what is laid out best so far stays. */
    #[Route(
        '/api/nestings/{id}/cancel',
        name: 'nesting-cancel',
        requirements: ['id' => Address::NUMBER],
        methods: ['POST'],
    )]
    public function cancel(int $id): NestingView
    {
        $this->queue->cancel($this->editor->nesting($id));

        return $this->views->nesting($this->editor->nesting($id));
    }

    /** Lays out again what is not pinned. */
    #[Route('/api/plans/{id}/again', name: 'plan-again', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function again(int $id, #[MapRequestPayload] AgainRequest $request): NestingView
    {
        $plan = $this->editor->plan($id);
        $this->queue->again($plan, $request->version, $request->longer);

        return $this->views->nesting($plan->nesting());
    }

    /** Moves a piece on its sheet by hand, and pins it there. */
    #[Route('/api/plans/{id}/put', name: 'plan-put', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function put(int $id, #[MapRequestPayload] PutRequest $request): NestingView
    {
        $plan = $this->editor->plan($id);
        $this->editor->move(
            $plan,
            $request->version,
            $request->sheet,
            $request->nth,
            Length::millimetres($request->x)->micrometres,
            Length::millimetres($request->y)->micrometres,
            $request->turn,
        );

        return $this->views->nesting($plan->nesting());
    }

    /** Carries a piece to another sheet by hand. */
    #[Route('/api/plans/{id}/carry', name: 'plan-carry', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function carry(int $id, #[MapRequestPayload] CarryRequest $request): NestingView
    {
        $plan = $this->editor->plan($id);
        $this->editor->carry(
            $plan,
            $request->version,
            $request->sheet,
            $request->nth,
            $request->to,
            $request->stock,
        );

        return $this->views->nesting($plan->nesting());
    }

    /** Pins a piece where it lies, or lets it go. */
    #[Route('/api/plans/{id}/pin', name: 'plan-pin', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function pin(int $id, #[MapRequestPayload] PinRequest $request): NestingView
    {
        $plan = $this->editor->plan($id);
        $this->editor->pin($plan, $request->version, $request->sheet, $request->nth, $request->pinned);

        return $this->views->nesting($plan->nesting());
    }

    /** Takes the last change by hand back. */
    #[Route('/api/plans/{id}/undo', name: 'plan-undo', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function undo(int $id, #[MapRequestPayload] VersionRequest $request): NestingView
    {
        $plan = $this->editor->plan($id);
        $this->editor->undo($plan, $request->version);

        return $this->views->nesting($plan->nesting());
    }

    /** Releases a plan: each sheet becomes a batch. */
    #[Route(
        '/api/plans/{id}/release',
        name: 'plan-release',
        requirements: ['id' => Address::NUMBER],
        methods: ['POST'],
    )]
    public function release(int $id, #[MapRequestPayload] VersionRequest $request): BatchesView
    {
        return $this->batches->list($this->editor->release($this->editor->plan($id), $request->version));
    }
}
