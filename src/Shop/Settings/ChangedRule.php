<?php

declare(strict_types=1);

namespace Yelbo\Shop\Settings;

use Doctrine\ORM\Mapping as ORM;

/** A rule of the trade the shop has set for itself. */
#[ORM\Entity]
class ChangedRule
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 40)]
        private string $rule,
        #[ORM\Column]
        private float $value,
    ) {
    }

    /** The short name of the figure. */
    public function rule(): string
    {
        return $this->rule;
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
