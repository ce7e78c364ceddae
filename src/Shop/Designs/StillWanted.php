<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** Whether somebody still waits for what is being worked out: asked again and again by what takes long. */
interface StillWanted
{
    /** @throws GivenUp where nobody does */
    public function orStop(): void;
}
