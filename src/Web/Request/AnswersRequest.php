<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Yelbo\Shop\Orders\Answers;

/** Answers to an order already begun. */
final readonly class AnswersRequest
{
    public function __construct(public int $version, public Answers $answers, public bool $take = false)
    {
    }
}
