<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Refusals;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Sheet\Stock;

/** Sheets of one size, or one offcut, on the shelf. */
#[ORM\Entity]
class StockItem
{
    public const SHEET = 'sheet';
    public const OFFCUT = 'offcut';

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /**
     * @param int         $width   µm
     * @param int         $height  µm
     * @param string|null $outline of an odd offcut, as path data in mm
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private FilmOnShelf $film,
        #[ORM\Column(length: 10)]
        private string $kind,
        #[ORM\Column]
        private int $width,
        #[ORM\Column]
        private int $height,
        #[ORM\Column]
        private int $count,
        #[ORM\Column(length: 20)]
        private string $bin,
        #[ORM\Column(type: 'text', nullable: true)]
        private ?string $outline = null,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** `S-004`, `N-031` */
    public function number(): string
    {
        return \sprintf('%s-%03d', self::SHEET === $this->kind ? 'S' : 'N', $this->id());
    }

    public function film(): FilmOnShelf
    {
        return $this->film;
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function width(): int
    {
        return $this->width;
    }

    public function height(): int
    {
        return $this->height;
    }

    public function count(): int
    {
        return $this->count;
    }

    public function bin(): string
    {
        return $this->bin;
    }

    public function outline(): string
    {
        return $this->outline ?? 'M0 0H'.$this->width / 1000 .'V'.$this->height / 1000 .'H0Z';
    }

    /** @throws Refusals where the last one is gone */
    public function take(): void
    {
        if ($this->count < 1) {
            throw Refusals::at('stock', "{$this->number()} is used up. Choose other stock.");
        }
        --$this->count;
    }

    public function putBack(): void
    {
        ++$this->count;
    }

    public function forNesting(): Stock
    {
        return null === $this->outline
            ? Stock::sheet((string) $this->id(), $this->width, $this->height)
            : new Stock((string) $this->id(), SvgPath::read($this->outline));
    }
}
