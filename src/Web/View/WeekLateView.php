<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Week\WeekBoard;

/**
 * An order that comes late by the plan, and the smallest changes that would save it.
 *
 * @phpstan-import-type Late from WeekBoard
 */
final readonly class WeekLateView
{
    /**
     * @param int $docket the number of the docket
     * @param string $says why, a sentence
     * @param list<WeekOptionView> $options what would save it
     */
    public function __construct(public int $docket, public string $says, public array $options)
    {
    }

    /** @param Late $late */
    public static function from(array $late): self
    {
        return new self(
            $late['docket'],
            $late['says'],
            array_map(
                static fn (array $option): WeekOptionView => new WeekOptionView(...$option),
                $late['options'],
            ),
        );
    }
}
