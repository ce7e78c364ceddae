<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\DesignElement;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Objects\ObjectAnswers;
use Yelbo\Shop\Objects\TypedKeepOut;

/** The answers at Ask as they were typed: every one a text, none of them judged yet. Lengths in either system. */
final readonly class Answers
{
    /** What is asked once for the whole order, however many things are in it. */
    public const OF_ORDER = ['customer', 'known', 'contact', 'neededOn', 'note', 'units', 'delivery'];

    /**
     * @param list<TypedKeepOut> $keepOuts what is kept clear as path data, mm
     * @param string $customer who ordered it
     * @param string $contact how the customer is reached
     * @param string $known the number of the customer, where several bear the name; new for another of that name
     * @param string $words the words, one line of the decal a line
     * @param string $motif what stands in the place of words: a shape or a pattern by its name, drawing for one that is
     *     still to be brought; empty where there are words
     * @param string $object what it goes on
     * @param string $surface which shape of surface
     * @param string $width from left to right, as typed with its unit
     * @param string $height from top to bottom, as typed with its unit
     * @param string $corner the radius of its corners
     * @param string $useOf where it is used: indoors, outdoors and so on
     * @param string $film the number of the film
     * @param string $quantity how many pieces, as typed
     * @param string $neededOn the day it is needed, as typed
     * @param string $appliedBy customer or shop
     * @param string $note what else was said
     * @param string $delivery how it comes to the customer: collected, round, posted
     * @param string $units which system is shown first
     * @param string $material what the object is made of
     * @param string $innerWidth the width inside
     * @param string $innerHeight the height inside
     * @param string $sides how many sides or facets
     * @param string $circumference the way round
     * @param string $diameter across the round
     * @param string $upper the way round at the upper edge
     * @param string $lower the way round at the lower edge
     * @param string $slant the height along the wall
     * @param string $wideEnd which end is wider
     * @param string $seen how many degrees of it are seen from the front, as typed; 360 for a wrap, empty for the usual
     * @param string $panes how many panes or facets in a row are covered
     * @param string $readFrom from how many metres it has to be read, as typed
     * @param string $outline the traced outline as path data, mm
     * @param string $roster the names of a set
     * @param string $side inside where it is stuck inside a window and read from outside
     * @param string $lip none where nobody drinks from it, whatever it is called
     * @param string $colour the colour of it as #rrggbb; empty where nobody said
     * @param string $photo the name of the photo laid on it; empty where there is none
     * @param string $paintedOn of what is painted the day of its last coat, 2026-11-27; empty where nobody said
     * @param string $finish what goes over or behind the decal: none, brushed, sprayed, resin …
     * @param string $allowance how much room to the edge: close, usual, airy, or edge for none
     * @param string $blank the number of the blank it goes on, where the shop sells that too
     * @param string $dishwasher yes where it goes into the dishwasher
     */
    public function __construct(
        public string $customer = '',
        public string $contact = '',
        public string $words = '',
        public string $object = '',
        public string $surface = MeasuredObject::RECTANGLE,
        public string $width = '',
        public string $height = '',
        public string $corner = '',
        public string $useOf = 'outdoor',
        public string $film = '',
        public string $quantity = '1',
        public string $neededOn = '',
        public string $appliedBy = 'shop',
        public string $note = '',
        public string $units = 'metric',
        public string $material = '',
        public string $innerWidth = '',
        public string $innerHeight = '',
        public string $sides = '6',
        public string $circumference = '',
        public string $diameter = '',
        public string $upper = '',
        public string $lower = '',
        public string $slant = '',
        public string $wideEnd = 'top',
        public string $seen = '',
        public string $panes = '',
        public string $readFrom = '',
        public string $outline = '',
        public string $roster = '',
        public string $side = 'outside',
        public string $lip = '',
        public string $allowance = 'usual',
        public string $blank = '',
        public string $dishwasher = '',
        public string $colour = '',
        public string $photo = '',
        public string $paintedOn = '',
        public string $finish = 'none',
        public string $delivery = 'collected',
        public string $known = '',
        public string $motif = '',
        public array $keepOuts = [],
    ) {
    }

    /**
     * Those that are asked once for the whole order, however many things are in it.
     *
     * @return array<string, mixed>
     */
    public function ofOrder(): array
    {
        return array_intersect_key($this->toArray(), array_flip(self::OF_ORDER));
    }

    /**
     * Those of one thing of the order.
     *
     * @return array<string, mixed>
     */
    public function ofItem(): array
    {
        return array_diff_key($this->toArray(), array_flip(self::OF_ORDER));
    }

    /** What people call it as long as it is only asked: its words on one line, how many names, or what it is of. */
    public function label(): string
    {
        $names = TypedWords::lines($this->roster);

        return [] === $names
            ? $this->motif()?->called() ?? implode(' ', TypedWords::lines($this->words))
            : \sprintf('%d names: %s …', \count($names), $names[0]);
    }

    /** What stands in the place of words; none where there are words. */
    public function motif(): ?DesignElement
    {
        return [] === $this->asked() ? DesignElement::named($this->motif) : null;
    }

    /** The answers that describe the object. */
    public function object(): ObjectAnswers
    {
        return ObjectAnswers::fromKept(get_object_vars($this));
    }

    /**
     * Answers as they were kept; what no answer is called any more is passed over.
     *
     * @param array<string, mixed> $kept
     */
    public static function fromKept(array $kept): self
    {
        $known = array_intersect_key(array_filter($kept, is_string(...)), get_object_vars(new self()));
        unset($known['keepOuts']);

        return new self(...$known, keepOuts: ObjectAnswers::fromKept($kept)->keepOuts);
    }

    /** @return list<string> the words of all decals, letter for letter */
    public function asked(): array
    {
        return TypedWords::lines('' === trim($this->roster) ? $this->words : str_replace('|', "\n", $this->roster));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['keepOuts' => array_map(get_object_vars(...), $this->keepOuts)] + get_object_vars($this);
    }
}
