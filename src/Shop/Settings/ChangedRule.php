<?php

declare(strict_types=1);

namespace Yelbo\Shop\Settings;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Trade\Rule;

/** A rule of the trade the shop has set for itself. */
#[ORM\Entity]
class ChangedRule implements Versioned
{
    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 40)]
        private string $rule,
        #[ORM\Column]
        private float $value,
    ) {
    }

    /** Counts its changes, from 1. */
    public function version(): int
    {
        return $this->version;
    }

    /** The short name of the figure. */
    public function rule(): string
    {
        return $this->rule;
    }

    public function reference(): string
    {
        return '“'.(Rule::tryFrom($this->rule)?->label() ?? $this->rule).'”';
    }

    public function docketNumber(): ?int
    {
        return null;
    }

    /** In the unit of the figure. */
    public function value(): float
    {
        return $this->value;
    }

    /** Sets it anew. */
    public function set(float $value): void
    {
        $this->value = $value;
    }
}
