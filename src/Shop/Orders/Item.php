<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\DesignElement;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\Handover;

/**
 * One thing of an order: an object, so many times, with what is drawn on it.
 *
 * The answers as they were typed are always kept; what is computed with is read from them when the order is taken. It
 * is changed through its docket only, which counts its changes.
 */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['docket_id', 'nth'])]
class Item
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    private array $words = [];

    /** @var list<list<string>>|null a set: the lines of each decal */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $roster = null;

    #[ORM\Embedded]
    private MeasuredObject $object;

    #[ORM\Embedded]
    private Design $design;

    /** @var list<array<string, mixed>>|null what lies on the object beside the words, from bottom to top */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $elements = null;

    #[ORM\Column(length: 10, nullable: true)]
    private ?Usage $useOf = null;

    #[ORM\ManyToOne]
    private ?FilmOnShelf $film = null;

    #[ORM\Column]
    private int $quantity = 1;

    #[ORM\Column]
    private bool $appliedHere = true;

    #[ORM\Column(length: 16)]
    private Finish $finish = Finish::None;

    #[ORM\Embedded(columnPrefix: false)]
    private KeptAnswers $answers;

    #[ORM\Embedded(columnPrefix: false)]
    private Waivers $waivers;

    /** It will not be made; its number is not given out again. */
    #[ORM\Column]
    private bool $dropped = false;

    /** @param array<string, mixed> $answers as they were typed: those of this thing, as `Answers::ofItem()` */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'items'), ORM\JoinColumn(nullable: false)] private Docket $docket,
        #[ORM\Column] private int $nth,
        array $answers,
    ) {
        $this->answers = new KeptAnswers($answers);
        $this->object = new MeasuredObject();
        $this->design = new Design();
        $this->waivers = new Waivers();
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** The docket it belongs to. */
    public function docket(): Docket
    {
        return $this->docket;
    }

    /** Which of the docket's things it is, from 1. */
    public function nth(): int
    {
        return $this->nth;
    }

    /**
     * As they stand: as they were typed, with what was changed at Size since, what was asked once for the whole order,
     * and who it is from.
     */
    public function answers(): Answers
    {
        $customer = $this->docket->customer();

        return Answers::fromKept(
            (true === $customer?->isKept() ? ['known' => (string) $customer->id()] : []) +
                $this->docket->answers() +
                $this->answers->now(),
        );
    }

    /** What was answered, and what it was before. */
    public function kept(): KeptAnswers
    {
        return $this->answers;
    }

    /** @return list<string> what the customer asked for, letter for letter as it was given */
    public function asked(): array
    {
        return Answers::fromKept($this->answers->asked())->asked();
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

    /** What people call it: its words on one line, or what is known of them. */
    public function label(): string
    {
        if ([] !== $this->roster()) {
            return \sprintf('%d names: %s …', \count($this->roster()), implode(' ', $this->roster()[0]));
        }

        return match (true) {
            [] !== $this->words => implode(' ', $this->words),
            $this->design->isWithoutWords() => $this->draft()->called()[0],
            default => $this->answers()->label(),
        };
    }

    /** What it goes on, as it is called. */
    public function objectName(): string
    {
        return '' === $this->object->name() ? $this->answers()->on->object : $this->object->name();
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

    /** @return list<DesignElement> what lies on the object beside the words, from bottom to top */
    public function elements(): array
    {
        return array_map(DesignElement::fromKept(...), $this->elements ?? []);
    }

    /** What is drawn, with the words it is drawn of. */
    public function draft(): Draft
    {
        return new Draft($this->words, $this->design, $this->roster(), null, $this->elements());
    }

    /** Drawn so as long as nobody chose anything. */
    public function beginIn(Design $first): void
    {
        if (new Design() == $this->design) {
            $this->design = $first;
        }
    }

    /** Where it is used. */
    public function useOf(): Usage
    {
        return $this->useOf ?? Usage::Indoor;
    }

    /** Its film; none where nobody said yet. */
    public function film(): ?FilmOnShelf
    {
        return $this->film;
    }

    /** The film of a thing that was taken. */
    public function ownFilm(): FilmOnShelf
    {
        return $this->film ?? throw new \LogicException('Taken without film.');
    }

    /** How many of it. */
    public function quantity(): int
    {
        return $this->quantity;
    }

    /** How many decals of each kind: so many of it, once for each pane. */
    public function copies(): int
    {
        return $this->quantity * $this->object->panes();
    }

    /** Whether the shop applies it. */
    public function isAppliedHere(): bool
    {
        return $this->appliedHere;
    }

    /** What goes over it or behind it. */
    public function finish(): Finish
    {
        return $this->finish;
    }

    /**
     * What it waits for once it is on: film and finish, and the way to its customer where it is sent: `permanent/none`,
     * `permanent/none/posted`. How long that is, the shop's figures say.
     */
    public function waitsFor(): string
    {
        return ($this->film?->grade()->value ?? '').
            '/'.
            $this->finish->value.
            (Handover::Posted === $this->docket->delivery() ? '/'.Handover::Posted->value : '');
    }

    /** Stops the owner lets pass. */
    public function waivers(): Waivers
    {
        return $this->waivers;
    }

    /** Whether it will not be made. */
    public function isDropped(): bool
    {
        return $this->dropped;
    }

    /** Takes over what was answered. */
    public function agree(AgreedItem $agreed): void
    {
        $this->words = $agreed->words;
        $this->roster = [] === $agreed->roster ? null : $agreed->roster;
        $this->object = $agreed->object;
        $this->useOf = $agreed->useOf;
        $this->film = $agreed->film;
        $this->quantity = $agreed->quantity;
        $this->appliedHere = $agreed->appliedHere;
        $this->finish = $agreed->finish;
        $this->design = $this->design->standingIn($agreed->motif);
    }

    /** Takes over what was drawn. */
    public function draw(Draft $draft): void
    {
        $this->words = $draft->lines;
        $this->roster = [] === $draft->roster ? null : $draft->roster;
        $this->design = $draft->design;
        $this->elements =
            array_map(static fn (DesignElement $element): array => $element->toArray(), $draft->elements) ?: null;
        $this->film = $draft->film ?? $this->film;
        $this->answers->drawnAnew((new AnswersDrawn($this->answers->now(), $this))->drawn());
    }

    /** It will not be made. */
    public function drop(): void
    {
        $this->dropped = true;
    }
}
