<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;

/**
 * A frozen version of what will be cut. Only whether it was approved is ever added.
 *
 * Of each decal lengths are in µm, the paths of all its layers in one frame, its box; a layer
 * names its film by its number on the shelf, none for the order's own.
 *
 * @phpstan-type PartLayer array{role: string, film: int|null, path: string}
 * @phpstan-type Part array{lines: list<string>, width: int, height: int, left: int, top: int, layers: list<PartLayer>}
 */
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
     * @param string       $path      the film that stays of the first decal's letters, path data in mm, origin at its box
     * @param list<Part>|null $parts  every decal of a set, with every layer of film; one decal of one layer where left out
     * @param array<string, mixed>|null $frozen all it says beside its outlines
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
        #[ORM\Column(type: 'json', length: 4294967295, nullable: true)]
        private ?array $parts = null,
        #[ORM\Column(type: 'json', length: 4294967295, nullable: true)]
        private ?array $frozen = null,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function frozen(): Frozen
    {
        return Frozen::from($this->frozen ?? []);
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

    /** How many different decals: the members of a set. */
    public function members(): int
    {
        return \count($this->parts());
    }

    /** @return list<PartLayer> */
    public function layers(int $member = 0): array
    {
        return $this->part($member)['layers'];
    }

    /** @return list<string> */
    public function linesOf(int $member): array
    {
        return $this->part($member)['lines'];
    }

    public function size(int $member = 0): Size
    {
        return new Size(Length::micrometres($this->part($member)['width']), Length::micrometres($this->part($member)['height']));
    }

    public function left(int $member = 0): Length
    {
        return Length::micrometres($this->part($member)['left']);
    }

    public function top(int $member = 0): Length
    {
        return Length::micrometres($this->part($member)['top']);
    }

    public function path(): string
    {
        return $this->path;
    }

    /** One layer of film of one decal; all layers of a decal share one frame. */
    public function region(int $member = 0, int $layer = 0): Region
    {
        return SvgPath::read($this->part($member)['layers'][$layer]['path'] ?? throw new \LogicException("There is no layer $layer."));
    }

    public function approvedAt(): ?\DateTimeImmutable
    {
        return $this->approvedAt;
    }

    public function approvedBy(): ?string
    {
        return $this->approvedBy;
    }

    /** @return Part */
    private function part(int $member): array
    {
        return $this->parts()[$member] ?? throw new \LogicException("There is no decal $member.");
    }

    /** @return non-empty-list<Part> */
    private function parts(): array
    {
        return $this->parts ?: [['lines' => $this->words, 'width' => $this->width, 'height' => $this->height, 'left' => $this->left, 'top' => $this->top,
            'layers' => [['role' => Layer::TOP, 'film' => null, 'path' => $this->path]]]];
    }

    public function approve(string $by, \DateTimeImmutable $at): void
    {
        $this->approvedBy = $by;
        $this->approvedAt = $at;
    }
}
