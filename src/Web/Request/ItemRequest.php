<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Yelbo\Shop\Orders\Answers;

/** Another thing for an order. */
final readonly class ItemRequest
{
    /**
     * @param int $version of the docket as it was read
     * @param Answers $answers what was answered of the thing, as typed
     */
    public function __construct(public int $version, public Answers $answers)
    {
    }
}
