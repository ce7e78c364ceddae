<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Journey\IllegalMove;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;

/** One layer of film of one physical decal, from the yes to delivered. Most decals have one. */
#[ORM\Entity]
#[ORM\Index(columns: ['state'])]
#[ORM\Index(columns: ['batch_id'])]
#[ORM\Index(name: 'piece_tape', columns: ['tape_from'])]
#[ORM\Index(name: 'piece_of_docket', columns: ['docket_id', 'state', 'thing_id'])]
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

    /** The number of the piece whose tape it is lifted with again. */
    #[ORM\Column(nullable: true)]
    private ?int $tapeFrom = null;

    #[ORM\Column]
    private \DateTimeImmutable $since;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'pieces'), ORM\JoinColumn(nullable: false)]
        private Docket $docket,
        #[ORM\ManyToOne(inversedBy: 'pieces', cascade: ['persist']), ORM\JoinColumn(nullable: false)]
        private Thing $thing,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private ProofPage $proof,
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
        $thing->add($this);
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
        return $this->tag();
    }

    public function docketNumber(): ?int
    {
        return $this->docket->number();
    }

    /** The docket it belongs to. */
    public function docket(): Docket
    {
        return $this->docket;
    }

    /** The thing it goes on. */
    public function thing(): Thing
    {
        return $this->thing;
    }

    /** Of which of the order's items it is. */
    public function item(): Item
    {
        return $this->thing->item();
    }

    /** The page of the proof it is made by. */
    public function proof(): ProofPage
    {
        return $this->proof;
    }

    /** Which of the docket’s decals it is, from 1. */
    public function nth(): int
    {
        return $this->nth;
    }

    /** `Y-0412/3`; what lies underneath the letters `Y-0412/3b` and `c`. */
    public function tag(): string
    {
        return $this->docket->tag().'/'.$this->nth.(0 === $this->layer ? '' : $this->letter());
    }

    /** The letter of its layer: `a` for the letters, `b` and on for what lies underneath or beside them. */
    public function letter(): string
    {
        return \chr(\ord('a') + $this->layer);
    }

    /** The film it is cut from. */
    public function film(): FilmOnShelf
    {
        return $this->film;
    }

    /** Which layer of the decal it is: the letters are 0, what lies underneath them 1 and 2. */
    public function layer(): int
    {
        return $this->layer;
    }

    /** What is cut of it, and where it goes. */
    public function drawn(): DrawnFilm
    {
        return new DrawnFilm($this->proof->drawing(), $this->member, $this->layer);
    }

    /** @return list<self> the layers it is joined with before it is applied, the top one first; itself among them */
    public function joined(): array
    {
        $layers = $this->drawn()->joined();

        return array_values(
            array_filter(
                $this->together(),
                static fn (self $other): bool => \in_array($other->layer, $layers, true),
            ),
        );
    }

    /**
     * Every piece of film of its decal, itself among them.
     *
     * @return list<self>
     */
    public function together(): array
    {
        return array_values(
            array_filter(
                $this->thing->pieces(),
                fn (self $other): bool => $other->nth === $this->nth,
            ),
        );
    }

    /**
     * The other decals of its item that stand as it does, the same layer of each: what is done to one is done to all.
     *
     * @return list<self>
     */
    public function alike(): array
    {
        return array_values(
            array_filter(
                $this->docket->pieces(),
                fn (self $other): bool => $other !== $this
                    && $other->proof === $this->proof
                    && $other->layer === $this->layer
                    && $other->state === $this->state,
            ),
        );
    }

    /** Which member of the set it is, from 0. */
    public function member(): int
    {
        return $this->member;
    }

    /** Where it stands. */
    public function state(): PieceState
    {
        return $this->state;
    }

    /** The number of its batch; none where it is in none. */
    public function batch(): ?int
    {
        return $this->batch;
    }

    /** How often it was cut again. */
    public function recuts(): int
    {
        return $this->recuts;
    }

    /** Why it was spoiled last; none where it never was. */
    public function spoiledBecause(): ?string
    {
        return $this->spoiledBecause;
    }

    /** @return list<int> */
    public function out(): array
    {
        return $this->out;
    }

    /** The number of the piece whose tape it is lifted with again; none where it takes a new one. */
    public function tapeFrom(): ?int
    {
        return $this->tapeFrom;
    }

    /** Lifts it with the tape another was lifted with; none for a new piece. */
    public function liftWith(?int $tapeFrom): void
    {
        $this->tapeFrom = $tapeFrom;
    }

    /** When it came to where it stands. */
    public function since(): \DateTimeImmutable
    {
        return $this->since;
    }

    /**
     * Makes a move.
     *
     * @throws IllegalMove
     */
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

    /** Keeps which insides are picked out. */
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
        $this->out = [];
        $this->tapeFrom = null;
    }

    /** @param list<int> $out */
    public function countOut(array $out): void
    {
        $this->out = $out;
    }
}
