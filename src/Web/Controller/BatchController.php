<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Batches\Batching;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\Pieces\Bench;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Web\Ask\ChosenPiece;
use Yelbo\Web\Ask\PlanAsk;
use Yelbo\Web\Ask\RestAsk;
use Yelbo\Web\Ask\VersionAsk;
use Yelbo\Web\Paper\SheetMap;
use Yelbo\Web\Present;
use Yelbo\Web\Sheets;
use Yelbo\Web\View\BatchesView;
use Yelbo\Web\View\BatchView;
use Yelbo\Web\View\DoneView;
use Yelbo\Web\View\PiecesView;
use Yelbo\Web\View\RestsView;

/** Approved pieces onto sheets. */
final readonly class BatchController
{
    public function __construct(private Batching $batching, private Bench $bench, private Shelf $shelf, private Sheets $sheets, private Present $present, private Machines $machines, private SheetMap $map)
    {
    }

    #[Route('/api/batches/waiting', name: 'batch-waiting', methods: ['GET'])]
    public function waiting(): PiecesView
    {
        return new PiecesView(array_map($this->present->piece(...), $this->batching->waiting()));
    }

    #[Route('/api/batches', name: 'batch-release', methods: ['POST'])]
    public function release(#[MapRequestPayload] PlanAsk $ask): BatchView
    {
        $stock = null === $ask->stock ? null : $this->shelf->item($ask->stock);

        return $this->sheets->batch($this->batching->release($this->shelf->film($ask->film), $this->chosen($ask), $stock));
    }

    #[Route('/api/batches', name: 'batches', methods: ['GET'])]
    public function open(): BatchesView
    {
        return new BatchesView(array_map($this->sheets->batch(...), $this->batching->open()));
    }

    #[Route('/api/batches/{id}', name: 'batch', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function show(int $id): BatchView
    {
        return $this->sheets->batch($this->batching->batch($id));
    }

    #[Route('/api/batches/{id}/dissolve', name: 'batch-dissolve', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function dissolve(int $id, #[MapRequestPayload] VersionAsk $ask): DoneView
    {
        $this->batching->dissolve($this->batching->batch($id), $ask->version);

        return new DoneView();
    }

    #[Route('/api/rests', name: 'rests', methods: ['GET'])]
    public function rests(): RestsView
    {
        return new RestsView(array_map($this->sheets->rest(...), $this->batching->withRest()));
    }

    #[Route('/api/batches/{id}/rest', name: 'batch-rest', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function putAway(int $id, #[MapRequestPayload] RestAsk $ask): RestsView
    {
        $this->batching->putAway($this->batching->batch($id), $ask->version, $ask->how);

        return $this->rests();
    }

    #[Route('/api/batches/{id}/map.pdf', name: 'batch-map', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function map(int $id): Response
    {
        return $this->map->response($this->batching->batch($id));
    }

    #[Route('/api/batches/{id}/sheet.{format}', name: 'batch-file', requirements: ['id' => '\d{1,9}', 'format' => 'svg|hpgl|dxf'], methods: ['GET'])]
    public function file(int $id, string $format): Response
    {
        $batch = $this->batching->batch($id);
        $file = $this->batching->cutFile($batch);
        $machine = $this->machines->inUse();
        $name = \sprintf('batch-%d-%s%s.%s', $batch->id(), preg_replace('~[^a-z0-9]+~', '-', strtolower($batch->film()->name())), null === $machine ? '' : '-'.$machine->slug(), $format);

        return new Response(match ($format) {
            'hpgl' => $file->hpgl(),
            'dxf' => $file->dxf(),
            default => $file->svg(),
        }, 200, [
            'Content-Type' => 'application/octet-stream',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
        ]);
    }

    /** @return list<array{Piece, int}> */
    private function chosen(PlanAsk $ask): array
    {
        return array_map(fn (ChosenPiece $chosen): array => [$this->bench->piece($chosen->id), $chosen->version], array_values($ask->pieces));
    }
}
