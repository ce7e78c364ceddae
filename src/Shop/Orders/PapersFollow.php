<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

/** What was charged follows what was agreed: asked whenever a yes was said, or an order cancelled. */
interface PapersFollow
{
    /** Takes back an invoice that says something else than what is agreed now, and writes another in its place. */
    public function follow(Docket $docket): void;
}
