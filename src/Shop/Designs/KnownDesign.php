<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;

/**
 * One of the shop's own designs: how words are set and what lies beside them, as drawn on an object of a size. An order
 * copies it; taking it off the list changes no order.
 *
 * @phpstan-type Glance array{film: int|null, path: string}
 */
#[ORM\Entity]
class KnownDesign implements Versioned
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    private array $words;

    #[ORM\Embedded]
    private Design $design;

    /** @var list<array<string, mixed>> */
    #[ORM\Column(type: 'json')]
    private array $elements;

    #[ORM\ManyToOne, ORM\JoinColumn(nullable: true)]
    private ?FilmOnShelf $film;

    #[ORM\Column]
    private int $width;

    #[ORM\Column]
    private int $height;

    /**
     * @param list<Glance> $glance its films from bottom to top, to be looked at, in the object's frame
     */
    public function __construct(
        #[ORM\Column(length: 80, unique: true)] private string $name,
        Draft $draft,
        Size $on,
        #[ORM\Column(type: 'json', length: 16777215)] private array $glance,
    ) {
        $this->words = $draft->lines;
        $this->design = $draft->design;
        $this->elements = array_map(static fn (DesignElement $one): array => $one->toArray(), $draft->elements);
        $this->film = $draft->film;
        $this->width = $on->width->micrometres;
        $this->height = $on->height->micrometres;
    }

    /** Its number in the records. */
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
        return "“{$this->name}”";
    }

    public function docketNumber(): ?int
    {
        return null;
    }

    /** What people call it. */
    public function name(): string
    {
        return $this->name;
    }

    /** The object it was drawn on, laid flat. */
    public function on(): Size
    {
        return new Size(Length::micrometres($this->width), Length::micrometres($this->height));
    }

    /** @return list<Glance> its films from bottom to top, path data in mm in the object's frame */
    public function glance(): array
    {
        return $this->glance;
    }

    /** As it was drawn. */
    public function draft(): Draft
    {
        return new Draft(
            $this->words,
            $this->design,
            [],
            $this->film,
            array_map(DesignElement::fromKept(...), $this->elements),
        );
    }
}
