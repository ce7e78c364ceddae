<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Proofs\Links;
use Yelbo\Shop\Proofs\Proof;
use Yelbo\Shop\Proofs\Wish;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Web\Ask\GivenWishAsk;
use Yelbo\Web\Ask\GivenYesAsk;
use Yelbo\Web\Paper\ProofPaper;
use Yelbo\Web\View\GivenProofView;
use Yelbo\Web\View\ProofView;
use Yelbo\Web\View\WishView;

/** What a customer may see and say by a link, without signing in. The token is the only key. */
final readonly class GivenController
{
    private const TOKEN = ['token' => '[A-Za-z0-9_-]{20,80}'];
    private const FARTHEST = 100_000.0;

    public function __construct(
        private Links $links,
        private ProofPaper $paper,
        #[Autowire('%env(YELBO_SHOP)%')]
        private string $shop,
    ) {
    }

    #[Route('/api/given/{token}', name: 'given', requirements: self::TOKEN, methods: ['GET'])]
    public function look(string $token): GivenProofView
    {
        return $this->view($this->links->follow($token));
    }

    #[Route('/api/given/{token}/yes', name: 'given-yes', requirements: self::TOKEN, methods: ['POST'])]
    public function yes(string $token, #[MapRequestPayload] GivenYesAsk $ask): GivenProofView
    {
        return $this->view($this->links->approve($token, $ask->name));
    }

    #[Route('/api/given/{token}/wish', name: 'given-wish', requirements: self::TOKEN, methods: ['POST'])]
    public function wish(string $token, #[MapRequestPayload] GivenWishAsk $ask): GivenProofView
    {
        $spot = static fn (?float $mm): ?int => null === $mm || !is_finite($mm) || abs($mm) > self::FARTHEST ? null : (int) round(1000 * $mm);

        return $this->view($this->links->wish($token, $ask->name, $ask->note, $spot($ask->x), $spot($ask->y)));
    }

    #[Route('/api/given/{token}/proof.pdf', name: 'given-pdf', requirements: self::TOKEN, methods: ['GET'])]
    public function pdf(string $token): Response
    {
        return $this->paper->response($this->links->follow($token));
    }

    private function view(Proof $proof): GivenProofView
    {
        $docket = $proof->docket();
        [$state, $says] = match (true) {
            $docket->latestProof() !== $proof => ['outdated', 'There is a newer proof of this order. The shop will send you its link; this one cannot be approved any more.'],
            null !== $proof->approvedAt() && DocketState::Proofing !== $docket->state() && DocketState::Sizing !== $docket->state() => ['approved', "Approved by {$proof->approvedBy()}. Thank you: we make it now."],
            DocketState::Proofing === $docket->state() => ['waiting', 'Please look at it closely. We cut nothing before your yes.'],
            default => ['closed', 'The shop is changing this order. You get a new link for the new proof.'],
        };
        $mine = array_filter($this->links->wishes($docket), static fn (Wish $wish): bool => $wish->proof() === $proof);

        return new GivenProofView($this->shop, $docket->tag(), $docket->customer()?->name() ?? '', $state, $says, ProofView::of($proof), array_map(WishView::of(...), array_values($mine)));
    }
}
