<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Lettering\Guides;

/**
 * Places at which something is in line with the rest.
 *
 * @phpstan-import-type Guide from Guides
 */
final readonly class GuidesView
{
    /**
     * @param list<GuideView> $across told by its left
     * @param list<GuideView> $down told by its top
     */
    public function __construct(public array $across, public array $down)
    {
    }

    /** @param array{across: list<Guide>, down: list<Guide>} $guides */
    public static function from(array $guides): self
    {
        $view = static fn (array $guide): GuideView => new GuideView(
            $guide['at'] / 1000,
            $guide['line'] / 1000,
            $guide['label'],
        );

        return new self(array_map($view, $guides['across']), array_map($view, $guides['down']));
    }
}
