<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** Whether somebody still waits for what is being worked out: asked again and again by what takes long. */
interface StillWanted
{
    /** @throws GivenUp where nobody does */
    public function orStop(): void;

    /**
     * How far it has come, for whoever waits.
     *
     * @param string $what what is counted, as it is told: `names set`
     * @param int    $done so many of them
     * @param int    $of   and so many there are
     *
     * @throws GivenUp where nobody waits
     */
    public function orStopAt(string $what, int $done, int $of): void;
}
