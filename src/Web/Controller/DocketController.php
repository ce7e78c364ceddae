<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Changes\ChangeOrder;
use Yelbo\Shop\Designs\DesignReader;
use Yelbo\Shop\Designs\TypedDesign;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Proofs\Approval;
use Yelbo\Shop\Proofs\Assent;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Web\Address;
use Yelbo\Web\RecordViews;
use Yelbo\Web\Request\AnswersRequest;
use Yelbo\Web\Request\ApproveRequest;
use Yelbo\Web\Request\ChangeOrderRequest;
use Yelbo\Web\Request\DesignRequest;
use Yelbo\Web\Request\ItemAgainRequest;
use Yelbo\Web\Request\ItemRequest;
use Yelbo\Web\Request\MoveRequest;
use Yelbo\Web\Request\OrderRequest;
use Yelbo\Web\Request\VersionRequest;
use Yelbo\Web\View\DocketView;
use Yelbo\Web\View\OrderChangeView;

/** One order, from the first question to the yes. */
final readonly class DocketController
{
    public function __construct(
        private Dockets $dockets,
        private TakeOrder $take,
        private ChangeOrder $changes,
        private DrawOrder $draw,
        private Approval $approval,
        private DesignReader $designs,
        private RecordViews $records,
    ) {
    }

    /** Takes a new order down, and sends it on to Size where it is complete. */
    #[Route('/api/dockets', name: 'docket-begin', methods: ['POST'])]
    public function begin(#[MapRequestPayload] OrderRequest $request): DocketView
    {
        return $this->records->docket($this->take->begin($request->order(), $request->take));
    }

    /** Gives all of one docket. */
    #[Route('/api/dockets/{number}', name: 'docket', requirements: ['number' => Address::NUMBER], methods: ['GET'])]
    public function show(int $number): DocketView
    {
        return $this->records->docket($this->dockets->numbered($number));
    }

    /** Changes the answers of an order, and sends it on to Size where that is wanted. */
    #[Route(
        '/api/dockets/{number}/answers',
        name: 'docket-answers',
        requirements: ['number' => Address::NUMBER],
        methods: ['PUT'],
    ),]
    public function answers(int $number, #[MapRequestPayload] AnswersRequest $request): DocketView
    {
        $docket = $this->dockets->numbered($number);
        $this->take->answer($docket, $request->version, $request->order(), $request->take);

        return $this->records->docket($docket);
    }

    /** Changes what was asked of a taken order; says first what that sets back, and does it where that is sure. */
    #[Route(
        '/api/dockets/{number}/change',
        name: 'docket-change',
        requirements: ['number' => Address::NUMBER],
        methods: ['POST'],
    ),]
    public function change(int $number, #[MapRequestPayload] ChangeOrderRequest $request): OrderChangeView
    {
        $docket = $this->dockets->numbered($number);
        $change = $this->changes->look($docket, $request->order(), array_values($request->items));
        if ($request->sure) {
            $this->changes->apply($docket, $request->version, $change);
        }

        return new OrderChangeView(
            $change->says,
            $change->setsBack,
            $request->sure ? $this->records->docket($docket) : null,
        );
    }

    /** Keeps a design, and makes a proof of it where that is wanted. */
    #[Route(
        '/api/dockets/{number}/design',
        name: 'docket-design',
        requirements: ['number' => Address::NUMBER],
        methods: ['PUT'],
    ),]
    public function design(
        int $number,
        #[MapRequestPayload] DesignRequest $request,
        #[MapRequestPayload] TypedDesign $typed,
    ): DocketView {
        $item = $this->dockets->numbered($number)->item($request->item);
        $this->draw->draw($item, $request->version, $this->designs->read($typed), $request->proof);

        return $this->records->docket($item->docket());
    }

    /** Adds another thing to an order that was taken already. */
    #[Route(
        '/api/dockets/{number}/items',
        name: 'docket-item-add',
        requirements: ['number' => Address::NUMBER],
        methods: ['POST'],
    ),]
    public function add(int $number, #[MapRequestPayload] ItemRequest $request): DocketView
    {
        $docket = $this->dockets->measured($number);
        $this->take->add($docket, $request->version, $request->answers);

        return $this->records->docket($docket);
    }

    /** Adds the same again, of any order, with other words. */
    #[Route(
        '/api/dockets/{number}/items/again',
        name: 'docket-item-again',
        requirements: ['number' => Address::NUMBER],
        methods: ['POST'],
    ),]
    public function again(int $number, #[MapRequestPayload] ItemAgainRequest $request): DocketView
    {
        $docket = $this->dockets->measured($number);
        $like = $this->dockets->measuredItem($request->docket, $request->item);
        $this->take->again($docket, $request->version, $like, $request->words);

        return $this->records->docket($docket);
    }

    /** Takes a thing out of an order: it is not made after all. */
    #[Route(
        '/api/dockets/{number}/items/{item}/drop',
        name: 'docket-item-drop',
        requirements: ['number' => Address::NUMBER, 'item' => Address::FEW],
        methods: ['POST'],
    ),]
    public function drop(int $number, int $item, #[MapRequestPayload] VersionRequest $request): DocketView
    {
        $docket = $this->dockets->numbered($number);
        $this->take->drop($docket, $request->version, $docket->item($item));

        return $this->records->docket($docket);
    }

    /** Takes the customer's yes to the newest proof, given in the shop. */
    #[Route(
        '/api/dockets/{number}/approve',
        name: 'docket-approve',
        requirements: ['number' => Address::NUMBER],
        methods: ['POST'],
    ),]
    public function approve(int $number, #[MapRequestPayload] ApproveRequest $request): DocketView
    {
        $docket = $this->dockets->numbered($number);
        $how = Assent::tryFrom($request->how);
        if (!\in_array($how, Assent::heard(), true)) {
            throw Refusals::at('how', 'How did they say it? Choose one.');
        }
        $this->approval->approve(
            $docket,
            $request->version,
            $request->proof,
            $request->by,
            $how,
            $request->asItIs,
        );

        return $this->records->docket($docket);
    }

    /** Makes another move of the docket: back, changed, opened again, cancelled. */
    #[Route(
        '/api/dockets/{number}/moves',
        name: 'docket-move',
        requirements: ['number' => Address::NUMBER],
        methods: ['POST'],
    ),]
    public function move(int $number, #[MapRequestPayload] MoveRequest $request): DocketView
    {
        $docket = $this->dockets->numbered($number);
        $move = DocketMove::tryFrom($request->move) ?? throw Refusals::at('move', 'There is no such move.');
        if (DocketMove::Reopen === $move) {
            $this->approval->reopen($docket, $request->version, $request->detail, $request->items);
        } else {
            $this->draw->move($docket, $request->version, $move, $request->detail);
        }

        return $this->records->docket($docket);
    }
}
