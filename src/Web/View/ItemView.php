<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\TypedElement;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Item;
use Yelbo\Trade\Film\Usage;

/** One thing of an order: an object, so many times, with what is drawn on it. */
final readonly class ItemView
{
    /**
     * @param int $nth its number in the order, from 1
     * @param string $label as it is shown
     * @param list<string>       $words the lines of the decal
     * @param list<list<string>> $roster   the lines of each decal of a set; none where all are alike
     * @param ObjectView|null $object what it goes on
     * @param Usage $useOf where it is used: indoors, outdoors and so on
     * @param FilmView|null $film the film answered for
     * @param int $quantity how many pieces
     * @param bool $appliedHere whether the shop applies it
     * @param Answers $answers what was answered, as typed
     * @param DesignView $design what is drawn
     * @param list<TypedElement> $elements what lies beside the words, as typed
     * @param bool $beingMade whether the customer said yes to it and it is being made
     */
    public function __construct(
        public int $nth,
        public string $label,
        public array $words,
        public array $roster,
        public ?ObjectView $object,
        public Usage $useOf,
        public ?FilmView $film,
        public int $quantity,
        public bool $appliedHere,
        public Answers $answers,
        public DesignView $design,
        public array $elements,
        public bool $beingMade,
    ) {
    }

    public static function from(Item $item): self
    {
        $film = $item->film();

        return new self(
            $item->nth(),
            $item->label(),
            $item->words(),
            $item->roster(),
            $item->docket()->isMeasured() ? ObjectView::from($item->object()) : null,
            $item->useOf(),
            null === $film ? null : FilmView::from($film),
            $item->quantity(),
            $item->isAppliedHere(),
            $item->answers(),
            DesignView::from($item->design()),
            array_map(TypedElement::fromDesign(...), $item->elements()),
            $item->docket()->isBeingMade($item),
        );
    }
}
