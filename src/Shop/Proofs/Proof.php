<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;

/** A frozen version of what will be cut. Only whether it was approved is ever added. */
#[ORM\Entity]
class Proof
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $approvedAt = null;

    #[ORM\Column(length: 80, nullable: true)]
    private ?string $approvedBy = null;

    /**
     * @param list<string> $words
     * @param int          $capHeight µm
     * @param int          $left      of the art on the object, µm
     * @param int          $top       of the art on the object, µm
     * @param string       $path      the film that stays, path data in mm, origin at its box
     */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'proofs'), ORM\JoinColumn(nullable: false)]
        private Docket $docket,
        #[ORM\Column]
        private int $nth,
        #[ORM\Column]
        private \DateTimeImmutable $madeAt,
        #[ORM\Column(type: 'json')]
        private array $words,
        #[ORM\Column(length: 40)]
        private string $face,
        #[ORM\Column]
        private int $capHeight,
        #[ORM\Column]
        private int $width,
        #[ORM\Column]
        private int $height,
        #[ORM\Column(name: 'art_left')]
        private int $left,
        #[ORM\Column]
        private int $top,
        #[ORM\Column(type: 'text', length: 16777215)]
        private string $path,
    ) {
    }

    public function docket(): Docket
    {
        return $this->docket;
    }

    public function nth(): int
    {
        return $this->nth;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    /** @return list<string> */
    public function words(): array
    {
        return $this->words;
    }

    public function face(): string
    {
        return $this->face;
    }

    public function capHeight(): Length
    {
        return Length::micrometres($this->capHeight);
    }

    public function size(): Size
    {
        return new Size(Length::micrometres($this->width), Length::micrometres($this->height));
    }

    public function left(): Length
    {
        return Length::micrometres($this->left);
    }

    public function top(): Length
    {
        return Length::micrometres($this->top);
    }

    public function path(): string
    {
        return $this->path;
    }

    public function region(): Region
    {
        return SvgPath::read($this->path);
    }

    public function approvedAt(): ?\DateTimeImmutable
    {
        return $this->approvedAt;
    }

    public function approvedBy(): ?string
    {
        return $this->approvedBy;
    }

    public function approve(string $by, \DateTimeImmutable $at): void
    {
        $this->approvedBy = $by;
        $this->approvedAt = $at;
    }
}
