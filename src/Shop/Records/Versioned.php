<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

/** A record that two people can change at once: every change names the version it was decided on. */
interface Versioned
{
    /** Counts its changes, from 1. */
    public function version(): int;

    /** What people call it, to begin a sentence with: `Y-0412`, `Batch 7`. */
    public function reference(): string;

    /** The number of the docket it belongs to; none for what belongs to the shop. */
    public function docketNumber(): ?int;
}
