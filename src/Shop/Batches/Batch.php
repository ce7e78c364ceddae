<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Sheet\Place;

/**
 * Pieces of one film on one sheet, frozen when it is released. Batches released together can share a piece that is cut in parts.
 *
 * A place of a part names the part and holds its outline, as path data in mm in the piece's own frame.
 *
 * @phpstan-type Placed array{piece: int, tag: string, x: int, y: int, turn: float, part?: int, path?: string}
 */
#[ORM\Entity]
class Batch
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 10)]
    private BatchState $state = BatchState::Released;

    /** @var Collection<int, Piece> */
    #[ORM\OneToMany(targetEntity: Piece::class, mappedBy: 'batch')]
    private Collection $pieces;

    /** The cutter's name for the job under way. */
    #[ORM\Column(length: 40, nullable: true)]
    private ?string $job = null;

    /** From 0 to 1. */
    #[ORM\Column]
    private float $progress = 0;

    /** The first of those released with it; its own id where it is alone or the first. */
    #[ORM\Column(name: 'release_id', nullable: true)]
    private ?int $release = null;

    /** Path data in mm of a sheet that is no rectangle. */
    #[ORM\Column(type: 'text', nullable: true)]
    private ?string $outline;

    #[ORM\Column]
    private int $width;

    #[ORM\Column]
    private int $height;

    /** Nothing before the cut is done: then whether what is left waits, is shelved or scrapped. */
    #[ORM\Column(length: 10, nullable: true)]
    private ?string $rest = null;

    /** What went wrong last, in words. */
    #[ORM\Column(length: 300, nullable: true)]
    private ?string $trouble = null;

    /**
     * @param list<Placed> $places lengths in µm
     * @param int          $length how far down the sheet anything reaches, µm
     * @param list<array{int, int, int, int}> $boxes weed boxes: left, top, right, bottom in µm
     * @param int|null     $taken  so much of a roll, µm
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private FilmOnShelf $film,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private StockItem $stock,
        #[ORM\Column(type: 'json')]
        private array $places,
        #[ORM\Column]
        private int $length,
        #[ORM\Column]
        private float $fill,
        #[ORM\Column]
        private \DateTimeImmutable $releasedAt,
        #[ORM\Column(type: 'json')]
        private array $boxes = [],
        #[ORM\Column(nullable: true)]
        private ?int $taken = null,
    ) {
        $this->pieces = new ArrayCollection();
        [$this->width, $this->height, $this->outline] = [$stock->width(), $taken ?? $stock->height(), $stock->isOdd() ? $stock->outline() : null];
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function version(): int
    {
        return $this->version;
    }

    public function state(): BatchState
    {
        return $this->state;
    }

    public function film(): FilmOnShelf
    {
        return $this->film;
    }

    public function stock(): StockItem
    {
        return $this->stock;
    }

    /** @return list<Placed> */
    public function places(): array
    {
        return $this->places;
    }

    public function length(): int
    {
        return $this->length;
    }

    public function fill(): float
    {
        return $this->fill;
    }

    public function releasedAt(): \DateTimeImmutable
    {
        return $this->releasedAt;
    }

    public function job(): ?string
    {
        return $this->job;
    }

    public function progress(): float
    {
        return $this->progress;
    }

    public function trouble(): ?string
    {
        return $this->trouble;
    }

    /** µm */
    public function width(): int
    {
        return $this->width;
    }

    /** µm */
    public function height(): int
    {
        return $this->height;
    }

    /** Of the sheet as it was released, path data in mm. */
    public function outline(): string
    {
        return $this->outline ?? 'M0 0H'.$this->width / 1000 .'V'.$this->height / 1000 .'H0Z';
    }

    /** @return list<Box> */
    public function boxes(): array
    {
        return array_map(static fn (array $box): Box => new Box(...$box), $this->boxes);
    }

    /** So much of a roll, µm; 0 of sheets and offcuts. */
    public function taken(): int
    {
        return $this->taken ?? 0;
    }

    /** Which batches were released together. */
    public function release(): int
    {
        return $this->release ?? $this->id();
    }

    public function releasedWith(self $first): void
    {
        $this->release = $first->id();
    }

    /** What a cut left is there to be shelved. */
    public function hasRest(): bool
    {
        return 'waits' === $this->rest;
    }

    public function restIs(bool $shelved): void
    {
        if (!$this->hasRest()) {
            throw new Refused('illegal-move', "What was left of batch {$this->id()} is put away already.");
        }
        $this->rest = $shelved ? 'shelved' : 'scrapped';
    }

    /** @return list<Piece> those still in it: spoiled ones have left */
    public function pieces(): array
    {
        return array_values($this->pieces->toArray());
    }

    public function receive(Piece $piece): void
    {
        $this->pieces->add($piece);
    }

    public function letGo(Piece $piece): void
    {
        $this->pieces->removeElement($piece);
    }

    /** @param Placed $place */
    public static function place(array $place): Place
    {
        return new Place($place['piece'].(isset($place['part']) ? '#'.$place['part'] : ''), $place['x'], $place['y'], $place['turn']);
    }

    public function start(string $job): void
    {
        $this->expect(BatchState::Released);
        $this->state = BatchState::Cutting;
        $this->job = $job;
        $this->progress = 0;
        $this->trouble = null;
    }

    public function progressed(float $share): void
    {
        $this->progress = max(0.0, min(1.0, $share));
    }

    public function finished(): void
    {
        $this->expect(BatchState::Cutting);
        $this->state = BatchState::Cut;
        $this->progress = 1;
        $this->job = null;
        $this->rest = 'waits';
    }

    public function stopped(string $trouble): void
    {
        $this->expect(BatchState::Cutting);
        $this->state = BatchState::Released;
        $this->job = null;
        $this->progress = 0;
        $this->trouble = mb_substr($trouble, 0, 300);
    }

    /** Other film was loaded than was planned. */
    public function loaded(StockItem $stock): void
    {
        $this->stock = $stock;
        [$this->width, $this->height, $this->outline] = [$stock->width(), StockItem::ROLL === $stock->kind() ? $this->height : $stock->height(), $stock->isOdd() ? $stock->outline() : null];
        $this->taken = StockItem::ROLL === $stock->kind() ? $this->height : null;
    }

    public function dissolve(): void
    {
        $this->expect(BatchState::Released);
        $this->state = BatchState::Dissolved;
    }

    private function expect(BatchState $state): void
    {
        if ($this->state !== $state) {
            throw new Refused('illegal-move', "Batch {$this->id()} is {$this->state->value}, so this cannot be done to it.");
        }
    }
}
