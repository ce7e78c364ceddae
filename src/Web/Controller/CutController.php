<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Device\Cutter\Cutter;
use Yelbo\Device\Cutter\CutterTrouble;
use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\Cutting;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Web\Address;
use Yelbo\Web\BatchViews;
use Yelbo\Web\Request\StartCutRequest;
use Yelbo\Web\View\BatchView;
use Yelbo\Web\View\CutterView;

/** The cutter: what it does now, and what it is told. */
final readonly class CutController
{
    public function __construct(
        private Batches $batches,
        private Cutting $cutting,
        private Shelf $shelf,
        private BatchViews $views,
        private Cutter $cutter,
    ) {
    }

    /** Says what the cutter is doing. */
    #[Route('/api/cutter', name: 'cutter', methods: ['GET'])]
    public function status(): CutterView
    {
        try {
            $status = $this->cutter->status();
        } catch (CutterTrouble $trouble) {
            return new CutterView(false, 'off', null, 0, 0, 0, 0, 0, $trouble->getMessage());
        }

        return new CutterView(
            true,
            $status->state,
            Cutting::batchOf($status->job),
            $status->share,
            $status->contours,
            $status->x,
            $status->y,
            $status->seconds,
            $status->says,
        );
    }

    /** Loads the stock, sends the batch to the cutter and begins to cut. */
    #[Route('/api/batches/{id}/cut', name: 'batch-cut', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function start(int $id, #[MapRequestPayload] StartCutRequest $request): BatchView
    {
        $batch = $this->batches->batch($id);
        $this->cutting->start($batch, $request->version, $this->shelf->item($request->stock));

        return $this->views->batch($batch);
    }

    /** Tells the cutter to go on, to stop or to give the job up. */
    #[Route(
        '/api/cutter/{order}',
        name: 'cutter-order',
        requirements: ['order' => 'pause|resume|stop|jam'],
        methods: ['POST'],
    ),]
    public function order(string $order): CutterView
    {
        match ($order) {
            'pause' => $this->cutter->pause(),
            'resume' => $this->cutter->resume(),
            'stop' => $this->cutter->stop(),
            default => $this->cutter->jam(),
        };

        return $this->status();
    }
}
