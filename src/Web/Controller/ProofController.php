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
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\ProofPage;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Post\Letter;
use Yelbo\Shop\Post\Outbox;
use Yelbo\Shop\Proofs\GivenProofs;
use Yelbo\Shop\Proofs\ProofLink;
use Yelbo\Shop\Proofs\ProofLinks;
use Yelbo\Shop\Proofs\ProofMailer;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Web\Address;
use Yelbo\Web\Paper\ProofPaper;
use Yelbo\Web\RecordViews;
use Yelbo\Web\Request\LinkRequest;
use Yelbo\Web\Request\PriceRequest;
use Yelbo\Web\Request\WaiverRequest;
use Yelbo\Web\View\AnsweringView;
use Yelbo\Web\View\ChangeRequestView;
use Yelbo\Web\View\DocketView;
use Yelbo\Web\View\GivenLinkView;
use Yelbo\Web\View\LinkView;
use Yelbo\Web\View\OutboxLetterView;
use Yelbo\Web\View\OutboxView;

/** Round a proof: what the owner lets pass, its price, links to it, what customers said, its paper. */
final readonly class ProofController
{
    private const NUMBER = ['number' => Address::NUMBER];

    public function __construct(
        private Dockets $dockets,
        private DrawOrder $draw,
        private ProofLinks $links,
        private GivenProofs $given,
        private ProofMailer $post,
        private Outbox $outbox,
        private ProofPaper $paper,
        private RecordViews $records,
        private Security $security,
        private ClockInterface $clock,
        #[Autowire('%env(MAILER_DSN)%')] private string $mailer,
    ) {
    }

    /** Lets a stop pass with a reason, or takes that back. */
    #[Route('/api/dockets/{number}/waiver', name: 'docket-waiver', requirements: self::NUMBER, methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    public function waive(int $number, #[MapRequestPayload] WaiverRequest $request): DocketView
    {
        $item = $this->dockets->numbered($number)->item($request->item);
        $worker = $this->security->getUser();
        $this->draw->waive(
            $item,
            $request->version,
            $request->code,
            $request->reason,
            $worker instanceof Worker ? $worker->name() : '',
        );

        return $this->records->docket($item->docket());
    }

    /** Says what an order costs. */
    #[Route('/api/dockets/{number}/price', name: 'docket-price', requirements: self::NUMBER, methods: ['PUT'])]
    public function price(int $number, #[MapRequestPayload] PriceRequest $request): DocketView
    {
        $docket = $this->dockets->numbered($number);
        $this->draw->price($docket, $request->version, $request->price);

        return $this->records->docket($docket);
    }

    /** Lists the links sent for a docket and what the customer asked to be different. */
    #[Route('/api/dockets/{number}/links', name: 'docket-links', requirements: self::NUMBER, methods: ['GET'])]
    public function answering(int $number): AnsweringView
    {
        return $this->answers($this->dockets->numbered($number));
    }

    /** Makes a link to the newest proof, and sends it where an address is given. */
    #[Route('/api/dockets/{number}/links', name: 'docket-link', requirements: self::NUMBER, methods: ['POST'])]
    public function give(int $number, #[MapRequestPayload] LinkRequest $request): GivenLinkView
    {
        [$link, $token] = $this->links->give($this->dockets->numbered($number), $request->to);

        return new GivenLinkView($this->post->url($token), LinkView::from($link, $this->clock->now()));
    }

    /** Writes a letter that did not go out once more, with a link of its own. */
    #[Route(
        '/api/dockets/{number}/links/{id}/again',
        name: 'docket-link-again',
        requirements: self::NUMBER + ['id' => Address::NUMBER],
        methods: ['POST'],
    ),]
    public function sendAgain(int $number, int $id): AnsweringView
    {
        $docket = $this->dockets->numbered($number);
        $this->links->sendAgain($docket, $id);

        return $this->answers($docket);
    }

    /** Withdraws a link: it shows nothing from then on. */
    #[Route(
        '/api/dockets/{number}/links/{id}/withdraw',
        name: 'docket-link-withdraw',
        requirements: self::NUMBER + ['id' => Address::NUMBER],
        methods: ['POST'],
    ),]
    public function withdraw(int $number, int $id): AnsweringView
    {
        $docket = $this->dockets->numbered($number);
        $this->links->withdraw($docket, $id);

        return $this->answers($docket);
    }

    /** Gives a version of the proof as PDF, true to size. */
    #[Route(
        '/api/dockets/{number}/proofs/{nth}.pdf',
        name: 'proof-pdf',
        requirements: self::NUMBER + ['nth' => Address::FEW],
        methods: ['GET'],
    ),]
    public function pdf(int $number, int $nth): Response
    {
        return $this->paper->response($this->dockets->numbered($number)->proofs()->version($nth));
    }

    /** Gives the decal of a proof alone, true to size, in an open format that comes back as it went out. */
    #[Route(
        '/api/dockets/{number}/proofs/{nth}.svg',
        name: 'proof-svg',
        requirements: self::NUMBER + ['nth' => Address::FEW],
        methods: ['GET'],
    ),]
    public function svg(
        int $number,
        int $nth,
        #[MapQueryParameter] int $item = 1,
        #[MapQueryParameter] int $decal = 1,
    ): Response {
        return $this->paper->drawing($this->page($number, $nth, $item), $decal);
    }

    /** Lists the letters that were sent, the newest first. */
    #[Route('/api/outbox', name: 'outbox', methods: ['GET'])]
    public function outbox(): OutboxView
    {
        return new OutboxView(
            array_map(
                fn (Letter $letter): OutboxLetterView => OutboxLetterView::from($letter, $this->outbox->text($letter)),
                $this->outbox->newest(),
            ),
            str_starts_with($this->mailer, 'outbox:'),
        );
    }

    /** @throws NotFound */
    private function page(int $number, int $nth, int $item): ProofPage
    {
        foreach ($this->dockets->numbered($number)->proofs()->version($nth) as $page) {
            if ($page->item()->nth() === $item) {
                return $page;
            }
        }
        throw new NotFound('There is no such proof.');
    }

    private function answers(Docket $docket): AnsweringView
    {
        return new AnsweringView(
            array_map(
                fn (ProofLink $link): LinkView => LinkView::from($link, $this->clock->now()),
                $this->links->ofDocket($docket),
            ),
            array_map(ChangeRequestView::from(...), $this->given->changeRequests($docket)),
        );
    }
}
