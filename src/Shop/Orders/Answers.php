<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\DesignElement;
use Yelbo\Shop\Input\Flat;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Objects\ObjectAnswers;

/** The answers at Ask as they were typed: every one a text, none of them judged yet. Lengths in either system. */
final readonly class Answers implements \JsonSerializable
{
    /** What is asked once for the whole order, however many things are in it. */
    public const OF_ORDER = ['customer', 'known', 'contact', 'neededOn', 'note', 'units', 'delivery'];

    /**
     * @param string $customer who ordered it
     * @param string $contact how the customer is reached
     * @param string $known the number of the customer, where several bear the name; new for another of that name
     * @param string $neededOn the day it is needed, as typed
     * @param string $note what else was said
     * @param string $delivery how it comes to the customer: collected, round, posted
     * @param string $words the words, one line of the decal a line
     * @param string $motif what stands in the place of words: a shape or a pattern by its name, drawing for one that is
     *     still to be brought; empty where there are words
     * @param string $roster the names of a set
     * @param string $useOf where it is used: indoors, outdoors and so on
     * @param string $dishwasher yes where it goes into the dishwasher
     * @param string $film the number of the film
     * @param string $quantity how many pieces, as typed
     * @param string $appliedBy customer or shop
     * @param string $finish what goes over or behind the decal: none, brushed, sprayed, resin …
     * @param string $blank the number of the blank it goes on, where the shop sells that too
     * @param ObjectAnswers $on what it goes on
     */
    public function __construct(
        public string $customer = '',
        public string $contact = '',
        public string $known = '',
        public string $neededOn = '',
        public string $note = '',
        public string $delivery = 'collected',
        public string $words = '',
        public string $motif = '',
        public string $roster = '',
        public string $useOf = 'outdoor',
        public string $dishwasher = '',
        public string $film = '',
        public string $quantity = '1',
        public string $appliedBy = 'shop',
        public string $finish = 'none',
        public string $blank = '',
        #[Flat]
        public ObjectAnswers $on = new ObjectAnswers(),
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

    /**
     * Answers as they were kept; what no answer is called any more is passed over.
     *
     * @param array<string, mixed> $kept
     */
    public static function fromKept(array $kept): self
    {
        $known = array_intersect_key(array_filter($kept, is_string(...)), get_object_vars(new self()));

        return new self(...$known, on: ObjectAnswers::fromKept($kept));
    }

    /** @return list<string> the words of all decals, letter for letter */
    public function asked(): array
    {
        return TypedWords::lines('' === trim($this->roster) ? $this->words : str_replace('|', "\n", $this->roster));
    }

    /** @return array<string, mixed> to be kept, and to be sent: side by side */
    public function toArray(): array
    {
        $own = get_object_vars($this);
        unset($own['on']);

        return $own + $this->on->toArray();
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->toArray();
    }
}
