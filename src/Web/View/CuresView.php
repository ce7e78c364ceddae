<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\Cure;
use Yelbo\Trade\Check\SnagGroup;

/** Cures for every kind of snag. */
final readonly class CuresView
{
    /** @param list<CuredSnagView> $snags in the order of the check */
    public function __construct(public array $snags)
    {
    }

    /** @param list<array{SnagGroup, list<Cure>}> $found */
    public static function from(array $found): self
    {
        return new self(
            array_map(
                static fn (array $one): CuredSnagView => new CuredSnagView(
                    $one[0]->code->value,
                    array_map(CureView::from(...), $one[1]),
                ),
                $found,
            ),
        );
    }
}
