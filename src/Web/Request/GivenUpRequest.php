<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;
use Yelbo\Web\Guard\Repeats;

/** What a page does not wait for any more. */
final readonly class GivenUpRequest
{
    /** @param string $key the key it was asked with */
    public function __construct(#[Assert\Regex(Repeats::KEY, 'This is no key of a request.')] public string $key)
    {
    }
}
