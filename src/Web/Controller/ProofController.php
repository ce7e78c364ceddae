<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Yelbo\Shop\NotFound;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\SizeOrder;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Post\Letter;
use Yelbo\Shop\Post\Outbox;
use Yelbo\Shop\Post\ProofPost;
use Yelbo\Shop\Proofs\Links;
use Yelbo\Shop\Proofs\Proof;
use Yelbo\Shop\Proofs\ProofLink;
use Yelbo\Shop\Refusals;
use Yelbo\Web\Ask\LinkAsk;
use Yelbo\Web\Ask\OverruleAsk;
use Yelbo\Web\Ask\PriceAsk;
use Yelbo\Web\Paper\ProofPaper;
use Yelbo\Web\Present;
use Yelbo\Web\View\AnsweringView;
use Yelbo\Web\View\DocketView;
use Yelbo\Web\View\GivenLinkView;
use Yelbo\Web\View\LinkView;
use Yelbo\Web\View\OutboxLetterView;
use Yelbo\Web\View\OutboxView;
use Yelbo\Web\View\WishView;

/** Round a proof: what the owner lets pass, its price, links to it, what customers said, its paper. */
final readonly class ProofController
{
    private const NUMBER = ['number' => '\d{1,9}'];
    private const HIGHEST_PRICE = 100_000_00;

    public function __construct(
        private Dockets $dockets,
        private SizeOrder $size,
        private Links $links,
        private ProofPost $post,
        private Outbox $outbox,
        private ProofPaper $paper,
        private Present $present,
        private Security $security,
        private ClockInterface $clock,
        #[Autowire('%env(MAILER_DSN)%')]
        private string $mailer,
    ) {
    }

    #[Route('/api/dockets/{number}/overrule', name: 'docket-overrule', requirements: self::NUMBER, methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    public function overrule(int $number, #[MapRequestPayload] OverruleAsk $ask): DocketView
    {
        $docket = $this->dockets->numbered($number);
        $worker = $this->security->getUser();
        if (1 !== preg_match('~^[a-z-]{1,40}$~', $ask->code)) {
            throw Refusals::at('code', 'There is no such stop.');
        }
        $this->size->overrule($docket, $ask->version, $ask->code, $ask->found, $ask->reason, $worker instanceof Worker ? $worker->name() : '');

        return $this->present->docket($docket);
    }

    #[Route('/api/dockets/{number}/price', name: 'docket-price', requirements: self::NUMBER, methods: ['PUT'])]
    public function price(int $number, #[MapRequestPayload] PriceAsk $ask): DocketView
    {
        $docket = $this->dockets->numbered($number);
        $this->size->price($docket, $ask->version, self::minor($ask->price));

        return $this->present->docket($docket);
    }

    #[Route('/api/dockets/{number}/links', name: 'docket-links', requirements: self::NUMBER, methods: ['GET'])]
    public function answering(int $number): AnsweringView
    {
        return $this->answers($this->dockets->numbered($number));
    }

    #[Route('/api/dockets/{number}/links', name: 'docket-link', requirements: self::NUMBER, methods: ['POST'])]
    public function give(int $number, #[MapRequestPayload] LinkAsk $ask): GivenLinkView
    {
        [$link, $token] = $this->links->give($this->dockets->numbered($number), $ask->to);

        return new GivenLinkView($this->post->url($token), LinkView::of($link, $this->clock->now()));
    }

    #[Route('/api/dockets/{number}/links/{id}/withdraw', name: 'docket-link-withdraw', requirements: self::NUMBER + ['id' => '\d{1,9}'], methods: ['POST'])]
    public function withdraw(int $number, int $id): AnsweringView
    {
        $docket = $this->dockets->numbered($number);
        $this->links->withdraw($docket, $id);

        return $this->answers($docket);
    }

    #[Route('/api/dockets/{number}/proofs/{nth}.pdf', name: 'proof-pdf', requirements: self::NUMBER + ['nth' => '\d{1,4}'], methods: ['GET'])]
    public function pdf(int $number, int $nth): Response
    {
        return $this->paper->response($this->proof($number, $nth));
    }

    /** The decal alone, true to size, in an open format that comes back as it went out. */
    #[Route('/api/dockets/{number}/proofs/{nth}.svg', name: 'proof-svg', requirements: self::NUMBER + ['nth' => '\d{1,4}'], methods: ['GET'])]
    public function svg(int $number, int $nth, #[MapQueryParameter] int $decal = 1): Response
    {
        return $this->paper->drawing($this->proof($number, $nth), $decal - 1);
    }

    #[Route('/api/outbox', name: 'outbox', methods: ['GET'])]
    public function outbox(): OutboxView
    {
        return new OutboxView(array_map(static fn (Letter $letter): OutboxLetterView => OutboxLetterView::of($letter), $this->outbox->newest()), str_starts_with($this->mailer, 'outbox:'));
    }

    private function proof(int $number, int $nth): Proof
    {
        foreach ($this->dockets->numbered($number)->proofs() as $proof) {
            if ($proof->nth() === $nth) {
                return $proof;
            }
        }
        throw new NotFound('There is no such proof.');
    }

    private function answers(Docket $docket): AnsweringView
    {
        return new AnsweringView(array_map(fn (ProofLink $link): LinkView => LinkView::of($link, $this->clock->now()), $this->links->of($docket)), array_map(WishView::of(...), $this->links->wishes($docket)));
    }

    private static function minor(string $typed): ?int
    {
        $plain = str_replace([' ', ','], ['', '.'], trim($typed));
        if ('' === $plain) {
            return null;
        }
        if (1 !== preg_match('~^\d{1,6}(\.\d{1,2})?$~', $plain) || round(100 * (float) $plain) > self::HIGHEST_PRICE) {
            throw Refusals::at('price', 'A plain amount, like 24 or 24.50.');
        }

        return (int) round(100 * (float) $plain);
    }
}
