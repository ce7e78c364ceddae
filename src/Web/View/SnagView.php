<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Check\Snag;

/** What will go wrong, where on the art (mm), and what would cure it. */
final readonly class SnagView
{
    /** @param list<CureView> $cures */
    public function __construct(public string $code, public string $severity, public string $message, public ?float $x, public ?float $y, public array $cures)
    {
    }

    public static function of(Snag $snag): self
    {
        return new self($snag->code, $snag->severity, $snag->message, null === $snag->at ? null : $snag->at[0] / 1000, null === $snag->at ? null : $snag->at[1] / 1000,
            array_values(array_filter(array_map(CureView::of(...), $snag->cures))));
    }
}
