<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Lettering\Spelling;

/**
 * A frozen version of what will be cut of one thing: a page of the proof of its order, whose pages share one number.
 * Only whether it was approved is ever added.
 *
 * Of each decal lengths are in µm, the outlines of all its layers in one frame, its box, each named
 * by its hash; a layer names its film by its number on the shelf, none for the order's own.
 *
 * Layers that lie on each other have one group; what touches no other film has one of its own.
 *
 * @phpstan-type PartLayer array{
 *     role: string,
 *     film: int|null,
 *     outline: string,
 *     width?: int,
 *     height?: int,
 *     area?: float,
 *     group?: int,
 *     left?: int,
 *     top?: int,
 *     picture?: array{int, int, int, int, int},
 * }
 * @phpstan-type Part array{
 *     lines: list<string>,
 *     cut?: list<string>,
 *     capHeight?: int,
 *     width: int,
 *     height: int,
 *     left: int,
 *     top: int,
 *     layers: list<PartLayer>,
 * }
 */
#[ORM\Entity]
#[ORM\Table(name: 'proof')]
#[ORM\Index(columns: ['approved_at'])]
class ProofPage
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $approvedAt = null;

    #[ORM\Column(length: 80, nullable: true)]
    private ?string $approvedBy = null;

    /** @var array<string, mixed> */
    #[ORM\Column(type: 'json', length: 4294967295)]
    private array $frozen;

    /**
     * @param list<string>         $words
     * @param int                  $capHeight µm
     * @param non-empty-list<Part> $parts     every decal of a set, with every layer of film
     * @param FrozenFacts          $facts     all it says beside its outlines
     */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'proofs'), ORM\JoinColumn(nullable: false)] private Docket $docket,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] private Item $item,
        #[ORM\Column] private int $nth,
        #[ORM\Column] private \DateTimeImmutable $madeAt,
        #[ORM\Column(type: 'json')] private array $words,
        #[ORM\Column(length: 40)] private string $face,
        #[ORM\Column] private int $capHeight,
        #[ORM\Column(type: 'json', length: 4294967295)] private array $parts,
        FrozenFacts $facts,
    ) {
        $this->frozen = $facts->toArray();
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** What was frozen with it. */
    public function frozen(): FrozenFacts
    {
        return FrozenFacts::fromKept($this->frozen);
    }

    /** The docket it belongs to. */
    public function docket(): Docket
    {
        return $this->docket;
    }

    /** The item it shows. */
    public function item(): Item
    {
        return $this->item;
    }

    /** Which version of the order's proof it belongs to, from 1. */
    public function nth(): int
    {
        return $this->nth;
    }

    /** When it was made. */
    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    /** What it shows. */
    public function drawing(): DrawnMembers
    {
        return new DrawnMembers($this->capHeight, $this->parts);
    }

    /** @return list<string> */
    public function words(): array
    {
        return $this->words;
    }

    /** The short name of its typeface. */
    public function face(): string
    {
        return $this->face;
    }

    /** @return list<string> how the words drawn differ from those asked for, and what in them may be misread */
    public function spelling(): array
    {
        $lines = $this->lines();
        $asked = $this->frozen()->asked;

        return array_column(
            [
                ...[] === $asked || [] === $lines ? [] : Spelling::differences($asked, $lines),
                ...Spelling::doubts($lines),
            ],
            'says',
        );
    }

    /**
     * @return list<array{line: string, letters: list<array{letter: string, says: string}>}> every line letter by letter
     */
    public function readOut(): array
    {
        return array_map(
            static fn (string $line): array => ['line' => $line, 'letters' => Spelling::readOut($line)],
            '' === $this->frozen()->drawing
                ? array_merge(
                    ...array_map(static fn (array $part): array => $part['cut'] ?? $part['lines'], $this->parts),
                )
                : [],
        );
    }

    /**
     * @return list<string> of all its decals; a drawing has no letters to be read out, its words only call it something
     */
    private function lines(): array
    {
        return '' === $this->frozen()->drawing ? array_merge(...array_column($this->parts, 'lines')) : [];
    }

    /** When the customer said yes; none where that has not happened. */
    public function approvedAt(): ?\DateTimeImmutable
    {
        return $this->approvedAt;
    }

    /** Who said yes; none where nobody has. */
    public function approvedBy(): ?string
    {
        return $this->approvedBy;
    }

    /**
     * This page in a later version of the proof, with the yes that was said to it; what the whole order costs is
     * told anew.
     */
    public function again(int $nth, \DateTimeImmutable $now, FrozenFacts $charged): self
    {
        $page = new self(
            $this->docket,
            $this->item,
            $nth,
            $now,
            $this->words,
            $this->face,
            $this->capHeight,
            $this->parts,
            $charged,
        );
        $page->approvedAt = $this->approvedAt;
        $page->approvedBy = $this->approvedBy;

        return $page;
    }

    /**
     * The page of a version that was said yes to last; none where not all of them were.
     *
     * @param list<self> $pages
     */
    public static function lastApproved(array $pages): ?self
    {
        $last = null;
        foreach ($pages as $page) {
            if (null === $page->approvedAt()) {
                return null;
            }
            $last = null === $last || $page->approvedAt() > $last->approvedAt() ? $page : $last;
        }

        return $last;
    }

    /** Takes the customer’s yes. */
    public function approve(string $by, \DateTimeImmutable $at): void
    {
        $this->approvedBy = $by;
        $this->approvedAt = $at;
    }
}
