<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Log\BookSearch;
use Yelbo\Shop\Log\LogEntry;

/** The book is looked into by words, dockets, people, kinds and days. */
final class BookSearchTest extends ShopTestCase
{
    public function testWhatIsTypedIsTakenApart(): void
    {
        $search = BookSearch::typed('recut Y-0412 pearl; "x" of', 'Ines', 'spoil', '2026-11-23', 'soon');
        self::assertSame(['recut', 'pearl'], $search->words, 'what is short is in no index');
        self::assertSame(412, $search->docket);
        self::assertSame('2026-11-23', $search->first?->format('Y-m-d'));
        self::assertNull($search->last);
        self::assertSame([], BookSearch::typed('+-*"() ~@', '', '', '', '')->words, 'no word is an operator');
        self::assertCount(8, BookSearch::typed(str_repeat('word ', 50), '', '', '', '')->words);
    }

    public function testPagesHoldOnlyWhatIsLookedFor(): void
    {
        $book = $this->get(Book::class);
        $book->as('Ines');
        $docket = $this->approved('Heron');
        $book->as('Tomas');
        $other = $this->approved('Teal');
        $says = static fn (BookSearch $search, ?int $before = null, int $most = 100): array => array_map(
            static fn (LogEntry $entry): array => [$entry->who(), $entry->docket(), $entry->what()],
            $book->page($before, $most, $search),
        );
        $of = $says(BookSearch::typed($docket->tag(), '', '', '', ''));
        self::assertNotSame([], $of);
        self::assertSame([$docket->number()], array_values(array_unique(array_column($of, 1))));
        self::assertSame(['Tomas'], array_values(array_unique(array_column(
            $says(BookSearch::typed('', 'Tomas', '', '', '')),
            0,
        ))));
        $approved = $says(BookSearch::typed('', '', 'approved', '', ''));
        self::assertSame([$other->number(), $docket->number()], array_column($approved, 1), 'the newest first');
        self::assertCount(1, $says(BookSearch::typed('', '', 'approved', '', ''), null, 1));
        self::assertSame([], $says(BookSearch::typed('', '', '', '2026-11-24', '')));
        self::assertNotSame([], $says(BookSearch::typed('', '', '', '2026-11-23', '2026-11-23')));
        $words = static fn (string $typed): array => array_values(
            array_unique(array_column($says(BookSearch::typed($typed, '', '', '', '')), 1)),
        );
        self::assertSame([$other->number(), $docket->number()], $words('proof made'), 'both words, in any order');
        self::assertSame($words('proof made'), $words('MADE proo'), 'as they begin, large or small');
        self::assertSame([], $words('roof made'), 'words are found by how they begin');
        self::assertSame([$docket->number()], $words("proof {$docket->tag()}"));
        self::assertSame([], $words('proof unheard'));
        self::assertContains('Tomas', $book->writers());
        self::assertContains('approved', $book->kinds());
    }
}
