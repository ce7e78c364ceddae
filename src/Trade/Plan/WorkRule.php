<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

/** One thing that is to be minded in putting a decal on. It stands alone and says itself when it applies. */
interface WorkRule
{
    /** What it is called in the handbook. */
    public function name(): string;

    /** @return list<Step> none where it does not apply */
    public function steps(Decal $decal): array;
}
