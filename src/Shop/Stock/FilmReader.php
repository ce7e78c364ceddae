<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Film\Film;

/** Reads what is known of a film, field by field. */
final readonly class FilmReader
{
    /** Minor units a square metre. */
    private const THICKEST = 10_000;
    private const COARSEST = 50_000;
    private const DEAREST = 10_000_000;

    public function __construct(
        private EntityManagerInterface $records,
        private Shelf $shelf,
        private Book $book,
        private Change $change,
    ) {
    }

    /**
     * Writes down what is known of a film; a new one where none is given.
     *
     * @throws Refusals|Conflict
     */
    public function read(?FilmOnShelf $film, TypedFilm $typed): FilmOnShelf
    {
        $fields = new Fields();
        $grade = $fields->choice('grade', $typed->grade, Film::class, 'Choose what kind of film it is.');
        $known = $this->known($fields, $typed);
        $fields->refuseIfWrong();
        if (null !== $film && $film->grade() !== $grade) {
            throw Refusals::at('grade', 'A film stays what it is: add another one.');
        }
        if (null === $film && !$typed->another) {
            $this->refuseTwin($grade, $known->colour, $known->finish);
        }
        $version = null === $film ? null : $typed->version;
        $film ??= new FilmOnShelf(
            $grade ?? throw new \LogicException('A wrong grade was not noted.'),
            $known->colour,
            $known->swatch,
        );
        $this->records->persist($film);
        $this->change->apply($film, $version ?? $film->version(), function () use ($film, $known): void {
            $film->describe($known);
            $this->book->note('stock', "{$film->name()}: what is known of it was written down");
        });

        return $film;
    }

    private function known(Fields $fields, TypedFilm $typed): FilmFacts
    {
        $length = static fn (string $at, string $value, int $most): ?int => Fields::isEmpty($value)
            ? null
            : $fields->length($at, $value, 1, $most);
        $colour = $fields->text('colour', $typed->colour, 40, 'Which colour is it?');
        $swatch = strtolower(trim($typed->swatch));
        if (1 !== preg_match('~^#[0-9a-f]{6}$~', $swatch)) {
            $fields->refuse('swatch', 'A colour as on screen, like #1b2f57.');
        }

        return new FilmFacts(
            $colour,
            $swatch,
            $fields->text('finish', $typed->finish, 20),
            $length('thickness', $typed->thickness, self::THICKEST),
            $fields->text('liner', $typed->liner, 40, 'Which colour is its liner?'),
            $typed->runsOneWay,
            $fields->text('maker', $typed->maker, 300),
            $length('thinnest', $typed->thinnest, self::COARSEST),
            Fields::isEmpty($typed->outdoors) ? null : $fields->whole('outdoors', $typed->outdoors, 0, 20),
            Fields::isEmpty($typed->price) ? null : $fields->money('price', $typed->price, self::DEAREST),
            Fields::isEmpty($typed->lowAt)
                ? null
                : (int) round(1e6 * $fields->figure('lowAt', $typed->lowAt, 0, 1000)),
        );
    }

    /**
     * A second film of one grade, colour and finish is asked about: it may be the same.
     *
     * @throws Refusals
     */
    private function refuseTwin(?Film $grade, string $colour, string $finish): void
    {
        $plain = static fn (string $text): string => mb_strtolower(trim($text));
        foreach ($this->shelf->films() as $one) {
            if (
                $one->grade() === $grade
                && $plain($one->colour()) === $plain($colour)
                && $plain($one->finish()) === $plain($finish)
            ) {
                throw Refusals::at(
                    'another',
                    "{$one->name()} is on the shelf already. Take more of it in there, or say that this is another.",
                );
            }
        }
    }
}
