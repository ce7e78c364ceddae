<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Art\Arts;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Web\View\ArtView;

/** Drawings customers bring: read, reported, and shown as outlines only. The file itself is never given out. */
final readonly class ArtController
{
    public function __construct(private Dockets $dockets, private Arts $arts)
    {
    }

    #[Route('/api/dockets/{number}/art', name: 'docket-art', requirements: ['number' => '\d{1,9}'], methods: ['POST'])]
    public function bring(int $number, Request $request, #[MapQueryParameter] string $name = 'drawing.svg'): ArtView
    {
        return ArtView::of($this->arts->bring($this->dockets->numbered($number), $name, $request->getContent()));
    }

    #[Route('/api/art/{id}', name: 'art', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function show(int $id): ArtView
    {
        return ArtView::of($this->arts->numbered($id));
    }
}
