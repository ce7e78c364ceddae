<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Objects\MeasuredObject;
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
     * @param Answers       $answers those asked once, and those of the first thing
     * @param list<Answers> $others  those of the other things; what is wrong in them stands at `others.0.…`
     * @param string        $kept    the day that was agreed before: it may have passed
     *
     * @throws Refusals
     */
    public function read(Answers $answers, array $others = [], string $kept = ''): AgreedOrder
    {
        $fields = new Fields();
        $customer = $fields->text('customer', $answers->customer, 120, 'Who is it for? A name is enough.');
        $contact = $fields->text('contact', $answers->contact, 200);
        $neededAt = $this->day($fields, $answers->neededOn, $kept);
        $note = $fields->text('note', $answers->note, 2000);
        if (\count($others) >= self::MOST_ITEMS) {
            $fields->refuse('items', 'At most '.self::MOST_ITEMS.' items in one order. Begin another for the rest.');
        }
        $wrong = self::wrong($fields->end(...));
        $known = null;
        $wrong += self::wrong(function () use ($answers, $customer, $contact, &$known): void {
            $known = $this->customers->meant($customer, $contact, $answers->known);
        });
        $items = [];
        foreach ([$answers, ...$others] as $nth => $one) {
            $at = 0 === $nth ? '' : 'others.'.($nth - 1).'.';
            $wrong += self::wrong(function () use ($one, &$items): void {
                $items[] = $this->item($one);
            }, $at);
        }
        if ([] !== $wrong) {
            throw new Refusals($wrong);
        }
        if ([] === $items || null === $neededAt) {
            throw new \LogicException('A wrong answer was not noted.');
        }
        $this->refuseTooMuch($items);

        return new AgreedOrder($customer, $contact, $neededAt, $note, $items, $known);
    }

    /**
     * Reads the answers to one thing of an order.
     *
     * @throws Refusals
     */
    public function item(Answers $answers): AgreedItem
    {
        $fields = new Fields();
        $roster = TypedWords::roster($answers->roster);
        if (\count($roster) > self::MOST_NAMES) {
            $fields->refuse('roster', 'At most '.self::MOST_NAMES.' names in one order. Split the list.');
        }
        foreach ([] === $roster ? [] : $this->rows->of($roster) as $note) {
            if ($note->stops) {
                $fields->refuse('roster', "Row $note->row, “{$note->name}”: $note->says");
                break;
            }
        }
        $motif = $answers->motif();
        $words = match (true) {
            [] !== $roster => $roster[0],
            null !== $motif => [],
            default => $this->words($fields, $answers->words),
        };
        $object = $this->objects->readInto(
            $fields,
            $answers->object(),
            $fields->text('object', $answers->object, 80, 'What does it go on? For example: seed tin, letter box.'),
        );
        $useOf =
            Usage::tryFrom($answers->useOf) ??
            $fields->refuse('useOf', 'Say where it will be used: indoors, outdoors, washed or on a vehicle.');
        $film =
            $this->records->find(FilmOnShelf::class, (int) $answers->film) ??
            $fields->refuse('film', 'Choose a film and colour.');
        $quantity = $fields->whole(
            'quantity',
            $answers->quantity,
            1,
            self::MOST_PIECES,
            'How many? From 1 to '.self::MOST_PIECES.'.',
        );
        $many = $this->size->tooMany(max(1, \count($roster)) * $quantity * ($object?->panes() ?? 1), 1);
        if (null !== $many) {
            $fields->refuse('quantity', $many);
        }
        $this->refuseWhatCannotWork($fields, $answers, $film);
        $finish = $this->finish($fields, $answers);
        $fields->end();
        if (
            !($object instanceof MeasuredObject)
            || !($useOf instanceof Usage)
            || !($film instanceof FilmOnShelf)
        ) {
            throw new \LogicException('A wrong answer was not noted.');
        }

        return new AgreedItem(
            $words,
            $object,
            $useOf,
            $film,
            $quantity,
            'customer' !== $answers->appliedBy,
            $roster,
            $finish,
            $motif,
        );
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

    /**
     * What is wrong, by its field.
     *
     * @param \Closure(): void $read
     *
     * @return array<string, string>
     */
    private static function wrong(\Closure $read, string $under = ''): array
    {
        try {
            $read();
        } catch (Refusals $refusals) {
            return $refusals->under($under)->fields;
        }

        return [];
    }

    /** Film against surface and use: what cannot work is refused with what would (section 6). */
    private function refuseWhatCannotWork(Fields $fields, Answers $answers, mixed $film): void
    {
        $material = Material::tryFrom($answers->material);
        $grade = $film instanceof FilmOnShelf ? $film->grade() : Film::Removable;
        $refusal = $material?->refusal($grade, 'inside' === $answers->side);
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
                'No film stands the dishwasher. It lasts washed by hand; for the dishwasher the thing has to be engraved or fired, which is another trade.',
            );
        }
    }

    /** What goes over the decal, where the shop puts it on; what the customer applies has none. */
    private function finish(Fields $fields, Answers $answers): Finish
    {
        $finish = Finish::tryFrom($answers->finish);
        $refusal = null === $finish
            ? 'Choose what goes over it, or none.'
            : $finish->refusal(Material::tryFrom($answers->material), 'customer' !== $answers->appliedBy);
        if (null !== $refusal) {
            $fields->refuse('finish', $refusal);
        }

        return $finish ?? Finish::None;
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

    private function day(Fields $fields, string $typed, string $kept): ?\DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($typed), $this->clock->now()->getTimezone());
        if (false === $day || $day->format('Y-m-d') !== trim($typed)) {
            $fields->refuse('neededOn', 'By when is it used? Give the day.');

            return null;
        }
        if ($day < $this->clock->now()->setTime(0, 0) && trim($typed) !== $kept) {
            $fields->refuse('neededOn', 'That day has passed.');

            return null;
        }

        return (new Promise($this->rules->current()))->usedAt($day);
    }
}
