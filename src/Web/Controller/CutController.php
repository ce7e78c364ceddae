<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Device\Cutter\Cutter;
use Yelbo\Device\Cutter\CutterTrouble;
use Yelbo\Shop\Batches\Batching;
use Yelbo\Shop\Batches\Cutting;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Web\Ask\StartCutAsk;
use Yelbo\Web\Sheets;
use Yelbo\Web\View\BatchView;
use Yelbo\Web\View\CutterView;

/** The cutter: what it does now, and what it is told. */
final readonly class CutController
{
    public function __construct(private Batching $batching, private Cutting $cutting, private Shelf $shelf, private Sheets $sheets, private Cutter $cutter)
    {
    }

    #[Route('/api/cutter', name: 'cutter', methods: ['GET'])]
    public function status(): CutterView
    {
        try {
            $status = $this->cutter->status();
        } catch (CutterTrouble $trouble) {
            return new CutterView(false, 'off', null, 0, 0, 0, 0, 0, $trouble->getMessage());
        }
        $batch = preg_match('~^batch-(\d+)-~', $status->job ?? '', $found) ? (int) $found[1] : null;

        return new CutterView(true, $status->state, $batch, $status->share, $status->contours, $status->x, $status->y, $status->seconds, $status->says);
    }

    #[Route('/api/batches/{id}/cut', name: 'batch-cut', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function start(int $id, #[MapRequestPayload] StartCutAsk $ask): BatchView
    {
        $batch = $this->batching->batch($id);
        $this->cutting->start($batch, $ask->version, $this->shelf->item($ask->stock));

        return $this->sheets->batch($batch);
    }

    #[Route('/api/cutter/{order}', name: 'cutter-order', requirements: ['order' => 'pause|resume|stop|jam'], methods: ['POST'])]
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
