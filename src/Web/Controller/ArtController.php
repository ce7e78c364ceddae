<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Designs\BroughtArt;
use Yelbo\Shop\Designs\BroughtArts;
use Yelbo\Shop\Designs\PictureTracing;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Measure\Units;
use Yelbo\Web\Address;
use Yelbo\Web\Request\BackingRequest;
use Yelbo\Web\View\ArtView;
use Yelbo\Web\View\TracedPictureView;

/** Drawings customers bring: read, reported, and shown as outlines only. The file itself is never given out. */
final readonly class ArtController
{
    /** µm: how high a picture is printed. */
    private const LOWEST = 3_000;
    private const HIGHEST = 5_000_000;

    public function __construct(
        private Dockets $dockets,
        private BroughtArts $arts,
        private DrawOrder $draw,
        private PictureTracing $tracing,
    ) {
    }

    /** Reads an SVG drawing, which is the body itself, and keeps it with the docket. */
    #[Route(
        '/api/dockets/{number}/art',
        name: 'docket-art',
        requirements: ['number' => Address::NUMBER],
        methods: ['POST'],
    )]
    public function bring(int $number, Request $request, #[MapQueryParameter] string $name = 'drawing.svg'): ArtView
    {
        return ArtView::from($this->draw->bring($this->dockets->numbered($number), $name, $request->getContent()));
    }

    /** Traces a picture of flat colours, which is the body itself, into a drawing; nothing is kept of it. */
    #[Route('/api/art/trace', name: 'art-trace', methods: ['POST'])]
    public function trace(
        Request $request,
        #[MapQueryParameter] ?int $colours = null,
        #[MapQueryParameter] int $specks = 12,
        #[MapQueryParameter] int $smooth = 100,
    ): TracedPictureView {
        return TracedPictureView::from($this->tracing->trace($request->getContent(), $colours, $specks, $smooth));
    }

    /** Makes a drawing of the object's own outline less so much, and keeps it with the docket. */
    #[Route(
        '/api/dockets/{number}/backing',
        name: 'docket-backing',
        requirements: ['number' => Address::NUMBER],
        methods: ['POST'],
    )]
    public function back(int $number, #[MapRequestPayload] BackingRequest $wanted): ArtView
    {
        $fields = new Fields();
        $less = $fields->offset('less', $wanted->less, Units::tryFrom($wanted->units) ?? Units::Metric);
        $fields->refuseIfWrong();

        return ArtView::from($this->draw->back($this->dockets->measuredItem($number, $wanted->item), $less));
    }

    /** Keeps a picture, which is the body itself, to be printed and cut round what is on it. */
    #[Route(
        '/api/dockets/{number}/picture',
        name: 'docket-picture',
        requirements: ['number' => Address::NUMBER],
        methods: ['POST'],
    )]
    public function bringPicture(
        int $number,
        Request $request,
        #[MapQueryParameter] string $name = 'picture',
        #[MapQueryParameter] string $high = '',
        #[MapQueryParameter] string $away = '',
        #[MapQueryParameter] string $units = 'metric',
    ): ArtView {
        $fields = new Fields();
        $in = Units::tryFrom($units) ?? Units::Metric;
        $tall = $fields->length('high', $high, self::LOWEST, self::HIGHEST, $in);
        $off = $fields->offset('away', $away, $in);
        $fields->refuseIfWrong();

        return ArtView::from(
            $this->draw->bringPicture(
                $this->dockets->numbered($number),
                $name,
                $request->getContent(),
                $tall,
                $off ?? 0,
            ),
        );
    }

    /** Gives a picture that is printed. */
    #[Route('/api/art/{id}/picture', name: 'art-picture', requirements: ['id' => Address::NUMBER], methods: ['GET'])]
    public function picture(int $id): Response
    {
        return self::jpeg($this->arts->numbered($id));
    }

    /** @throws NotFound where it is cut alone */
    public static function jpeg(BroughtArt $art): Response
    {
        return new Response($art->picture() ?? throw new NotFound('Nothing of this is printed.'), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=600',
        ]);
    }

    /** Gives what is known of a drawing: its size, its colours and what to mind in it. */
    #[Route('/api/art/{id}', name: 'art', requirements: ['id' => Address::NUMBER], methods: ['GET'])]
    public function show(int $id): ArtView
    {
        return ArtView::from($this->arts->numbered($id));
    }
}
