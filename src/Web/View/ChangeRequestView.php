<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Proofs\ChangeRequest;

/** What a customer wants changed, and the spot on the drawing it is pinned to, mm. */
final readonly class ChangeRequestView
{
    /**
     * @param int $id its number in the records
     * @param int $proof which version of the proof, from 1
     * @param int $item which item of the order it is about
     * @param string $by who said it
     * @param string $note what else was said
     * @param SpotView|null $spot where on the drawing it is pinned
     * @param string $at when, ISO 8601
     */
    public function __construct(
        public int $id,
        public int $proof,
        public int $item,
        public string $by,
        public string $note,
        public ?SpotView $spot,
        public string $at,
    ) {
    }

    public static function from(ChangeRequest $request): self
    {
        $spot = $request->spot();

        return new self(
            $request->id(),
            $request->proof()->nth(),
            $request->proof()->item()->nth(),
            $request->by(),
            $request->note(),
            null === $spot ? null : SpotView::micrometres($spot[0], $spot[1]),
            $request->at()->format(\DATE_ATOM),
        );
    }
}
