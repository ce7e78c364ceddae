<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;

/** Reads a list of items like another: on each line the words, then where they differ the film and how many. */
final readonly class AgainReader
{
    private const MOST = 60;

    public function __construct(private Shelf $shelf)
    {
    }

    /**
     * @param string $typed a line for each: `words; film; how many`, the lines of one decal parted by a stroke
     *
     * @return non-empty-list<Answers>
     *
     * @throws Refusals at `words`
     */
    public function read(Item $like, string $typed): array
    {
        $lines = TypedWords::lines($typed);
        if (\count($lines) > self::MOST) {
            throw Refusals::at('words', 'At most '.self::MOST.' items at once.');
        }

        return array_map(
            fn (string $line, int $nth): Answers => $this->one($like, $line, $nth + 1),
            $lines,
            array_keys($lines),
        ) ?:
            [$like->answers()];
    }

    private function one(Item $like, string $line, int $nth): Answers
    {
        $cells = array_map(trim(...), preg_split('~[;\t]~', $line) ?: [$line]);
        $answers = ['words' => str_replace('|', "\n", $cells[0]), 'roster' => ''] + $like->answers()->toArray();
        if ('' === $cells[0]) {
            throw Refusals::at('words', "Line $nth has no words. First the words, then the film, then how many.");
        }
        foreach (\array_slice($cells, 1) as $cell) {
            if ('' === $cell) {
                continue;
            }
            if (ctype_digit($cell)) {
                $answers['quantity'] = $cell;
            } else {
                $answers['film'] = (string) $this->film($like, $cell, $nth)->id();
            }
        }

        return Answers::fromKept($answers);
    }

    /** By its name or its colour; of several the one of the same grade. */
    private function film(Item $like, string $called, int $nth): FilmOnShelf
    {
        $found = array_values(
            array_filter(
                $this->shelf->films(),
                static fn (FilmOnShelf $film): bool => false !== mb_stripos($film->name(), $called),
            ),
        );
        $grade = $like->film()?->grade();
        usort(
            $found,
            static fn (FilmOnShelf $a, FilmOnShelf $b): int => ($grade === $b->grade()) <=> ($grade === $a->grade()),
        );

        return $found[0] ?? throw Refusals::at('words', "Line $nth: there is no film “{$called}” on the shelf.");
    }
}
