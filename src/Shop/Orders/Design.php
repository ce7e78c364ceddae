<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;

/** How the words are set and where they lie. Sizes in µm; nothing means "by the rule". */
#[ORM\Embeddable]
final class Design
{
    public const DEFAULT_FACE = 'oswald';

    public function __construct(
        #[ORM\Column(length: 40, nullable: true)]
        private ?string $face = null,
        /** The largest that fits where nothing is said. */
        #[ORM\Column(nullable: true)]
        private ?int $capHeight = null,
        /** Centred where nothing is said. */
        #[ORM\Column(name: 'left_edge', nullable: true)]
        private ?int $left = null,
        #[ORM\Column(nullable: true)]
        private ?int $top = null,
    ) {
    }

    public function face(): string
    {
        return $this->face ?? self::DEFAULT_FACE;
    }

    public function capHeight(): ?int
    {
        return $this->capHeight;
    }

    /** @return array{int, int}|null */
    public function at(): ?array
    {
        return null === $this->left || null === $this->top ? null : [$this->left, $this->top];
    }
}
