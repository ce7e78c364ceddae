<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Check\SnagGroup;

/**
 * Snags of one kind, told once: the worst in µm, their spots on the art in mm; why the owner lets a stop pass, where
 * that is written.
 */
final readonly class SnagGroupView
{
    /**
     * @param list<SpotView> $spots where it is found, mm
     * @param string $code the short name of the snag
     * @param string $severity stop, warn or note
     * @param string $message what is wrong and what would help
     * @param int $count how often it is found
     * @param int $found how bad it is, µm
     * @param int|null $element which element it is about, from 0; -1 for the words beside them, null for words alone
     * @param string|null $waiver why it was let pass, where it was
     */
    public function __construct(
        public string $code,
        public string $severity,
        public string $message,
        public int $count,
        public int $found,
        public array $spots,
        public ?string $waiver,
        public ?int $element,
    ) {
    }

    public static function from(SnagGroup $group, ?string $waiver, ?int $element = null): self
    {
        return new self(
            $group->code->value,
            $group->severity->value,
            $group->message,
            $group->count,
            $group->found,
            array_map(static fn (array $spot): SpotView => SpotView::micrometres($spot[0], $spot[1]), $group->spots),
            $waiver,
            $element,
        );
    }
}
