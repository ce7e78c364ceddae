<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Refused;

/** Reads what was typed at Ask, every field with a sentence of its own where it is wrong. */
final readonly class AnswersReader
{
    private const MOST_PIECES = 200;
    private const LARGEST_OBJECT = 20_000_000;

    public function __construct(private EntityManagerInterface $records, private ClockInterface $clock)
    {
    }

    /** @throws Refusals */
    public function read(Answers $answers): Agreed
    {
        $wrong = new Wrong();
        $customer = $this->text($wrong, 'customer', $answers->customer, 120, 'Who is it for? A name is enough.');
        $contact = $this->text($wrong, 'contact', $answers->contact, 200, null);
        $words = $this->words($wrong, $answers->words);
        $thing = $this->thing($wrong, $answers, $this->text($wrong, 'object', $answers->object, 80, 'What does it go on? For example: seed tin, letter box.'));
        $useOf = UseOf::tryFrom($answers->useOf) ?? $wrong->at('useOf', 'Say where it will be used: indoors, outdoors, washed or on a vehicle.');
        $film = $this->records->find(FilmOnShelf::class, (int) $answers->film) ?? $wrong->at('film', 'Choose a film and colour.');
        $quantity = $this->quantity($wrong, $answers->quantity);
        $neededAt = $this->day($wrong, $answers->neededOn);
        $note = $this->text($wrong, 'note', $answers->note, 2000, null);
        $wrong->refuse();
        if (!$thing instanceof Thing || !$useOf instanceof UseOf || !$film instanceof FilmOnShelf || !$neededAt instanceof \DateTimeImmutable) {
            throw new \LogicException('A wrong answer was not noted.');
        }

        return new Agreed($customer, $contact, $words, $thing, $useOf, $film, $quantity, $neededAt, 'customer' !== $answers->appliedBy, $note);
    }

    /** @return list<string> the lines that hold something */
    public static function lines(string $typed): array
    {
        return array_values(array_filter(array_map(trim(...), preg_split('~\R~u', $typed) ?: []), static fn (string $line): bool => '' !== $line));
    }

    /**
     * The object alone, for an answer while the rest is still being asked.
     *
     * @throws Refusals
     */
    public function surface(Answers $answers): Thing
    {
        $wrong = new Wrong();
        $thing = $this->thing($wrong, $answers, trim($answers->object));
        $wrong->refuse();

        return $thing ?? throw new \LogicException('A wrong measure was not noted.');
    }

    private function thing(Wrong $wrong, Answers $answers, string $name): ?Thing
    {
        $width = $this->length($wrong, 'width', $answers->width, $answers->units());
        $height = $this->length($wrong, 'height', $answers->height, $answers->units());
        $ellipse = Thing::ELLIPSE === $answers->surface;
        $corner = $ellipse || '' === trim($answers->corner) ? 0 : ($this->length($wrong, 'corner', $answers->corner, $answers->units(), 0) ?? 0);
        if (null === $width || null === $height) {
            return null;
        }
        $thing = new Thing($name, $ellipse ? Thing::ELLIPSE : Thing::RECTANGLE, $width, $height, $corner);
        try {
            $thing->surface();
        } catch (Refused $refused) {
            $wrong->at(ltrim($refused->at, '/'), $refused->getMessage());

            return null;
        }

        return $thing;
    }

    private function length(Wrong $wrong, string $field, string $typed, Units $units, int $least = 1000): ?int
    {
        if ('' === trim($typed)) {
            $wrong->at($field, 'Measure it along the surface, like 108mm or 4 1/4.');

            return null;
        }
        try {
            $length = Length::read($typed, $units)->micrometres;
        } catch (Refused $refused) {
            $wrong->at($field, $refused->getMessage());

            return null;
        }
        if ($length < $least || $length > self::LARGEST_OBJECT) {
            $wrong->at($field, 'Between 1 mm and 20 m, please: check the figure and its unit.');

            return null;
        }

        return $length;
    }

    /** @return list<string> */
    private function words(Wrong $wrong, string $typed): array
    {
        $lines = self::lines($typed);
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
