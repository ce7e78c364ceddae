<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\SupplyShelf;
use Yelbo\Shop\Stock\TapeOnShelf;
use Yelbo\Trade\Bench\TapeChoice;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Tape and blanks come off the shelf when a decal is applied or packed. */
final readonly class Materials
{
    public function __construct(
        private TapeOnShelf $tapes,
        private Shelf $shelf,
        private SupplyShelf $supplies,
        private ShopRules $rules,
    ) {
    }

    /** The shop's figures with the schools that were chosen for a thing. */
    public function rulesFor(Thing $thing): Rules
    {
        $rules = $this->rules->current();
        foreach ($thing->schools() as $name => $value) {
            $rule = Rule::tryFrom($name);
            $rules = null === $rule ? $rules : $rules->with($rule, $value);
        }

        return $rules;
    }

    /** The tape a decal is lifted with. */
    public function tape(Piece $piece): TapeChoice
    {
        $item = $piece->item();

        return $this->tapes->choice(
            $piece->drawn()->joinedSize(),
            $piece->film()->grade(),
            $item->useOf(),
            $item->object()->material(),
            $this->rulesFor($piece->thing()),
        );
    }

    /** How many strips of tape it takes side by side, of what is on the shelf. */
    public function strips(Piece $piece): int
    {
        return $this->tapes->strips($piece->drawn()->joinedSize(), $this->tape($piece), $piece->item()->useOf());
    }

    /**
     * Books what a thing took, tape for each film and the blank once; of what the shelf does not have so much, what
     * there is.
     */
    public function book(Thing $thing): void
    {
        foreach ($thing->films()->tops() as $top) {
            $this->tapeOf($top);
        }
        $blank = $this->shelf->blank((int) $thing->item()->answers()->blank);
        if (null !== $blank) {
            $this->supplies->takeOff($blank, 1, $thing->tag());
        }
    }

    /** What lies underneath is lifted with what lies on top. */
    private function tapeOf(Piece $piece): void
    {
        $item = $piece->item();
        $lifts = null === $piece->tapeFrom()
            ? $this->tapes->lifts(
                $piece->drawn()->joinedSize(),
                $this->tape($piece),
                $item->useOf(),
                $this->tapes->rolls(),
            )
            : null;
        [$tape, $length] = $lifts ?? [null, 0];
        if (null !== $tape) {
            $this->supplies->takeOff($tape, (int) ceil($length / 1000), $piece->tag());
        }
    }
}
