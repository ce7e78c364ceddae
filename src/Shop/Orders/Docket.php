<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\IllegalMove;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Plan\Handover;
use Yelbo\Trade\Refused;

/**
 * An order: one customer, one day, one proof, one parcel; in it any number of things, each an object, so many times,
 * with what is drawn on it.
 */
#[ORM\Entity]
#[ORM\Index(columns: ['state'])]
class Docket implements Versioned
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 12)]
    private DocketState $state = DocketState::Asking;

    #[ORM\ManyToOne(cascade: ['persist'])]
    private ?Customer $customer = null;

    /** For lists: the words of its things on one line, and what they go on. */
    #[ORM\Column(length: 300)]
    private string $label = '';

    #[ORM\Column(length: 120, nullable: true)]
    private ?string $objectName = null;

    /** For lists: how many things in all, and the film of the first. */
    #[ORM\Column]
    private int $quantity = 1;

    #[ORM\ManyToOne]
    private ?FilmOnShelf $film = null;

    /** For lists: film and finish of all its things, each once. */
    #[ORM\Column(length: 500)]
    private string $waitsFor = '';

    /** Counts changes of its things, so that each counts as one of its own. */
    #[ORM\Column]
    private int $changes = 0;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $neededAt = null;

    #[ORM\Column(type: 'text')]
    private string $note = '';

    /** What the customer pays for all of it, in minor units, where it is agreed. */
    #[ORM\Column(nullable: true)]
    private ?int $price = null;

    /** @var Collection<int, Item> */
    #[ORM\OneToMany(targetEntity: Item::class, mappedBy: 'docket', cascade: ['persist'])]
    #[ORM\OrderBy(['nth' => 'ASC'])]
    private Collection $items;

    /** @var Collection<int, Piece> */
    #[ORM\OneToMany(targetEntity: Piece::class, mappedBy: 'docket', cascade: ['persist'])]
    #[ORM\OrderBy(['nth' => 'ASC'])]
    private Collection $pieces;

    /** @var Collection<int, ProofPage> */
    #[ORM\OneToMany(targetEntity: ProofPage::class, mappedBy: 'docket', cascade: ['persist'])]
    #[ORM\OrderBy(['nth' => 'ASC', 'id' => 'ASC'])]
    private Collection $proofs;

    /** @param array<string, mixed> $answers as they were typed: those asked once, as `Answers::ofOrder()` */
    public function __construct(
        #[ORM\Column(unique: true)] private int $number,
        #[ORM\Column(type: 'json')] private array $answers,
        #[ORM\Column] private \DateTimeImmutable $begunAt,
    ) {
        $this->items = new ArrayCollection();
        $this->pieces = new ArrayCollection();
        $this->proofs = new ArrayCollection();
    }

    /** Its number, counted through the years. */
    public function number(): int
    {
        return $this->number;
    }

    /** `Y-0412` */
    public function tag(): string
    {
        return self::tagOf($this->number);
    }

    /** The tag of the docket of a number: `Y-0412`. */
    public static function tagOf(int $number): string
    {
        return \sprintf('Y-%04d', $number);
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
        return $this->number;
    }

    /** Where it stands. */
    public function state(): DocketState
    {
        return $this->state;
    }

    /** @return array<string, mixed> */
    public function answers(): array
    {
        return $this->answers;
    }

    /** When it was begun. */
    public function begunAt(): \DateTimeImmutable
    {
        return $this->begunAt;
    }

    /** Who ordered it; none where nobody said yet. */
    public function customer(): ?Customer
    {
        return $this->customer;
    }

    /** Whether anything is in it yet. */
    public function hasItems(): bool
    {
        return !$this->items->isEmpty();
    }

    /** @return non-empty-list<Item> the things that are to be made, by their numbers */
    public function items(): array
    {
        return array_values(
            $this->items->filter(static fn (Item $item): bool => !$item->isDropped())->toArray(),
        ) ?:
            throw new \LogicException("{$this->tag()} holds nothing.");
    }

    /**
     * One of its things by its number.
     *
     * @throws NotFound
     */
    public function item(int $nth = 1): Item
    {
        foreach ($this->items as $item) {
            if ($item->nth() === $nth && !$item->isDropped()) {
                return $item;
            }
        }
        throw new NotFound("{$this->tag()} has no item $nth.");
    }

    /** When it is used; none where nobody said yet. */
    public function neededAt(): ?\DateTimeImmutable
    {
        return $this->neededAt;
    }

    /** What was said about it. */
    public function note(): string
    {
        return $this->note;
    }

    /** Minor units. */
    public function price(): ?int
    {
        return $this->price;
    }

    /** How it comes to its customer. */
    public function delivery(): Handover
    {
        return Handover::tryFrom(Answers::fromKept($this->answers)->delivery) ?? Handover::Collected;
    }

    /** Keeps what it costs, hundredths of the currency; none for not said. */
    public function askPrice(?int $price): void
    {
        $this->price = $price;
    }

    /** Has its object been measured? Not while it is asked. */
    public function isMeasured(): bool
    {
        return DocketState::Asking !== $this->state && null !== $this->customer;
    }

    /** @return list<Piece> those that are to be made; not those of an approval that was taken back */
    public function pieces(): array
    {
        return array_values(
            $this->pieces
                ->filter(static fn (Piece $piece): bool => PieceState::Withdrawn !== $piece->state())
                ->toArray(),
        );
    }

    /**
     * What is made of it, each object with all its pieces.
     *
     * @return list<Thing>
     */
    public function things(): array
    {
        $things = [];
        foreach ($this->pieces() as $piece) {
            $things[$piece->thing()->nth()] ??= $piece->thing();
        }
        ksort($things);

        return array_values($things);
    }

    /** @return list<Piece> all that were ever to be made, those of an approval that was taken back among them */
    public function piecesEver(): array
    {
        return array_values($this->pieces->toArray());
    }

    /** Its proof, version by version. */
    public function proofs(): ProofVersions
    {
        return new ProofVersions(array_values($this->proofs->toArray()));
    }

    /** What people call it: its words on one line, or what is known of them. */
    public function label(): string
    {
        return self::called($this->label);
    }

    /** What people call an order of such words. */
    public static function called(string $label): string
    {
        return '' === $label ? 'no words yet' : $label;
    }

    /** The station it stands at; none off the line. */
    public function station(): ?Station
    {
        return Journey::station($this->state, array_map(static fn (Piece $piece) => $piece->state(), $this->pieces()));
    }

    /** @param array<string, mixed> $answers as they were typed */
    public function keepAnswers(array $answers): void
    {
        $this->answers = $answers;
    }

    /** @param array<string, mixed> $answers as they were typed: those of the thing */
    public function add(array $answers): Item
    {
        $item = new Item($this, 1 + \count($this->items), $answers);
        $this->items->add($item);
        $this->changed();

        return $item;
    }

    /** A thing is not made after all; the last one is never dropped. @throws Refused */
    public function drop(Item $item): void
    {
        if (\count($this->items()) < 2) {
            throw new Refused('illegal-move', 'It is the only item of this order. Cancel the order instead.');
        }
        $item->drop();
        $this->changed();
    }

    /** Takes over what was answered, thing by thing. */
    public function agree(AgreedOrder $agreed, Customer $customer): void
    {
        $this->move(DocketMove::Take);
        $this->customer = $customer;
        $this->neededAt = $agreed->neededAt;
        $this->note = $agreed->note;
        foreach ($this->items() as $nth => $item) {
            $item->agree($agreed->items[$nth]);
        }
        $this->changed();
    }

    /**
     * Takes over other answers of an order that was taken: those asked once.
     *
     * @param array<string, mixed> $answers as they were typed, as `Answers::ofOrder()`
     */
    public function askAnew(array $answers, AgreedOrder $agreed, Customer $customer): void
    {
        $this->answers = $answers;
        $this->customer = $customer;
        $this->neededAt = $agreed->neededAt;
        $this->note = $agreed->note;
        $this->changed();
    }

    /** Takes over what was drawn of one of its things. */
    public function draw(Item $item, Draft $draft): void
    {
        $item->draw($draft);
        $this->changed();
    }

    /** One of its things was changed: what lists tell of it follows. */
    public function changed(): void
    {
        ++$this->changes;
        $items = $this->items();
        $labels = array_map(static fn (Item $item): string => $item->label(), $items);
        $this->label = mb_substr(implode('; ', $labels), 0, 300);
        $names = array_map(static fn (Item $item): string => $item->objectName(), $items);
        $more = \count($names) - 1;
        $this->objectName = mb_substr($names[0], 0, 80).($more > 0 ? " and $more more" : '');
        $this->quantity = array_sum(array_map(static fn (Item $item): int => $item->quantity(), $items));
        $this->film = $items[0]->film();
        $this->waitsFor = implode(
            ',',
            array_unique(array_map(static fn (Item $item): string => $item->waitsFor(), $items)),
        );
    }

    /** What its decals wait for once they are on, each once, by commas: `permanent/none,cling/none`. */
    public function waitsFor(): string
    {
        return $this->waitsFor;
    }

    /** Takes a new version of the proof: a page for every thing. */
    public function freeze(ProofPage ...$pages): void
    {
        $this->move(DocketMove::MakeProof);
        foreach ($pages as $page) {
            $this->proofs->add($page);
        }
    }

    /** Takes the customer’s yes, and the pieces it makes. */
    public function approve(Piece ...$pieces): void
    {
        $this->move(DocketMove::Approve);
        foreach ($pieces as $piece) {
            $this->pieces->add($piece);
        }
    }

    /**
     * The yes to some of its things is taken back while nothing of them is cut: their pieces will never be made. What
     * was said yes to elsewhere stays.
     *
     * @param list<Item> $items
     */
    public function reopen(array $items, \DateTimeImmutable $now): void
    {
        foreach ($this->pieces() as $piece) {
            if (!\in_array($piece->item(), $items, true)) {
                continue;
            }
            if (PieceState::Waiting !== $piece->state()) {
                throw new Refused(
                    'illegal-move',
                    "{$piece->tag()} is already in a batch or further on. Take its batch apart first; what is cut "
                        .'stays as approved.',
                );
            }
            $piece->move(PieceMove::Withdraw, $now);
        }
        $this->move(DocketMove::Reopen);
    }

    /**
     * Makes a move.
     *
     * @throws IllegalMove
     */
    public function move(DocketMove $move): void
    {
        $this->state = Journey::docket($this->state, $move);
    }

    /** Whether a thing was said yes to and has pieces that are made. */
    public function isBeingMade(Item $item): bool
    {
        foreach ($this->pieces() as $piece) {
            if ($piece->item() === $item) {
                return true;
            }
        }

        return false;
    }
}
