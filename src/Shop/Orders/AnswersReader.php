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
use Yelbo\Trade\Time\Promise;

/** Reads what was typed at Ask, every field with a sentence of its own where it is wrong. */
final readonly class AnswersReader
{
    private const MOST_PIECES = 200;
    private const MOST_NAMES = 400;

    public function __construct(
        private EntityManagerInterface $records,
        private ClockInterface $clock,
        private ObjectReader $objects,
        private ShopRules $rules,
        private OrderSize $size,
    ) {
    }

    /** @throws Refusals */
    public function read(Answers $answers): AgreedOrder
    {
        $fields = new Fields();
        $customer = $fields->text('customer', $answers->customer, 120, 'Who is it for? A name is enough.');
        $contact = $fields->text('contact', $answers->contact, 200);
        $roster = TypedWords::roster($answers->roster);
        if (\count($roster) > self::MOST_NAMES) {
            $fields->refuse('roster', 'At most '.self::MOST_NAMES.' names in one order. Split the list.');
        }
        $words = [] === $roster ? $this->words($fields, $answers->words) : $roster[0];
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
        $decals = max(1, \count($roster)) * $quantity * ($object?->panes() ?? 1);
        $many = $this->size->tooMany($decals, 1);
        if (null !== $many) {
            $fields->refuse('quantity', $many);
        }
        $neededAt = $this->day($fields, $answers->neededOn);
        $note = $fields->text('note', $answers->note, 2000);
        $this->refuseWhatCannotWork($fields, $answers, $film);
        $fields->end();
        if (
            !($object instanceof MeasuredObject)
            || !($useOf instanceof Usage)
            || !($film instanceof FilmOnShelf)
            || !($neededAt instanceof \DateTimeImmutable)
        ) {
            throw new \LogicException('A wrong answer was not noted.');
        }

        return new AgreedOrder(
            $customer,
            $contact,
            $words,
            $object,
            $useOf,
            $film,
            $quantity,
            $neededAt,
            'customer' !== $answers->appliedBy,
            $note,
            $roster,
        );
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

    /** @return list<string> */
    private function words(Fields $fields, string $typed): array
    {
        $lines = TypedWords::lines($typed);
        if ([] === $lines) {
            $fields->refuse('words', 'What words? Spell them as they should be cut.');
        }
        if (\count($lines) > 12) {
            $fields->refuse('words', 'Twelve lines at most on one decal.');
        }

        return $lines;
    }

    private function day(Fields $fields, string $typed): ?\DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($typed), $this->clock->now()->getTimezone());
        if (false === $day || $day->format('Y-m-d') !== trim($typed)) {
            $fields->refuse('neededOn', 'By when is it used? Give the day.');

            return null;
        }
        if ($day < $this->clock->now()->setTime(0, 0)) {
            $fields->refuse('neededOn', 'That day has passed.');

            return null;
        }

        return (new Promise($this->rules->current()))->usedAt($day);
    }
}
