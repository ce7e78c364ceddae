<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\People\Worker;

/** Somebody who works at the bench. */
final readonly class WeekHandView
{
    /**
     * @param int $id their number
     * @param string $name as people call them
     * @param list<string> $away days they are away, 2026-11-27
     * @param string|null $feedSince since when they have a calendar link, ISO 8601
     */
    public function __construct(public int $id, public string $name, public array $away, public ?string $feedSince)
    {
    }

    /** @param list<string> $away */
    public static function from(Worker $worker, array $away, ?\DateTimeImmutable $since): self
    {
        return new self($worker->id(), $worker->name(), $away, $since?->format(\DATE_ATOM));
    }
}
