<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Objects\ObjectReader;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Lettering\RosterNotes;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Time\Promise;

/** Reads what was typed at Ask, every field with a sentence of its own where it is wrong. */
final readonly class AnswersReader
{
    private const MOST_PIECES = 200;
    private const MOST_NAMES = 400;
    private const MOST_ITEMS = 60;

    public function __construct(
        private EntityManagerInterface $records,
        private ClockInterface $clock,
        private ObjectReader $objects,
        private ShopRules $rules,
        private OrderSize $size,
        private Customers $customers,
        private RosterNotes $rows,
    ) {
    }

    /**
     * The order as it is to be taken.
     *
     * @param string $kept the day that was agreed before: it may have passed
     *
     * @throws Refusals what is wrong in other items than the first stands at `others.0.…`
     */
    public function read(TypedOrder $typed, string $kept = ''): AgreedOrder
    {
        $agreed = $this->hear($typed, $kept)->agreed();
        $this->refuseTooMuch($agreed->items);

        return $agreed;
    }

    /**
     * What was typed, read once: what of it is known, and what is missing or wrong.
     *
     * @param string $kept the day that was agreed before: it may have passed
     */
    public function hear(TypedOrder $typed, string $kept = ''): HeardOrder
    {
        $answers = $typed->first;
        $fields = new Fields();
        $customer = $fields->text('customer', $answers->customer, 120, 'Who is it for? A name is enough.');
        $contact = $fields->text('contact', $answers->contact, 200);
        $neededAt = $this->day($fields, $typed, $kept);
        $note = $fields->text('note', $answers->note, 2000);
        if (\count($typed->others) >= self::MOST_ITEMS) {
            $fields->refuse('items', 'At most '.self::MOST_ITEMS.' items in one order. Begin another for the rest.');
        }
        $known = null;
        try {
            $known = $this->customers->meant($customer, $contact, $answers->known);
        } catch (Refusals $refusals) {
            $fields->refuseAll($refusals);
        }

        return new HeardOrder(
            $fields->sentences(),
            array_map($this->item(...), $typed->items()),
            $customer,
            $contact,
            $neededAt,
            $note,
            $known,
        );
    }

    /** One item of an order, whole or in part. */
    public function item(Answers $answers): HeardItem
    {
        $fields = new Fields();
        $roster = $this->roster($fields, $answers->roster);
        $motif = $answers->motif();
        $words = match (true) {
            [] !== $roster => $roster[0],
            null !== $motif => [],
            default => $this->words($fields, $answers->words),
        };
        $object = $this->objects->readInto(
            $fields,
            $answers->on,
            $fields->text('object', $answers->on->object, 80, 'What does it go on? For example: seed tin, letter box.'),
        );
        $use = Usage::tryFrom($answers->useOf);
        if (null === $use) {
            $fields->refuse('useOf', 'Say where it will be used: indoors, outdoors, washed or on a vehicle.');
        }
        $film =
            $this->records->find(FilmOnShelf::class, (int) $answers->film) ??
            $fields->refuse('film', 'Choose a film and colour.');
        $quantity = $this->quantity($fields, $answers->quantity, max(1, \count($roster)) * ($object?->panes() ?? 1));
        $this->refuseWhatCannotWork($fields, $answers, $film);
        $this->refuseFinish($fields, $answers);
        $on = new AskedOn(
            $object,
            $film,
            $use ?? Usage::Indoor,
            Material::tryFrom($answers->on->material),
            'customer' !== $answers->appliedBy,
            Finish::tryFrom($answers->finish) ?? Finish::None,
        );

        return new HeardItem($fields->sentences(), $words, $roster, $motif, $on, $quantity, (int) $answers->blank);
    }

    /** @return list<list<string>> the lines of each name; none where there is no list */
    private function roster(Fields $fields, string $typed): array
    {
        $roster = TypedWords::roster($typed);
        if (\count($roster) > self::MOST_NAMES) {
            $fields->refuse('roster', 'At most '.self::MOST_NAMES.' names in one order. Split the list.');
        }
        foreach ([] === $roster ? [] : $this->rows->of($roster) as $note) {
            if ($note->stops) {
                $fields->refuse('roster', "Row $note->row, “{$note->name}”: $note->says");
                break;
            }
        }

        return $roster;
    }

    /** @param int $each pieces of which one more makes so many */
    private function quantity(Fields $fields, string $typed, int $each): int
    {
        $says = 'How many? From 1 to '.self::MOST_PIECES.'.';
        $quantity = max(1, $fields->whole('quantity', $typed, 1, self::MOST_PIECES, $says));
        $many = $this->size->tooMany($each * $quantity, 1);
        if (null !== $many) {
            $fields->refuse('quantity', $many);
        }

        return $quantity;
    }

    /**
     * One order may not stop the shop, however many things it is spread over.
     *
     * @param non-empty-list<AgreedItem> $items
     */
    private function refuseTooMuch(array $items): void
    {
        $decals = array_map(
            static fn (AgreedItem $item): int => $item->decals(),
            $items,
        );
        $this->size->refuseTooMany(array_sum($decals), 1, 'quantity');
    }

    /** Film against surface and use: what cannot work is refused with what would (section 6). */
    private function refuseWhatCannotWork(Fields $fields, Answers $answers, mixed $film): void
    {
        $material = Material::tryFrom($answers->on->material);
        $grade = $film instanceof FilmOnShelf ? $film->grade() : Film::Removable;
        $refusal = $material?->refusal($grade, 'inside' === $answers->on->side);
        if (null !== $refusal) {
            $fields->refuse(
                match ($material) {
                    Material::TintedGlass => 'side',
                    Material::Wall => 'film',
                    default => 'material',
                },
                $refusal,
            );
        }
        if (Usage::Washed->value === $answers->useOf && 'yes' === $answers->dishwasher) {
            $fields->refuse(
                'dishwasher',
                'No film stands the dishwasher. It lasts washed by hand; for the dishwasher the thing has to be '
                    .'engraved or fired, which is another trade.',
            );
        }
    }

    /**
     * What goes over the decal where the shop puts it on has to go with what it is on; what the customer applies has
     * none.
     */
    private function refuseFinish(Fields $fields, Answers $answers): void
    {
        $finish = Finish::tryFrom($answers->finish);
        $refusal = null === $finish
            ? 'Choose what goes over it, or none.'
            : $finish->refusal(Material::tryFrom($answers->on->material), 'customer' !== $answers->appliedBy);
        if (null !== $refusal) {
            $fields->refuse('finish', $refusal);
        }
    }

    /** @return list<string> */
    private function words(Fields $fields, string $typed): array
    {
        $lines = TypedWords::lines($typed);
        if ([] === $lines) {
            $fields->refuse('words', 'What words? Spell them as they should be cut, or say that there are none.');
        }
        if (\count($lines) > 12) {
            $fields->refuse('words', 'Twelve lines at most on one decal.');
        }

        return $lines;
    }

    private function day(Fields $fields, TypedOrder $typed, string $kept): ?\DateTimeImmutable
    {
        $day = $typed->neededOn($this->clock->now()->getTimezone());
        if (null === $day) {
            return $fields->refuse('neededOn', 'By when is it used? Give the day.');
        }
        if ($day < $this->clock->now()->setTime(0, 0) && $day->format('Y-m-d') !== $kept) {
            return $fields->refuse('neededOn', 'That day has passed.');
        }

        return (new Promise($this->rules->current()))->usedAt($day);
    }
}
