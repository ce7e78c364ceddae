<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\UseOf;

/** Reads what was typed at Ask, every field with a sentence of its own where it is wrong. */
final readonly class AnswersReader
{
    private const MOST_PIECES = 200;
    private const MOST_NAMES = 400;

    public function __construct(private EntityManagerInterface $records, private ClockInterface $clock, private ThingReader $things)
    {
    }

    /** @throws Refusals */
    public function read(Answers $answers): Agreed
    {
        $wrong = new Wrong();
        $customer = $this->text($wrong, 'customer', $answers->customer, 120, 'Who is it for? A name is enough.');
        $contact = $this->text($wrong, 'contact', $answers->contact, 200, null);
        $roster = TypedWords::roster($answers->roster);
        if (\count($roster) > self::MOST_NAMES) {
            $wrong->at('roster', 'At most '.self::MOST_NAMES.' names in one order. Split the list.');
        }
        $words = [] === $roster ? $this->words($wrong, $answers->words) : $roster[0];
        $thing = $this->things->thing($wrong, $answers, $this->text($wrong, 'object', $answers->object, 80, 'What does it go on? For example: seed tin, letter box.'));
        $useOf = UseOf::tryFrom($answers->useOf) ?? $wrong->at('useOf', 'Say where it will be used: indoors, outdoors, washed or on a vehicle.');
        $film = $this->records->find(FilmOnShelf::class, (int) $answers->film) ?? $wrong->at('film', 'Choose a film and colour.');
        $quantity = $this->quantity($wrong, $answers->quantity);
        $neededAt = $this->day($wrong, $answers->neededOn);
        $note = $this->text($wrong, 'note', $answers->note, 2000, null);
        $this->refuseWhatCannotWork($wrong, $answers, $film);
        $wrong->refuse();
        if (!$thing instanceof Thing || !$useOf instanceof UseOf || !$film instanceof FilmOnShelf || !$neededAt instanceof \DateTimeImmutable) {
            throw new \LogicException('A wrong answer was not noted.');
        }

        return new Agreed($customer, $contact, $words, $thing, $useOf, $film, $quantity, $neededAt, 'customer' !== $answers->appliedBy, $note, $roster);
    }

    /** Film against surface and use: what cannot work is refused with what would (section 6). */
    private function refuseWhatCannotWork(Wrong $wrong, Answers $answers, mixed $film): void
    {
        $material = Material::tryFrom($answers->material);
        $grade = $film instanceof FilmOnShelf ? $film->grade() : Film::Removable;
        $refusal = $material?->refusal($grade, 'inside' === $answers->side);
        if (null !== $refusal) {
            $wrong->at(match ($material) {
                Material::TintedGlass => 'side',
                Material::Wall => 'film',
                default => 'material',
            }, $refusal);
        }
        if (UseOf::Washed->value === $answers->useOf && 'yes' === $answers->dishwasher) {
            $wrong->at('dishwasher', 'No film stands the dishwasher. It lasts washed by hand; for the dishwasher the thing has to be engraved or fired, which is another trade.');
        }
    }

    /** @return list<string> */
    private function words(Wrong $wrong, string $typed): array
    {
        $lines = TypedWords::lines($typed);
        if ([] === $lines) {
            $wrong->at('words', 'What words? Spell them as they should be cut.');
        }
        if (\count($lines) > 12) {
            $wrong->at('words', 'Twelve lines at most on one decal.');
        }

        return $lines;
    }

    private function quantity(Wrong $wrong, string $typed): int
    {
        $quantity = filter_var(trim($typed), \FILTER_VALIDATE_INT);
        if (false === $quantity || $quantity < 1 || $quantity > self::MOST_PIECES) {
            $wrong->at('quantity', 'How many? From 1 to '.self::MOST_PIECES.'.');

            return 1;
        }

        return $quantity;
    }

    private function day(Wrong $wrong, string $typed): ?\DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($typed), $this->clock->now()->getTimezone());
        if (false === $day || $day->format('Y-m-d') !== trim($typed)) {
            $wrong->at('neededOn', 'By when is it used? Give the day.');

            return null;
        }
        if ($day < $this->clock->now()->setTime(0, 0)) {
            $wrong->at('neededOn', 'That day has passed.');

            return null;
        }

        return $day->setTime(8, 0);
    }

    private function text(Wrong $wrong, string $field, string $typed, int $most, ?string $needed): string
    {
        $text = trim($typed);
        if ('' === $text && null !== $needed) {
            $wrong->at($field, $needed);
        }
        if (mb_strlen($text) > $most) {
            $wrong->at($field, "At most $most letters here.");
        }

        return $text;
    }
}
