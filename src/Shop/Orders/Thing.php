<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Trade\Journey\IllegalMove;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Plan\Progress;

/**
 * What is in hand: one object of an order with every film that goes on it, or all that is given away for one. Its
 * pieces are cut, weeded and taped by themselves; it is cleaned, coated, rested, packed and handed over as one.
 */
#[ORM\Entity]
#[ORM\Index(name: 'thing_on', columns: ['on_since'])]
class Thing implements Versioned
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /** Counts what happens to its pieces, so that each counts as a change of its own. */
    #[ORM\Column]
    private int $changes = 0;

    /** @var list<string> the steps that are done, by their names in its plan of work */
    #[ORM\Column(name: 'steps_done', type: 'json')]
    private array $done = [];

    /** Until when a coat on it dries. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $driesUntil = null;

    /** Since when all its films are on: from then on it rests. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $onSince = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $restsUntil = null;

    /** @var array<string, float>|null figures of its own where two schools do a step differently */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $schools = null;

    #[ORM\Column(length: 80, nullable: true)]
    private ?string $tracking = null;

    /** @var Collection<int, Piece> */
    #[ORM\OneToMany(targetEntity: Piece::class, mappedBy: 'thing')]
    #[ORM\OrderBy(['nth' => 'ASC', 'layer' => 'ASC'])]
    private Collection $pieces;

    /** @param int $nth the number of the first decal on it, in its order */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] private Docket $docket,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] private Item $item,
        #[ORM\Column] private int $nth,
    ) {
        $this->pieces = new ArrayCollection();
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

    /** Of which of the order's items it is one. */
    public function item(): Item
    {
        return $this->item;
    }

    /** The number of the first decal on it. */
    public function nth(): int
    {
        return $this->nth;
    }

    /** `Y-0412/3`; of what has panes with a decal each `Y-0412/3–6`. */
    public function tag(): string
    {
        $last = max([$this->nth, ...array_map(static fn (Piece $piece): int => $piece->nth(), $this->pieces())]);

        return "{$this->docket->tag()}/$this->nth".($last > $this->nth ? "–$last" : '');
    }

    /** Its words, as they are shown. */
    public function label(): string
    {
        return $this->first()->drawn()->label();
    }

    /** Takes a piece that goes on it. */
    public function add(Piece $piece): void
    {
        $this->pieces->add($piece);
    }

    /** @return list<Piece> every film on it, by decal and layer; none of an approval that was taken back */
    public function pieces(): array
    {
        return array_values(
            $this->pieces
                ->filter(static fn (Piece $piece): bool => PieceState::Withdrawn !== $piece->state())
                ->toArray(),
        );
    }

    /** The letters of its first decal. */
    public function first(): Piece
    {
        return $this->pieces()[0] ?? throw new \LogicException("{$this->docket->tag()}/$this->nth has no piece.");
    }

    /** Its films, by what they are called and how far they are. */
    public function films(): ThingFilms
    {
        return new ThingFilms("{$this->docket->tag()}/$this->nth", $this->nth, $this->pieces());
    }

    /** @return list<PieceState> where each of its pieces stands */
    public function states(): array
    {
        return array_map(static fn (Piece $piece): PieceState => $piece->state(), $this->pieces());
    }

    /** Where the piece furthest behind stands. */
    public function state(): PieceState
    {
        $states = $this->states();
        usort($states, static fn (PieceState $a, PieceState $b): int => $a->rank() <=> $b->rank());

        return $states[0] ?? PieceState::Withdrawn;
    }

    /** When it came to where it stands. */
    public function since(): \DateTimeImmutable
    {
        return max(
            $this->first()->since(),
            ...array_map(static fn (Piece $piece): \DateTimeImmutable => $piece->since(), $this->pieces()),
        );
    }

    /** When it has rested long enough; none where it does not rest. */
    public function restsUntil(): ?\DateTimeImmutable
    {
        return $this->restsUntil;
    }

    /** The number of its parcel; none where it has none. */
    public function tracking(): ?string
    {
        return $this->tracking;
    }

    /** @return array<string, float> schools it is worked by where they are not the shop's: figures by names */
    public function schools(): array
    {
        return array_map(floatval(...), $this->schools ?? []);
    }

    /** Works it by a school of its own. */
    public function workBy(string $rule, float $value): void
    {
        $this->schools = [$rule => $value] + ($this->schools ?? []);
    }

    /** How far its plan of work is. */
    public function progress(): Progress
    {
        return new Progress($this->done, $this->driesUntil, $this->onSince);
    }

    /** Keeps how far its plan of work is. */
    public function tick(Progress $progress): void
    {
        $this->done = $progress->done;
        $this->driesUntil = $progress->driesUntil;
        $this->onSince = $progress->onSince;
        ++$this->changes;
    }

    /** Lets it rest until then. */
    public function restUntil(?\DateTimeImmutable $until): void
    {
        $this->restsUntil = $until;
    }

    /** Keeps the number of its parcel. */
    public function trackBy(?string $tracking): void
    {
        $this->tracking = $tracking;
    }

    /**
     * Makes a move with all its pieces.
     *
     * @throws IllegalMove
     */
    public function move(PieceMove $move, \DateTimeImmutable $now): void
    {
        foreach ($this->pieces() as $piece) {
            $piece->move($move, $now);
        }
        ++$this->changes;
    }

    /**
     * Some of its pieces are cut again; what is left of it goes back to the bench and waits for them there.
     *
     * @param list<Piece> $pieces
     * @param Progress              $left   how far it still is
     */
    public function spoil(array $pieces, string $reason, Progress $left, \DateTimeImmutable $now): void
    {
        foreach ($pieces as $piece) {
            $piece->spoil($reason, $now);
        }
        foreach ($this->pieces() as $other) {
            if ($other->state()->rank() > PieceState::Applying->rank()) {
                $other->move(PieceMove::Await, $now);
            }
        }
        $this->restsUntil = null;
        $this->tracking = null;
        if ([] === $left->done) {
            $this->schools = null;
        }
        $this->tick($left);
    }

    /**
     * The other things of its item that stand as it does: what is done to one is done to all.
     *
     * @return list<self>
     */
    public function alike(): array
    {
        return array_values(
            array_filter(
                $this->docket->things(),
                fn (self $other): bool => $other !== $this
                    && $other->item === $this->item
                    && $other->states() === $this->states(),
            ),
        );
    }

    /**
     * The other things of its order that stand as it does, of any item: what goes out goes out once.
     *
     * @return list<self>
     */
    public function goingToo(): array
    {
        return array_values(
            array_filter(
                $this->docket->things(),
                fn (self $other): bool => $other !== $this && $other->state() === $this->state(),
            ),
        );
    }
}
