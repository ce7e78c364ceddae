<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\Printing;
use Yelbo\Web\Address;
use Yelbo\Web\BatchViews;
use Yelbo\Web\Paper\PrintSheet;
use Yelbo\Web\Request\VersionRequest;
use Yelbo\Web\View\BatchView;

/** Sheets that are printed before they are cut. */
final readonly class PrintController
{
    private const ID = ['id' => Address::NUMBER];

    public function __construct(
        private Batches $batches,
        private Printing $printing,
        private PrintSheet $print,
        private BatchViews $views,
    ) {
    }

    /** Gives what is printed on a sheet before it is cut as PDF, true to size. */
    #[Route('/api/batches/{id}/print.pdf', name: 'batch-print', requirements: self::ID, methods: ['GET'])]
    public function print(int $id): Response
    {
        return $this->print->response($this->batches->batch($id));
    }

    /** Says that a sheet came out of the printer. */
    #[Route('/api/batches/{id}/printed', name: 'batch-printed', requirements: self::ID, methods: ['POST'])]
    public function printed(int $id, #[MapRequestPayload] VersionRequest $request): BatchView
    {
        $batch = $this->batches->batch($id);
        $this->printing->printed($batch, $request->version);

        return $this->views->batch($batch);
    }

    /** Says that one more clear coat is on the print. */
    #[Route('/api/batches/{id}/coated', name: 'batch-coated', requirements: self::ID, methods: ['POST'])]
    public function coated(int $id, #[MapRequestPayload] VersionRequest $request): BatchView
    {
        $batch = $this->batches->batch($id);
        $this->printing->coated($batch, $request->version);

        return $this->views->batch($batch);
    }
}
