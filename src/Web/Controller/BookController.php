<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Log\BookSearch;
use Yelbo\Shop\Log\LogEntry;
use Yelbo\Web\View\LogKindsView;
use Yelbo\Web\View\LogLineView;
use Yelbo\Web\View\LogView;

/** The book: everything that happened, newest first. */
final readonly class BookController
{
    private const PAGE = 100;
    private const LONGEST = 200;

    public function __construct(private Book $book)
    {
    }

    /** Lists what happened in the shop, the newest first, a page at a time: all of it, or what is looked for. */
    #[Route('/api/book', name: 'book', methods: ['GET'])]
    public function __invoke(
        #[MapQueryParameter] ?int $before = null,
        #[MapQueryParameter] string $find = '',
        #[MapQueryParameter] string $who = '',
        #[MapQueryParameter] string $what = '',
        #[MapQueryParameter] string $first = '',
        #[MapQueryParameter] string $last = '',
    ): LogView {
        $search = BookSearch::typed(mb_substr($find, 0, self::LONGEST), $who, $what, $first, $last);
        $lines = array_map(
            static fn (LogEntry $entry): LogLineView => LogLineView::from($entry),
            $this->book->page($before, self::PAGE, $search),
        );

        return new LogView($lines, self::PAGE === \count($lines) ? end($lines)->id : null);
    }

    /** Tells what the book can be searched by: who wrote in it, and what kinds of things happened. */
    #[Route('/api/book/kinds', name: 'book-kinds', methods: ['GET'])]
    public function kinds(): LogKindsView
    {
        return new LogKindsView($this->book->writers(), $this->book->kinds());
    }
}
