<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

use Yelbo\Shop\Orders\Answers;

/** Answers to an order already begun. */
final readonly class AnswersAsk
{
    public function __construct(public int $version, public Answers $answers, public bool $take = false)
    {
    }
}
