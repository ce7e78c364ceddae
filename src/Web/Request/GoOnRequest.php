<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** What is dry and gone on with, in one go. */
final readonly class GoOnRequest
{
    /** @param list<ChosenThing> $things each as it was read */
    public function __construct(
        #[Assert\Count(
            min: 1,
            max: 2000,
            minMessage: 'Choose at least one.',
            maxMessage: 'At most 2,000 in one go.',
        )]
        public array $things,
    ) {
    }
}
