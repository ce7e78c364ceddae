<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\CutSheets;
use Yelbo\Shop\Batches\Cutting;
use Yelbo\Shop\Batches\Remnants;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Orders\WaitingFilm;
use Yelbo\Shop\Orders\WaitingFilms;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Week\CutNext;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Web\Address;
use Yelbo\Web\BatchViews;
use Yelbo\Web\Guard\Polled;
use Yelbo\Web\Paper\SheetMap;
use Yelbo\Web\RecordViews;
use Yelbo\Web\Request\RemnantRequest;
use Yelbo\Web\Request\VersionRequest;
use Yelbo\Web\View\BatchesView;
use Yelbo\Web\View\BatchView;
use Yelbo\Web\View\DoneView;
use Yelbo\Web\View\RemnantsView;
use Yelbo\Web\View\WaitingFilmView;
use Yelbo\Web\View\WaitingView;

/** Sheets that were released, and what cuts left of them. */
final readonly class BatchController
{
    private const ID = ['id' => Address::NUMBER];
    /** Batches in a list. */
    private const MOST = 60;
    /** Pieces of a film to choose from at once: more than any plan is made of. */
    private const MOST_PIECES = 300;

    public function __construct(
        private Batches $batches,
        private CutSheets $sheets,
        private Cutting $cutting,
        private Remnants $remnants,
        private Pieces $pieces,
        private WaitingFilms $films,
        private CutNext $next,
        private Shelf $shelf,
        private BatchViews $views,
        private RecordViews $records,
        private SheetMap $map,
    ) {
    }

    /**
     * Lists what is approved and waits for film, by film, and the pieces of one of them, due soonest first: of the
     * first where none is named.
     */
    #[Polled(kept: true)]
    #[Route('/api/batches/waiting', name: 'batch-waiting', methods: ['GET'])]
    public function waiting(#[MapQueryParameter] ?int $film = null): WaitingView
    {
        $waiting = $this->films->all();
        $film = isset($waiting[$film]) ? $film : array_key_first($waiting);

        $pieces = null === $film ? [] : $this->pieces->at([PieceState::Waiting], self::MOST_PIECES, film: $film);
        $next = $this->next->all(null === $film ? null : $this->shelf->film($film), $pieces);

        return new WaitingView(
            array_map(
                fn (WaitingFilm $one): WaitingFilmView => $this->records->waiting($one, $next[$one->film] ?? null),
                array_values($waiting),
            ),
            $film,
            array_map($this->records->piece(...), $pieces),
        );
    }

    /** Lists the batches that are released or under the knife, the oldest first. */
    #[Polled]
    #[Route('/api/batches', name: 'batches', methods: ['GET'])]
    public function open(): BatchesView
    {
        return $this->views->list($this->batches->open(self::MOST), $this->batches->countOpen());
    }

    /** Gives one batch with its pieces in place. */
    #[Polled]
    #[Route('/api/batches/{id}', name: 'batch', requirements: self::ID, methods: ['GET'])]
    public function show(int $id): BatchView
    {
        return $this->views->batch($this->batches->batch($id));
    }

    /** Takes a batch apart: its pieces wait for film again, its film is back on the shelf. */
    #[Route('/api/batches/{id}/dissolve', name: 'batch-dissolve', requirements: self::ID, methods: ['POST'])]
    public function dissolve(int $id, #[MapRequestPayload] VersionRequest $request): DoneView
    {
        $this->cutting->dissolve($this->batches->batch($id), $request->version);

        return new DoneView();
    }

    /** Lists what cuts left and nobody has put away yet. */
    #[Polled(kept: true)]
    #[Route('/api/remnants', name: 'remnants', methods: ['GET'])]
    public function remnants(): RemnantsView
    {
        return new RemnantsView(
            array_map($this->views->remnant(...), $this->batches->withRemnant(self::MOST)),
            $this->batches->countRemnants(),
        );
    }

    /** Puts away what a cut left: on the shelf, square or odd, or in the bin. */
    #[Route('/api/batches/{id}/remnant', name: 'batch-remnant', requirements: self::ID, methods: ['POST'])]
    public function putAway(int $id, #[MapRequestPayload] RemnantRequest $request): RemnantsView
    {
        $this->remnants->putAway($this->batches->batch($id), $request->version, $request->how);

        return $this->remnants();
    }

    /** Gives the map of a sheet as PDF: its pieces numbered where they lie, and where each goes. */
    #[Route('/api/batches/{id}/map.pdf', name: 'batch-map', requirements: self::ID, methods: ['GET'])]
    public function map(int $id): Response
    {
        return $this->map->response($this->batches->batch($id));
    }

    /** Gives the cut file of a sheet, true to size. */
    #[Route(
        '/api/batches/{id}/sheet.{format}',
        name: 'batch-file',
        requirements: self::ID + ['format' => 'svg|hpgl|dxf'],
        methods: ['GET'],
    ),]
    public function file(int $id, string $format): Response
    {
        $batch = $this->batches->batch($id);
        $file = $this->sheets->file($batch, $this->sheets->contents($batch));

        return new Response(
            match ($format) {
                'hpgl' => $file->hpgl(),
                'dxf' => $file->dxf(),
                default => $file->svg(),
            },
            200,
            [
                'Content-Type' => 'application/octet-stream',
                'Content-Disposition' => HeaderUtils::makeDisposition(
                    HeaderUtils::DISPOSITION_ATTACHMENT,
                    $this->sheets->fileName($batch, $format),
                ),
            ],
        );
    }
}
