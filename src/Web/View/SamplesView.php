<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The words in every face, the best first. */
final readonly class SamplesView
{
    /** @param list<SampleView> $samples the words in each typeface, the best first*/
    public function __construct(public array $samples)
    {
    }
}
