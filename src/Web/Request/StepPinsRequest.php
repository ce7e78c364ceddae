<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** Steps that are put somewhere in the week, in one go. */
final readonly class StepPinsRequest
{
    /** @param list<StepPinRequest> $puts where each goes */
    public function __construct(
        #[Assert\Count(
            min: 1,
            max: 200,
            minMessage: 'Choose at least one.',
            maxMessage: 'At most 200 in one go.',
        )]
        public array $puts,
    ) {
    }
}
