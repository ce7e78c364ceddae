<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Pieces\Bench;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Bench\Part;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Rule;
use Yelbo\Web\Ask\CountAsk;
use Yelbo\Web\Ask\MoveAsk;
use Yelbo\Web\Present;
use Yelbo\Web\View\ParcelView;
use Yelbo\Web\View\PiecesView;
use Yelbo\Web\View\PieceView;
use Yelbo\Web\View\ProofView;
use Yelbo\Web\View\StepsView;
use Yelbo\Web\View\StepView;
use Yelbo\Web\View\ThingView;
use Yelbo\Web\View\WastePartView;
use Yelbo\Web\View\WeedingView;

/** Pieces at the bench and on their way out. */
final readonly class PieceController
{
    public function __construct(private Bench $bench, private Present $present, private ShopRules $rules)
    {
    }

    #[Route('/api/pieces', name: 'pieces', methods: ['GET'])]
    public function pieces(#[MapQueryParameter] string $station): PiecesView
    {
        $states = array_filter(PieceState::cases(), static fn (PieceState $state): bool => $state->station()?->value === $station);

        return new PiecesView(array_map($this->present->piece(...), $this->bench->at(...array_values($states))));
    }

    #[Route('/api/pieces/{id}/weeding', name: 'piece-weeding', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function weeding(int $id): WeedingView
    {
        return $this->weedingOf($this->bench->piece($id));
    }

    #[Route('/api/pieces/{id}/out', name: 'piece-out', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function countOut(int $id, #[MapRequestPayload] CountAsk $ask): WeedingView
    {
        $piece = $this->bench->piece($id);
        $this->bench->countOut($piece, $ask->version, array_values($ask->numbers));

        return $this->weedingOf($piece);
    }

    #[Route('/api/pieces/{id}/steps', name: 'piece-steps', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function steps(int $id): StepsView
    {
        return $this->stepsOf($this->bench->piece($id));
    }

    #[Route('/api/pieces/{id}/steps', name: 'piece-tick', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function tick(int $id, #[MapRequestPayload] CountAsk $ask): StepsView
    {
        $piece = $this->bench->piece($id);
        $this->bench->tick($piece, $ask->version, array_values($ask->numbers));

        return $this->stepsOf($piece);
    }

    #[Route('/api/pieces/{id}/parcel', name: 'piece-parcel', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function parcel(int $id): ParcelView
    {
        $piece = $this->bench->piece($id);

        return new ParcelView($this->present->piece($piece), $this->bench->contents($piece), $this->bench->care($piece));
    }

    #[Route('/api/pieces/{id}/moves', name: 'piece-move', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function move(int $id, #[MapRequestPayload] MoveAsk $ask): PieceView
    {
        $piece = $this->bench->piece($id);
        $move = PieceMove::tryFrom($ask->move) ?? throw Refusals::at('move', 'There is no such move.');
        $this->bench->move($piece, $ask->version, $move, $ask->detail);

        return $this->present->piece($piece);
    }

    private function weedingOf(Piece $piece): WeedingView
    {
        $weeding = $this->bench->weeding($piece);
        $region = $piece->region();
        $block = $weeding->block;
        $insides = $weeding->insides();

        return new WeedingView(
            $this->present->piece($piece), SvgPath::write($region),
            $block->left / 1000, $block->top / 1000, $block->width() / 1000, $block->height() / 1000, \count($weeding->keeps),
            array_map(static fn (int $nth, Part $part): WastePartView => new WastePartView(
                $nth, $part->at()[0] / 1000, $part->at()[1] / 1000, $part->across(), SvgPath::write($part->region), \in_array($part, $weeding->reverse, true),
            ), array_keys($insides), $insides),
            $piece->out(), $weeding->school, $weeding->why, $weeding->minutes,
        );
    }

    private function stepsOf(Piece $piece): StepsView
    {
        $steps = $this->bench->steps($piece);

        return new StepsView(
            $this->present->piece($piece),
            array_map(static fn (int $nth, array $step): StepView => new StepView($nth, $step['title'], $step['how'], $step['caution'], \in_array($nth, $piece->done(), true)), array_keys($steps), $steps),
            ThingView::of($piece->docket()->thing()),
            ProofView::of($piece->proof()),
            (int) $this->rules->current()->value(Rule::Cure),
        );
    }
}
