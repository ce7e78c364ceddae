<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\DesignElement;
use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Lettering\Roster;

/** An item of an order as it was heard: what of it is known, whole or in part, and what is still missing or wrong. */
final readonly class HeardItem
{
    /**
     * @param array<string, string> $wrong    a sentence by its field
     * @param list<string>          $words    of a list those of its first name
     * @param list<list<string>>    $roster   the lines of each decal of a set; none where all are alike
     * @param DesignElement|null    $motif    what stands in the place of words
     * @param AskedOn               $on       what it goes on, and how
     * @param int                   $quantity 1 where what was typed is no number
     * @param int                   $blank    the number of the blank it goes on; 0 of what the customer brings
     * @param DrawnDesign|null      $drawn    as it would be drawn at first, of a list the longest name; none where it
     *     cannot be drawn yet
     * @param AskedItem|null        $asked    all that is cut for it; none where that cannot be told yet
     */
    public function __construct(
        public array $wrong,
        public array $words,
        public array $roster,
        public ?DesignElement $motif,
        public AskedOn $on,
        public int $quantity,
        public int $blank,
        public ?DrawnDesign $drawn = null,
        public ?AskedItem $asked = null,
    ) {
    }

    /** The film it is cut from; none where nobody said. */
    public function film(): ?FilmOnShelf
    {
        return $this->on->film;
    }

    /** @return list<string> what is drawn to tell how large it can be: of a list the longest name */
    public function lines(): array
    {
        return [] === $this->roster ? $this->words : Roster::longest($this->roster);
    }

    /** How many decals: names, copies and panes, as far as they are known. */
    public function decals(): int
    {
        return max(1, \count($this->roster)) * $this->quantity * $this->on->panes();
    }

    /** This item with how it would be drawn. */
    public function as(?DrawnDesign $drawn, ?AskedItem $asked): self
    {
        return new self(...['drawn' => $drawn, 'asked' => $asked] + get_object_vars($this));
    }

    /** This item with what the core says against it. */
    public function refused(Refusals $refusals): self
    {
        return new self(...['wrong' => $this->wrong + $refusals->fields] + get_object_vars($this));
    }

    /**
     * Whole: as it is taken.
     *
     * @throws Refusals where something is missing or wrong
     */
    public function agreed(): AgreedItem
    {
        if ([] !== $this->wrong) {
            throw new Refusals($this->wrong);
        }
        $object = $this->on->object;
        $film = $this->on->film;
        if (!$object instanceof MeasuredObject || null === $film) {
            throw new \LogicException('A wrong answer was not noted.');
        }

        return new AgreedItem(
            $this->words,
            $object,
            $this->on->use,
            $film,
            $this->quantity,
            $this->on->here,
            $this->roster,
            $this->on->finish,
            $this->motif,
        );
    }
}
