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
final class AnswersReader
{
    private const MOST_PIECES = 200;
    private const LARGEST_OBJECT = 20_000_000;

    /** @var array<string, string> */
    private array $wrong = [];

    public function __construct(private readonly EntityManagerInterface $records, private readonly ClockInterface $clock)
    {
    }

    /** @throws Refusals */
    public function read(Answers $answers): Agreed
    {
        $this->wrong = [];
        $customer = $this->text('customer', $answers->customer, 120, 'Who is it for? A name is enough.');
        $contact = $this->text('contact', $answers->contact, 200, null);
        $words = $this->words($answers->words);
        $thing = $this->thing($answers);
        $useOf = UseOf::tryFrom($answers->useOf) ?? $this->wrong('useOf', 'Say where it will be used: indoors, outdoors, washed or on a vehicle.');
        $film = $this->records->find(FilmOnShelf::class, (int) $answers->film) ?? $this->wrong('film', 'Choose a film and colour.');
        $quantity = $this->quantity($answers->quantity);
        $neededAt = $this->day($answers->neededOn);
        $note = $this->text('note', $answers->note, 2000, null);
        if ([] !== $this->wrong || !$thing instanceof Thing || !$useOf instanceof UseOf || !$film instanceof FilmOnShelf || !$neededAt instanceof \DateTimeImmutable) {
            throw new Refusals($this->wrong ?: ['customer' => 'Some answers need another look.']);
        }

        return new Agreed($customer, $contact, $words, $thing, $useOf, $film, $quantity, $neededAt, 'customer' !== $answers->appliedBy, $note);
    }

    /** @return list<string> the lines that hold something */
    public static function lines(string $typed): array
    {
        return array_values(array_filter(array_map(trim(...), preg_split('~\R~u', $typed) ?: []), static fn (string $line): bool => '' !== $line));
    }

    /** @throws Refusals */
    public function surface(Answers $answers): Thing
    {
        $this->wrong = [];

        return $this->thing($answers) ?? throw new Refusals($this->wrong ?: ['width' => 'Measure the object.']);
    }

    private function thing(Answers $answers): ?Thing
    {
        $name = $this->text('object', $answers->object, 80, 'What does it go on? For example: seed tin, letter box.');
        $width = $this->length('width', $answers->width, $answers->units());
        $height = $this->length('height', $answers->height, $answers->units());
        $ellipse = Thing::ELLIPSE === $answers->surface;
        $corner = $ellipse || '' === trim($answers->corner) ? 0 : ($this->length('corner', $answers->corner, $answers->units(), 0) ?? 0);
        if (null === $width || null === $height) {
            return null;
        }
        $thing = new Thing($name, $ellipse ? Thing::ELLIPSE : Thing::RECTANGLE, $width, $height, $corner);
        try {
            $thing->surface();
        } catch (Refused $refused) {
            $this->wrong(ltrim($refused->at, '/'), $refused->getMessage());

            return null;
        }

        return $thing;
    }

    private function length(string $field, string $typed, Units $units, int $least = 1000): ?int
    {
        if ('' === trim($typed)) {
            $this->wrong($field, 'Measure it along the surface, like 108mm or 4 1/4.');

            return null;
        }
        try {
            $length = Length::read($typed, $units)->micrometres;
        } catch (Refused $refused) {
            $this->wrong($field, $refused->getMessage());

            return null;
        }
        if ($length < $least || $length > self::LARGEST_OBJECT) {
            $this->wrong($field, 'Between 1 mm and 20 m, please: check the figure and its unit.');

            return null;
        }

        return $length;
    }

    /** @return list<string> */
    private function words(string $typed): array
    {
        $lines = self::lines($typed);
        if ([] === $lines) {
            $this->wrong('words', 'What words? Spell them as they should be cut.');
        }
        if (\count($lines) > 12) {
            $this->wrong('words', 'Twelve lines at most on one decal.');
        }

        return $lines;
    }

    private function quantity(string $typed): int
    {
        $quantity = filter_var(trim($typed), \FILTER_VALIDATE_INT);
        if (false === $quantity || $quantity < 1 || $quantity > self::MOST_PIECES) {
            $this->wrong('quantity', 'How many? From 1 to '.self::MOST_PIECES.'.');

            return 1;
        }

        return $quantity;
    }

    private function day(string $typed): ?\DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($typed), $this->clock->now()->getTimezone());
        if (false === $day || $day->format('Y-m-d') !== trim($typed)) {
            $this->wrong('neededOn', 'By when is it used? Give the day.');

            return null;
        }
        if ($day < $this->clock->now()->setTime(0, 0)) {
            $this->wrong('neededOn', 'That day has passed.');

            return null;
        }

        return $day->setTime(8, 0);
    }

    private function text(string $field, string $typed, int $most, ?string $needed): string
    {
        $text = trim($typed);
        if ('' === $text && null !== $needed) {
            $this->wrong($field, $needed);
        }
        if (mb_strlen($text) > $most) {
            $this->wrong($field, "At most $most letters here.");
        }

        return $text;
    }

    private function wrong(string $field, string $sentence): null
    {
        $this->wrong[$field] ??= $sentence;

        return null;
    }
}
