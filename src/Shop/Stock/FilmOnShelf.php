<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Rules;

/** A film the shop keeps: its grade and its colour, and what its maker says of it. */
#[ORM\Entity]
class FilmOnShelf implements Versioned
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /** µm; nothing where it is not known. */
    #[ORM\Column(nullable: true)]
    private ?int $thickness = null;

    /** `matt`, `gloss`, `brushed`; empty where it is the usual one of its kind. */
    #[ORM\Column(length: 20)]
    private string $finish = '';

    /** Colour of its liner. */
    #[ORM\Column(length: 40)]
    private string $liner = 'white';

    /** Only for films whose grade leaves it open: a pattern or a brushed look that runs one way. */
    #[ORM\Column]
    private bool $runsOneWay = false;

    /** What the maker's sheet says. */
    #[ORM\Column(length: 300)]
    private string $maker = '';

    /** µm: thinner lines its maker does not want cut from it; nothing where he says nothing. */
    #[ORM\Column(nullable: true)]
    private ?int $thinnest = null;

    /** Years outdoors its maker gives it; 0 where it is for indoors only, nothing where he says nothing. */
    #[ORM\Column(nullable: true)]
    private ?int $outdoors = null;

    /** Minor units of money for a square metre; nothing where it is not known. */
    #[ORM\Column(nullable: true)]
    private ?int $price = null;

    /** mm²: with less than this on the shelf it is low. */
    #[ORM\Column(nullable: true)]
    private ?int $lowAt = null;

    public function __construct(
        #[ORM\Column(length: 20)] private Film $grade,
        #[ORM\Column(length: 40)] private string $colour,
        /** As on screen, `#1c2f57`: film colours appear only as film. */
        #[ORM\Column(length: 7)] private string $swatch,
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
        return $this->name();
    }

    public function docketNumber(): ?int
    {
        return null;
    }

    /** What it is: removable, permanent and so on. */
    public function grade(): Film
    {
        return $this->grade;
    }

    /** Its colour by name. */
    public function colour(): string
    {
        return $this->colour;
    }

    /** Its colour for the screen, #rrggbb. */
    public function swatch(): string
    {
        return $this->swatch;
    }

    /** `Permanent, navy` */
    public function name(): string
    {
        return $this->grade->label().', '.$this->colour;
    }

    /** µm; none where it is not known. */
    public function thickness(): ?int
    {
        return $this->thickness;
    }

    /** Matt or glossy. */
    public function finish(): string
    {
        return $this->finish;
    }

    /** What it lies on. */
    public function liner(): string
    {
        return $this->liner;
    }

    /** May pieces not be turned on it? */
    public function hasDirection(): bool
    {
        return $this->runsOneWay || $this->grade->hasDirection();
    }

    /** Who makes it. */
    public function maker(): string
    {
        return $this->maker;
    }

    /** The thinnest line its maker allows, µm; none where he says nothing. */
    public function thinnest(): ?int
    {
        return $this->thinnest;
    }

    /** Years outdoors its maker gives it, 0 for indoors only; none where he says nothing. */
    public function outdoors(): ?int
    {
        return $this->outdoors;
    }

    /** The smallest things that can be cut of it: those of its grade, and what its maker says. */
    public function limits(Rules $rules): Limits
    {
        return $this->grade->limits($rules)->noThinner($this->thinnest);
    }

    /** For how long it is good, in words a customer understands. */
    public function life(Rules $rules): string
    {
        return match (true) {
            null === $this->outdoors => $this->grade->life($rules),
            0 === $this->outdoors => $this->grade->life($rules).' Its maker gives it for indoors only.',
            default => $this->grade->life($rules).
                " Its maker gives it $this->outdoors ".
                (1 === $this->outdoors ? 'year' : 'years').
                ' outdoors.',
        };
    }

    /** Hundredths of the currency for 1 m²; none where it is not known. */
    public function price(): ?int
    {
        return $this->price;
    }

    /** What there is less of is low, mm²; none where nobody said. */
    public function lowAt(): ?int
    {
        return $this->lowAt;
    }

    /** Takes over what is known of it. */
    public function describe(FilmFacts $known): void
    {
        $this->colour = $known->colour;
        $this->swatch = $known->swatch;
        $this->finish = $known->finish;
        $this->thickness = $known->thickness;
        $this->liner = $known->liner;
        $this->runsOneWay = $known->runsOneWay;
        $this->price = $known->price;
        $this->lowAt = $known->lowAt;
        $this->maker = $known->maker;
        $this->thinnest = $known->thinnest;
        $this->outdoors = $known->outdoors;
    }
}
