<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Proofs\Wish;

/** What a customer wants changed, and the spot on the drawing it is pinned to, mm. */
final readonly class WishView
{
    public function __construct(public int $id, public int $proof, public string $by, public string $note, public ?SpotView $spot, public string $at)
    {
    }

    public static function of(Wish $wish): self
    {
        $spot = $wish->spot();

        return new self($wish->id(), $wish->proof()->nth(), $wish->by(), $wish->note(), null === $spot ? null : new SpotView($spot[0] / 1000, $spot[1] / 1000), $wish->at()->format(\DATE_ATOM));
    }
}
