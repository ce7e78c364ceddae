<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** The hours of every week as they were typed. */
final readonly class HoursRequest
{
    /**
     * @param list<StretchRequest> $hours each stretch
     */
    public function __construct(public array $hours)
    {
    }

    /** @return list<array{int, string, string}> */
    public function stretches(): array
    {
        return array_map(
            static fn (StretchRequest $one): array => [$one->day, $one->from, $one->to],
            \array_slice($this->hours, 0, 60),
        );
    }
}
