<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Cautions;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\IllegalMove;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/**
 * An order: some words on an object, so many times.
 *
 * The answers as they were typed are always kept; what is computed with is read from them
 * when the order is taken.
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

    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    private array $words = [];

    /** @var list<list<string>>|null a set: the lines of each decal */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $roster = null;

    #[ORM\Column(length: 300)]
    private string $label = '';

    #[ORM\Embedded]
    private MeasuredObject $object;

    #[ORM\Embedded]
    private Design $design;

    #[ORM\Column(length: 10, nullable: true)]
    private ?Usage $useOf = null;

    #[ORM\ManyToOne]
    private ?FilmOnShelf $film = null;

    #[ORM\Column]
    private int $quantity = 1;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $neededAt = null;

    #[ORM\Column]
    private bool $appliedHere = true;

    #[ORM\Column(type: 'text')]
    private string $note = '';

    /** What the customer pays for all of it, in minor units, where it is agreed. */
    #[ORM\Column(nullable: true)]
    private ?int $price = null;

    #[ORM\Embedded(columnPrefix: false)]
    private Waivers $waivers;

    /** @var Collection<int, Piece> */
    #[ORM\OneToMany(targetEntity: Piece::class, mappedBy: 'docket', cascade: ['persist'])]
    #[ORM\OrderBy(['nth' => 'ASC'])]
    private Collection $pieces;

    /** @var Collection<int, Proof> */
    #[ORM\OneToMany(targetEntity: Proof::class, mappedBy: 'docket', cascade: ['persist'])]
    #[ORM\OrderBy(['nth' => 'ASC'])]
    private Collection $proofs;

    /** @param array<string, mixed> $answers as they were typed */
    public function __construct(
        #[ORM\Column(unique: true)] private int $number,
        #[ORM\Column(type: 'json')] private array $answers,
        #[ORM\Column] private \DateTimeImmutable $begunAt,
    ) {
        $this->keepAnswers($answers);
        $this->object = new MeasuredObject();
        $this->design = new Design();
        $this->waivers = new Waivers();
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

    /** @return list<string> what the customer asked for, letter for letter as it was given */
    public function asked(): array
    {
        return Answers::fromKept($this->answers)->asked();
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

    /** @return list<string> */
    public function words(): array
    {
        return $this->words;
    }

    /** @return list<list<string>> the lines of each decal of a set; none where all are alike */
    public function roster(): array
    {
        return $this->roster ?? [];
    }

    /** What it goes on, measured. */
    public function object(): MeasuredObject
    {
        return $this->object;
    }

    /** What is drawn. */
    public function design(): Design
    {
        return $this->design;
    }

    /** Where it is used. */
    public function useOf(): Usage
    {
        return $this->useOf ?? Usage::Indoor;
    }

    /** The film of the order; none where nobody said yet. */
    public function film(): ?FilmOnShelf
    {
        return $this->film;
    }

    /** How many pieces. */
    public function quantity(): int
    {
        return $this->quantity;
    }

    /** When it is used; none where nobody said yet. */
    public function neededAt(): ?\DateTimeImmutable
    {
        return $this->neededAt;
    }

    /** Whether the shop applies it. */
    public function isAppliedHere(): bool
    {
        return $this->appliedHere;
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

    /** @return list<string> what has to be said of it every time */
    public function cautions(Rules $rules): array
    {
        return [
            ...null === $this->film
                ? []
                : Cautions::all(
                    $rules,
                    $this->film->grade(),
                    $this->useOf(),
                    $this->object->material(),
                    $this->object->isDrunkFrom(),
                ),
            ...$this->waivers->said(),
        ];
    }

    /** Stops the owner lets pass. */
    public function waivers(): Waivers
    {
        return $this->waivers;
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

    /** @return list<Proof> */
    public function proofs(): array
    {
        return array_values($this->proofs->toArray());
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

    /** The number of the blank it goes on, where the shop sells that too; 0 where it does not. */
    public function blank(): int
    {
        return (int) Answers::fromKept($this->answers)->blank;
    }

    /** @param array<string, mixed> $answers as they were typed */
    public function keepAnswers(array $answers): void
    {
        $this->answers = $answers;
        $typed = $answers['words'] ?? '';
        $names = TypedWords::lines(\is_string($answers['roster'] ?? null) ? $answers['roster'] : '');
        $this->callIt(
            [] !== $names
                ? [\sprintf('%d names: %s …', \count($names), $names[0])]
                : (\is_string($typed)
                    ? (preg_split('~\R~u', trim($typed)) ?:
                    [])
                    : []),
        );
    }

    /** Takes over what was answered. */
    public function agree(AgreedOrder $agreed, Customer $customer): void
    {
        $this->move(DocketMove::Take);
        $this->customer = $customer;
        $this->say($agreed->words, $agreed->roster);
        $this->object = $agreed->object;
        $this->useOf = $agreed->useOf;
        $this->film = $agreed->film;
        $this->quantity = $agreed->quantity;
        $this->neededAt = $agreed->neededAt;
        $this->appliedHere = $agreed->appliedHere;
        $this->note = $agreed->note;
    }

    /** Takes over what was drawn. */
    public function draw(Draft $draft): void
    {
        $this->say($draft->lines, $draft->roster);
        $this->design = $draft->design;
        $this->film = $draft->film ?? $this->film;
    }

    /**
     * @param list<string>       $words
     * @param list<list<string>> $roster
     */
    private function say(array $words, array $roster): void
    {
        $this->words = $words;
        $this->roster = [] === $roster ? null : $roster;
        $this->callIt(
            [] === $roster ? $words : [\sprintf('%d names: %s …', \count($roster), implode(' ', $roster[0]))],
        );
    }

    /** Takes a new version of the proof. */
    public function freeze(Proof $proof): void
    {
        $this->move(DocketMove::MakeProof);
        $this->proofs->add($proof);
    }

    /** Takes the customer’s yes, and the pieces it makes. */
    public function approve(Piece ...$pieces): void
    {
        $this->move(DocketMove::Approve);
        foreach ($pieces as $piece) {
            $this->pieces->add($piece);
        }
    }

    /** The yes is taken back while nothing is cut: its pieces will never be made. */
    public function reopen(\DateTimeImmutable $now): void
    {
        foreach ($this->pieces() as $piece) {
            if (PieceState::Waiting !== $piece->state()) {
                throw new Refused(
                    'illegal-move',
                    "{$piece->tag()} is already in a batch or further on. Take its batch apart first; what is cut stays as approved.",
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

    /** One of its proofs by its number. */
    public function proof(int $nth): ?Proof
    {
        foreach ($this->proofs as $proof) {
            if ($proof->nth() === $nth) {
                return $proof;
            }
        }

        return null;
    }

    /** The newest version of the proof; none where there is none. */
    public function latestProof(): ?Proof
    {
        return $this->proofs->last() ?: null;
    }

    /** @param list<string> $words */
    private function callIt(array $words): void
    {
        $this->label = mb_substr(implode(' ', $words), 0, 300);
    }
}
