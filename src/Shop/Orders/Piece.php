<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;

/** One layer of film of one physical decal, from the yes to delivered. Most decals have one. */
#[ORM\Entity]
#[ORM\Index(columns: ['state'])]
#[ORM\Index(columns: ['batch_id'])]
#[ORM\UniqueConstraint(columns: ['proof_id', 'nth', 'layer'])]
class Piece implements Versioned
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 12)]
    private PieceState $state = PieceState::Waiting;

    /** The number of the batch it lies in. */
    #[ORM\Column(name: 'batch_id', nullable: true)]
    private ?int $batch = null;

    #[ORM\Column]
    private int $recuts = 0;

    #[ORM\Column(length: 300, nullable: true)]
    private ?string $spoiledBecause = null;

    /** @var list<int> the inside pieces that are out, by their number */
    #[ORM\Column(name: 'parts_out', type: 'json')]
    private array $out = [];

    /** @var list<int> the steps that are done, by their number */
    #[ORM\Column(name: 'steps_done', type: 'json')]
    private array $done = [];

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $restsUntil = null;

    #[ORM\Column(length: 80, nullable: true)]
    private ?string $tracking = null;

    #[ORM\Column]
    private \DateTimeImmutable $since;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'pieces'), ORM\JoinColumn(nullable: false)]
        private Docket $docket,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Proof $proof,
        #[ORM\Column]
        private int $nth,
        \DateTimeImmutable $now,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private FilmOnShelf $film,
        /** Which of the set's words. */
        #[ORM\Column]
        private int $member = 0,
        /** The letters are layer 0, what lies underneath them 1 and 2. */
        #[ORM\Column]
        private int $layer = 0,
    ) {
        $this->since = $now;
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function version(): int
    {
        return $this->version;
    }

    public function reference(): string
    {
        return $this->tag();
    }

    public function docketNumber(): ?int
    {
        return $this->docket->number();
    }

    public function docket(): Docket
    {
        return $this->docket;
    }

    public function proof(): Proof
    {
        return $this->proof;
    }

    public function nth(): int
    {
        return $this->nth;
    }

    /** `Y-0412/3`; what lies underneath the letters `Y-0412/3b` and `c`. */
    public function tag(): string
    {
        return $this->docket->tag().'/'.$this->nth.(0 === $this->layer ? '' : \chr(\ord('a') + $this->layer));
    }

    public function film(): FilmOnShelf
    {
        return $this->film;
    }

    public function layer(): int
    {
        return $this->layer;
    }

    /** The hash of the outline of the film that stays, as it is seen. */
    public function outline(): string
    {
        return $this->proof->outline($this->member, $this->layer);
    }

    public function isMirrored(): bool
    {
        return $this->proof->frozen()->mirrored;
    }

    /** Of the whole decal, every layer of it. */
    public function size(): Size
    {
        return $this->proof->size($this->member);
    }

    public function left(): Length
    {
        return $this->proof->left($this->member);
    }

    public function top(): Length
    {
        return $this->proof->top($this->member);
    }

    public function label(): string
    {
        return implode(' ', $this->proof->linesOf($this->member));
    }

    public function member(): int
    {
        return $this->member;
    }

    public function state(): PieceState
    {
        return $this->state;
    }

    public function batch(): ?int
    {
        return $this->batch;
    }

    public function recuts(): int
    {
        return $this->recuts;
    }

    public function spoiledBecause(): ?string
    {
        return $this->spoiledBecause;
    }

    /** @return list<int> */
    public function out(): array
    {
        return $this->out;
    }

    /** @return list<int> */
    public function done(): array
    {
        return $this->done;
    }

    public function restsUntil(): ?\DateTimeImmutable
    {
        return $this->restsUntil;
    }

    public function tracking(): ?string
    {
        return $this->tracking;
    }

    /** When it came to where it stands. */
    public function since(): \DateTimeImmutable
    {
        return $this->since;
    }

    public function move(PieceMove $move, \DateTimeImmutable $now): void
    {
        $this->state = Journey::piece($this->state, $move);
        $this->since = $now;
    }

    /** @param int $batch its number */
    public function putIn(int $batch, \DateTimeImmutable $now): void
    {
        $this->move(PieceMove::Batch, $now);
        $this->batch = $batch;
    }

    public function takeOut(\DateTimeImmutable $now): void
    {
        $this->move(PieceMove::Unbatch, $now);
        $this->batch = null;
    }

    /** Back to Batch, as if it had never been cut; the reason and the count stay. */
    public function spoil(string $reason, \DateTimeImmutable $now): void
    {
        $this->move(PieceMove::Spoil, $now);
        ++$this->recuts;
        $this->spoiledBecause = $reason;
        $this->batch = null;
        $this->out = $this->done = [];
        $this->restsUntil = null;
        $this->tracking = null;
    }

    public function restUntil(\DateTimeImmutable $until): void
    {
        $this->restsUntil = $until;
    }

    public function trackBy(?string $tracking): void
    {
        $this->tracking = $tracking;
    }

    /** @param list<int> $out */
    public function countOut(array $out): void
    {
        $this->out = $out;
    }

    /** @param list<int> $done */
    public function tick(array $done): void
    {
        $this->done = $done;
    }
}
