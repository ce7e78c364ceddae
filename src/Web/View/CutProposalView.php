<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Week\CutProposal;

/** When what waits for a film should be cut. */
final readonly class CutProposalView
{
    /**
     * @param bool $now to be cut before anything else
     * @param string|null $by at the latest, ISO 8601; null where nothing presses
     * @param string $says in a sentence
     * @param string $price what waiting saves and costs; empty where that is not known
     */
    public function __construct(public bool $now, public ?string $by, public string $says, public string $price)
    {
    }

    public static function from(CutProposal $proposal): self
    {
        return new self(
            $proposal->now,
            $proposal->by?->format(\DATE_ATOM),
            $proposal->says,
            $proposal->price,
        );
    }
}
