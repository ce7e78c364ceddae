<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Designs\BroughtArts;
use Yelbo\Shop\Objects\ObjectPhotos;
use Yelbo\Shop\Orders\ProofPage;
use Yelbo\Shop\Price\Invoices;
use Yelbo\Shop\Proofs\ChangeRequest;
use Yelbo\Shop\Proofs\GivenProofs;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Web\Address;
use Yelbo\Web\Paper\BillPaper;
use Yelbo\Web\Paper\ProofPaper;
use Yelbo\Web\RecordViews;
use Yelbo\Web\Request\GivenChangeRequest;
use Yelbo\Web\Request\GivenYesRequest;
use Yelbo\Web\View\ChangeRequestView;
use Yelbo\Web\View\GivenProofView;
use Yelbo\Web\View\GivenQuoteView;

/** What a customer may see and say by a link, without signing in. The token is the only key. */
final readonly class GivenController
{
    private const TOKEN = ['token' => '[A-Za-z0-9_-]{20,80}'];

    public function __construct(
        private GivenProofs $given,
        private ProofPaper $paper,
        private BroughtArts $arts,
        private ObjectPhotos $photos,
        private RecordViews $records,
        private Invoices $invoices,
        private BillPaper $bills,
        #[Autowire('%env(YELBO_SHOP)%')] private string $shop,
        #[Autowire('%money.format%')] private string $money,
    ) {
    }

    /** Shows a proof to the customer who holds the link. */
    #[Route('/api/given/{token}', name: 'given', requirements: self::TOKEN, methods: ['GET'])]
    public function look(string $token): GivenProofView
    {
        return $this->view($this->given->follow($token));
    }

    /** Takes the customer's yes to the proof the link shows. */
    #[Route('/api/given/{token}/yes', name: 'given-yes', requirements: self::TOKEN, methods: ['POST'])]
    public function yes(string $token, #[MapRequestPayload] GivenYesRequest $request): GivenProofView
    {
        return $this->view($this->given->approve($token, $request->name, $request->asItIs));
    }

    /** Takes down what the customer wants changed, pinned to a spot where one is named. */
    #[Route('/api/given/{token}/change', name: 'given-change', requirements: self::TOKEN, methods: ['POST'])]
    public function requestChange(string $token, #[MapRequestPayload] GivenChangeRequest $request): GivenProofView
    {
        return $this->view(
            $this->given->requestChange($token, $request->name, $request->note, $request->spot(), $request->item),
        );
    }

    /** Gives the proof the link shows as PDF, true to size. */
    #[Route('/api/given/{token}/proof.pdf', name: 'given-pdf', requirements: self::TOKEN, methods: ['GET'])]
    public function pdf(string $token): Response
    {
        $page = $this->given->follow($token);

        return $this->paper->response($page->docket()->proofs()->version($page->nth()));
    }

    /** Gives the quote of the proof the link shows on paper. */
    #[Route('/api/given/{token}/quote.pdf', name: 'given-quote', requirements: self::TOKEN, methods: ['GET'])]
    public function quote(string $token): Response
    {
        $page = $this->given->follow($token);

        return $this->bills->response($this->invoices->quote($page->docket()->proofs()->version($page->nth())));
    }

    /** Gives a picture that is printed, as far as the proof the link shows has it. */
    #[Route(
        '/api/given/{token}/picture/{id}',
        name: 'given-picture',
        requirements: self::TOKEN + ['id' => Address::NUMBER],
        methods: ['GET'],
    )]
    public function picture(string $token, int $id): Response
    {
        $page = $this->given->follow($token);
        foreach ($page->docket()->proofs()->version($page->nth()) as $shown) {
            if (\in_array($id, $shown->drawing()->pictures(), true)) {
                return ArtController::jpeg($this->arts->numbered($id));
            }
        }
        throw new NotFound('There is no such picture.');
    }

    /** Gives the photo of an object, as far as the proof the link shows has it. */
    #[Route(
        '/api/given/{token}/photo/{name}',
        name: 'given-photo',
        requirements: self::TOKEN + ['name' => '[0-9a-f]{32}'],
        methods: ['GET'],
    )]
    public function photo(string $token, string $name): Response
    {
        $page = $this->given->follow($token);
        foreach ($page->docket()->proofs()->version($page->nth()) as $shown) {
            if ($shown->frozen()->on->photo === $name) {
                return ObjectsController::jpeg($this->photos->named($name)->jpeg());
            }
        }
        throw new NotFound('There is no such photo.');
    }

    private function view(ProofPage $proof): GivenProofView
    {
        $docket = $proof->docket();
        [$state, $says] = GivenProofs::standing($proof);
        $mine = array_filter(
            $this->given->changeRequests($docket),
            static fn (ChangeRequest $request): bool => $request->proof()->nth() === $proof->nth(),
        );

        return new GivenProofView(
            $this->shop,
            $docket->tag(),
            $docket->customer()?->name() ?? '',
            $state,
            $says,
            $this->records->version($docket->proofs()->version($proof->nth())),
            array_map(ChangeRequestView::from(...), array_values($mine)),
            null === $proof->frozen()->charged->price
                ? null
                : GivenQuoteView::from(
                    $this->invoices->quote($docket->proofs()->version($proof->nth())),
                    $this->money,
                ),
        );
    }
}
