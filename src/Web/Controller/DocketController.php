<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\SizeOrder;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedWords;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Refused;
use Yelbo\Web\Ask\AnswersAsk;
use Yelbo\Web\Ask\ApproveAsk;
use Yelbo\Web\Ask\DesignAsk;
use Yelbo\Web\Ask\MoveAsk;
use Yelbo\Web\Ask\OrderAsk;
use Yelbo\Web\Present;
use Yelbo\Web\TypedDesign;
use Yelbo\Web\View\DocketView;

/** One order, from the first question to the yes. */
final readonly class DocketController
{
    public function __construct(private Dockets $dockets, private TakeOrder $take, private SizeOrder $size, private Present $present, private TypedDesign $typed, private Shelf $shelf)
    {
    }

    #[Route('/api/dockets', name: 'docket-begin', methods: ['POST'])]
    public function begin(#[MapRequestPayload] OrderAsk $ask): DocketView
    {
        return $this->present->docket($this->take->begin($ask->answers, $ask->take));
    }

    #[Route('/api/dockets/{number}', name: 'docket', requirements: ['number' => '\d{1,9}'], methods: ['GET'])]
    public function show(int $number): DocketView
    {
        return $this->present->docket($this->dockets->numbered($number));
    }

    #[Route('/api/dockets/{number}/answers', name: 'docket-answers', requirements: ['number' => '\d{1,9}'], methods: ['PUT'])]
    public function answers(int $number, #[MapRequestPayload] AnswersAsk $ask): DocketView
    {
        $docket = $this->dockets->numbered($number);
        $this->take->answer($docket, $ask->version, $ask->answers, $ask->take);

        return $this->present->docket($docket);
    }

    #[Route('/api/dockets/{number}/design', name: 'docket-design', requirements: ['number' => '\d{1,9}'], methods: ['PUT'])]
    public function design(int $number, #[MapRequestPayload] DesignAsk $ask): DocketView
    {
        $docket = $this->dockets->numbered($number);
        $roster = TypedWords::roster($ask->roster);
        $words = [] === $roster ? TypedWords::lines($ask->words) : $roster[0];
        if ([] === $words) {
            throw Refusals::at('words', 'There are no words to set. Write at least one letter.');
        }
        $design = $this->typed->design($ask->face, $ask->capHeight, $ask->left, $ask->top, $ask->units, $ask->setting, $ask->art);
        try {
            $this->size->draw($docket, $ask->version, $words, $design, $ask->proof, $roster, $this->shelf->filmNumbered((int) $ask->film));
        } catch (Refused $refused) {
            throw '' === $refused->at ? $refused : Refusals::at(TypedDesign::field($refused), $refused->getMessage());
        }

        return $this->present->docket($docket);
    }

    #[Route('/api/dockets/{number}/approve', name: 'docket-approve', requirements: ['number' => '\d{1,9}'], methods: ['POST'])]
    public function approve(int $number, #[MapRequestPayload] ApproveAsk $ask): DocketView
    {
        $docket = $this->dockets->numbered($number);
        if ('' === trim($ask->by)) {
            throw Refusals::at('by', 'Who says yes? Write the name.');
        }
        $this->size->approve($docket, $ask->version, $ask->proof, mb_substr(trim($ask->by), 0, 80));

        return $this->present->docket($docket);
    }

    #[Route('/api/dockets/{number}/moves', name: 'docket-move', requirements: ['number' => '\d{1,9}'], methods: ['POST'])]
    public function move(int $number, #[MapRequestPayload] MoveAsk $ask): DocketView
    {
        $docket = $this->dockets->numbered($number);
        $move = DocketMove::tryFrom($ask->move) ?? throw Refusals::at('move', 'There is no such move.');
        $this->size->move($docket, $ask->version, $move, $ask->detail);

        return $this->present->docket($docket);
    }
}
