<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Journey\BatchMove;
use Yelbo\Trade\Journey\BatchState;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\RemnantState;
use Yelbo\Trade\Refused;

/**
 * Pieces of one film on one sheet, frozen when it is released. Batches released together can share a piece that is cut
 * in parts.
 *
 * A place holds the hash of what is cut there, in the piece's own frame, and whether it is cut
 * mirrored; one of a part names the part.
 *
 * @phpstan-type Placed array{
 *     piece: int,
 *     tag: string,
 *     x: int,
 *     y: int,
 *     turn: float,
 *     outline: string,
 *     mirrored?: bool,
 *     part?: int,
 * }
 */
#[ORM\Entity]
#[ORM\Index(name: 'batch_by_state', columns: ['state'])]
#[ORM\Index(name: 'batch_by_release', columns: ['release_id'])]
#[ORM\Index(name: 'batch_by_remnant', columns: ['remnant'])]
class Batch implements Versioned
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 10)]
    private BatchState $state = BatchState::Released;

    #[ORM\Embedded(columnPrefix: false)]
    private CutRun $cut;

    #[ORM\Embedded(columnPrefix: false)]
    private BatchPrint $print;

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

    /** Of the film that is left; none before the cut is done. */
    #[ORM\Column(length: 10, nullable: true)]
    private ?RemnantState $remnant = null;

    /**
     * @param list<Placed> $places lengths in µm
     * @param int          $length how far down the sheet anything reaches, µm
     * @param list<array{int, int, int, int}> $boxes weed boxes: left, top, right, bottom in µm
     * @param int|null     $taken  so much of a roll, µm
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] private FilmOnShelf $film,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] private StockItem $stock,
        #[ORM\Column(type: 'json')] private array $places,
        #[ORM\Column] private int $length,
        #[ORM\Column] private float $fill,
        #[ORM\Column] private \DateTimeImmutable $releasedAt,
        #[ORM\Column(type: 'json')] private array $boxes = [],
        #[ORM\Column(nullable: true)] private ?int $taken = null,
    ) {
        $this->cut = new CutRun();
        $this->print = new BatchPrint();
        [$this->width, $this->height, $this->outline] = [
            $stock->width(),
            $taken ?? $stock->height(),
            $stock->isOdd() ? $stock->outline() : null,
        ];
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
        return "Batch {$this->id()}";
    }

    public function docketNumber(): ?int
    {
        return null;
    }

    /** Where it stands. */
    public function state(): BatchState
    {
        return $this->state;
    }

    /** The film it is cut from. */
    public function film(): FilmOnShelf
    {
        return $this->film;
    }

    /** The stock it lies on. */
    public function stock(): StockItem
    {
        return $this->stock;
    }

    /** @return list<Placed> */
    public function places(): array
    {
        return $this->places;
    }

    /** How far down the sheet anything reaches, µm. */
    public function length(): int
    {
        return $this->length;
    }

    /** The share of the film that is used, from 0 to 1. */
    public function fill(): float
    {
        return $this->fill;
    }

    /** When it was released. */
    public function releasedAt(): \DateTimeImmutable
    {
        return $this->releasedAt;
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

    /** Says which batch was the first of those released together. */
    public function releasedWith(self $first): void
    {
        $this->release = $first->id();
    }

    /** What a cut left is there to be shelved. */
    public function hasRemnant(): bool
    {
        return RemnantState::Waiting === $this->remnant;
    }

    /** @throws Refused where it is put away already */
    public function putAway(RemnantState $as): void
    {
        $this->remnant = Journey::remnant($this->remnant, $as);
    }

    /** What is known of its cut: the job, how far it is, what went wrong. */
    public function cut(): CutRun
    {
        return $this->cut;
    }

    /** What is printed on it, where it is printed. */
    public function print(): BatchPrint
    {
        return $this->print;
    }

    /** It came out of the printer: its coats begin anew. */
    public function printed(\DateTimeImmutable $at): void
    {
        $this->state = Journey::batch($this->state, BatchMove::Print);
        $this->print = new BatchPrint($at);
    }

    /** One more clear coat is on it. */
    public function coated(\DateTimeImmutable $at): void
    {
        $this->state = Journey::batch($this->state, BatchMove::Coat);
        $this->print = $this->print->coated($at);
    }

    /** Gives it to the cutter: what the cutter is to do is on record before it does it. */
    public function start(string $job, \DateTimeImmutable $at): void
    {
        $this->state = Journey::batch($this->state, BatchMove::Start);
        $this->cut->start($job, $at);
    }

    /** The cutter never began: the film is as it was. */
    public function notBegun(string $why): void
    {
        $this->state = Journey::batch($this->state, BatchMove::Stop);
        $this->cut->notBegun($why);
    }

    /** The cutter is done with it. */
    public function finished(): void
    {
        $this->state = Journey::batch($this->state, BatchMove::Finish);
        $this->cut->finished();
        $this->remnant = RemnantState::Waiting;
    }

    /** The cutter did not get to its end: it waits to be cut again. */
    public function stopped(string $trouble): void
    {
        $this->state = Journey::batch($this->state, BatchMove::Stop);
        $this->cut->stopped($trouble);
        // Other film is printed anew.
        $this->print = new BatchPrint();
    }

    /**
     * How large the sheet is on other film: of a roll so much as was planned.
     *
     * @return array{int, int} width and height, µm
     */
    public function sizeOn(StockItem $stock): array
    {
        return [$stock->width(), StockItem::ROLL === $stock->kind() ? $this->height : $stock->height()];
    }

    /** Other film was loaded than was planned. */
    public function loaded(StockItem $stock): void
    {
        [$this->width, $this->height] = $this->sizeOn($stock);
        $this->outline = $stock->isOdd() ? $stock->outline() : null;
        $this->stock = $stock;
        $this->taken = StockItem::ROLL === $stock->kind() ? $this->height : null;
    }

    /** Takes it apart. */
    public function dissolve(): void
    {
        $this->state = Journey::batch($this->state, BatchMove::Dissolve);
    }
}
