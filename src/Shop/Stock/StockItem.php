<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Sheet\NestStock;

/** Sheets of one size, a roll, or one offcut, on the shelf. Its amount is changed by the stockroom only. */
#[ORM\Entity]
#[ORM\Index(name: 'stock_on_shelf', columns: ['film_id', 'count'])]
class StockItem implements Versioned
{
    public const SHEET = 'sheet';
    public const ROLL = 'roll';
    public const OFFCUT = 'offcut';

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /** The maker's number of the lot; two lots of one colour can differ by a shade. */
    #[ORM\Column(length: 40)]
    private string $lot = '';

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $since = null;

    /**
     * @param int         $width   µm
     * @param int         $height  µm; of a roll what is left of it
     * @param string|null $outline of an odd offcut, as path data in mm
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] private FilmOnShelf $film,
        #[ORM\Column(length: 10)] private string $kind,
        #[ORM\Column] private int $width,
        #[ORM\Column] private int $height,
        #[ORM\Column] private int $count,
        #[ORM\Column(length: 20)] private string $bin,
        #[ORM\Column(type: Types::TEXT, nullable: true)] private ?string $outline = null,
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

    /** `S-004`, `R-007`, `N-031`: what its label says and what is typed to find it. */
    public function number(): string
    {
        return \sprintf('%s-%03d', [self::SHEET => 'S', self::ROLL => 'R'][$this->kind] ?? 'N', $this->id());
    }

    /** The film it is cut from. */
    public function film(): FilmOnShelf
    {
        return $this->film;
    }

    /** Sheet, roll or offcut. */
    public function kind(): string
    {
        return $this->kind;
    }

    /** µm. */
    public function width(): int
    {
        return $this->width;
    }

    /** µm. */
    public function height(): int
    {
        return $this->height;
    }

    /** How many there are. */
    public function count(): int
    {
        return $this->count;
    }

    /** Where it lies. */
    public function bin(): string
    {
        return $this->bin;
    }

    /** The lot on its label. */
    public function lot(): string
    {
        return $this->lot;
    }

    /** Since when it lies there. */
    public function since(): ?\DateTimeImmutable
    {
        return $this->since;
    }

    /** Whether it is anything but a rectangle. */
    public function isOdd(): bool
    {
        return null !== $this->outline;
    }

    /** Its outline as path data, mm. */
    public function outline(): string
    {
        return $this->outline ?? 'M0 0H'.$this->width / 1000 .'V'.$this->height / 1000 .'H0Z';
    }

    /**
     * The outline of what there is to lay on, path data in mm: of a roll down to a length.
     *
     * @param int $length µm
     */
    public function outlineDownTo(int $length): string
    {
        return self::ROLL === $this->kind
            ? SvgPath::write(Box::sized($this->width, $length)->region())
            : $this->outline();
    }

    /** All of it that is on the shelf, m². */
    public function squareMetres(): float
    {
        return round($this->area() / 1e12, 4);
    }

    /** All of it that is on the shelf, µm². */
    public function area(): int
    {
        return $this->count *
            (null === $this->outline
                ? $this->width * $this->height
                : (int) round(1e6 * SvgPath::read($this->outline)->area()));
    }

    /**
     * Film of one of it down to a length and below.
     *
     * @param int $length µm
     *
     * @return array{float, float} mm²; of a roll nothing is below, since it stays on it
     */
    public function parted(int $length): array
    {
        $above =
            null === $this->outline
                ? ($this->width / 1e3) * ($length / 1e3)
                : Geos::clipped(
                    SvgPath::read($this->outline),
                    new Box(-$this->width, -$this->height, 2 * $this->width, $length),
                )->area();

        return [
            $above,
            self::ROLL === $this->kind
                ? 0.0
                : max(
                    0.0,
                    (null === $this->outline
                        ? ($this->width / 1e3) * ($this->height / 1e3)
                        : SvgPath::read($this->outline)->area()) - $above,
                ),
        ];
    }

    /** Keeps when it came and its lot. */
    public function came(\DateTimeImmutable $at, string $lot): void
    {
        $this->since = $at;
        $this->lot = $lot;
    }

    /** Puts it into another bin. */
    public function goTo(string $bin): void
    {
        $this->bin = $bin;
    }

    /**
     * One sheet or offcut; of a roll so much of its length.
     *
     * @param int $length µm
     *
     * @throws Refusals where the last one is gone
     */
    public function take(int $length = 0): void
    {
        if ($this->count < 1 || (self::ROLL === $this->kind && $length > $this->height)) {
            throw Refusals::at('stock', "{$this->number()} is used up. Choose other stock.");
        }
        if (self::ROLL === $this->kind) {
            $this->height -= $length;
            $this->count = $this->height > 0 ? 1 : 0;
        } else {
            --$this->count;
        }
    }

    /** @param int $length µm, of a roll */
    public function putBack(int $length = 0): void
    {
        if (self::ROLL === $this->kind) {
            $this->height += $length;
            $this->count = 1;
        } else {
            ++$this->count;
        }
    }

    /** After a look at the shelf: so many, or of a roll so much of its length (µm). */
    public function correct(int $amount): void
    {
        if (self::ROLL === $this->kind) {
            $this->height = $amount;
            $this->count = $amount > 0 ? 1 : 0;
        } else {
            $this->count = $amount;
        }
    }

    /**
     * @param Box|null $reach what the machine can cut of it
     * @param int      $most  how long a piece of a roll may be, µm
     */
    public function forNesting(?Box $reach = null, int $most = \PHP_INT_MAX): NestStock
    {
        $id = (string) $this->id();
        if (self::ROLL === $this->kind) {
            $length = min($this->height, $most);

            return NestStock::sheet(
                $id,
                $this->width,
                $length,
                $length > 0 ? intdiv($this->height, $length) : 0,
                $reach,
                true,
            );
        }

        return null === $this->outline
            ? NestStock::sheet($id, $this->width, $this->height, $this->count, $reach)
            : new NestStock($id, SvgPath::read($this->outline), $this->count, $reach);
    }
}
