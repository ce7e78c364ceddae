<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What lies on the shelf of a film. */
final readonly class WorthView
{
    /**
     * @param string $film which film
     * @param float $area m²
     * @param MoneyView $worth what that was bought for
     * @param string|null $since the day the oldest of it came, 2026-11-27
     */
    public function __construct(
        public string $film,
        public float $area,
        public MoneyView $worth,
        public ?string $since,
    ) {
    }
}
