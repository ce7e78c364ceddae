<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Trade\Bench\TapeKind;

/** What is not film: transfer tape by its kind and width, and blanks the shop sells with its decals. */
#[ORM\Entity]
class Supply implements Versioned
{
    public const TAPE = 'tape';
    public const BLANK = 'blank';

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /**
     * @param int|null $width  of tape, µm
     * @param int      $amount mm of tape; how many blanks
     * @param int|null $lowAt  in the same unit
     */
    public function __construct(
        #[ORM\Column(length: 10)]
        private string $kind,
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(nullable: true)]
        private ?int $width,
        #[ORM\Column]
        private int $amount,
        #[ORM\Column(length: 20)]
        private string $bin,
        #[ORM\Column(nullable: true)]
        private ?int $lowAt = null,
    ) {
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** Counts its changes, from 1. */
    public function version(): int
    {
        return $this->version;
    }

    public function reference(): string
    {
        return $this->number();
    }

    public function docketNumber(): ?int
    {
        return null;
    }

    /** `T-002`, `B-005` */
    public function number(): string
    {
        return \sprintf('%s-%03d', self::TAPE === $this->kind ? 'T' : 'B', $this->id());
    }

    /** Which kind it is. */
    public function kind(): string
    {
        return $this->kind;
    }

    /** Which tape it is, by its name: strong, of paper, or clear; none of what is no tape. */
    public function tape(): ?TapeKind
    {
        return self::TAPE === $this->kind ? TapeKind::named($this->name) : null;
    }

    /** What people call it. */
    public function name(): string
    {
        return $this->name;
    }

    /** How wide the tape is, µm; none where it has no width. */
    public function width(): ?int
    {
        return $this->width;
    }

    /** mm of tape; how many blanks. */
    public function amount(): int
    {
        return $this->amount;
    }

    /** Where it lies. */
    public function bin(): string
    {
        return $this->bin;
    }

    /** What there is less of is low, mm of tape or how many blanks; none where nobody said. */
    public function lowAt(): ?int
    {
        return $this->lowAt;
    }

    /** In which it is counted on screen: metres of tape, pieces of blanks. */
    public function unit(): string
    {
        return self::TAPE === $this->kind ? 'm' : '';
    }

    /** An amount of it as it is shown, in its unit. */
    public function shown(int $amount): float
    {
        return self::TAPE === $this->kind ? $amount / 1000 : (float) $amount;
    }

    /** Whether there is less of it than there should be. */
    public function isLow(): bool
    {
        return null !== $this->lowAt && $this->amount < $this->lowAt;
    }

    /** Puts so much more of it on the shelf; takes it off where it is negative. */
    public function change(int $by): void
    {
        $this->amount += $by;
    }
}
