<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ellipse;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\Surface;

/** The customer's object: what it is called, and its measured surface. */
#[ORM\Embeddable]
final class Thing
{
    public const RECTANGLE = 'rectangle';
    public const ELLIPSE = 'ellipse';

    /**
     * @param int $width  µm
     * @param int $height µm
     * @param int $corner radius, µm
     */
    public function __construct(
        #[ORM\Column(length: 80, nullable: true)]
        private ?string $name = null,
        #[ORM\Column(length: 12, nullable: true)]
        private ?string $surface = null,
        #[ORM\Column(nullable: true)]
        private ?int $width = null,
        #[ORM\Column(nullable: true)]
        private ?int $height = null,
        #[ORM\Column(nullable: true)]
        private ?int $corner = null,
    ) {
    }

    public function name(): string
    {
        return $this->name ?? '';
    }

    public function kind(): string
    {
        return $this->surface ?? self::RECTANGLE;
    }

    public function size(): Size
    {
        return new Size(Length::micrometres($this->width ?? 0), Length::micrometres($this->height ?? 0));
    }

    public function surface(): Surface
    {
        return self::ELLIPSE === $this->surface
            ? new Ellipse($this->size())
            : new Rectangle($this->size(), Length::micrometres($this->corner ?? 0));
    }
}
