<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Film\Film;

/** A film the shop keeps: its grade and its colour. */
#[ORM\Entity]
class FilmOnShelf
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    public function __construct(
        #[ORM\Column(length: 20)]
        private Film $grade,
        #[ORM\Column(length: 40)]
        private string $colour,
        /** As on screen, `#1c2f57`: film colours appear only as film. */
        #[ORM\Column(length: 7)]
        private string $swatch,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function grade(): Film
    {
        return $this->grade;
    }

    public function swatch(): string
    {
        return $this->swatch;
    }

    /** `Permanent, navy` */
    public function name(): string
    {
        return ucfirst($this->grade->value).', '.$this->colour;
    }
}
