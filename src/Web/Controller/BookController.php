<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Log\LogEntry;
use Yelbo\Web\View\LogLineView;
use Yelbo\Web\View\LogView;

/** The book: everything that happened, newest first. */
final readonly class BookController
{
    private const PAGE = 100;

    public function __construct(private Book $book)
    {
    }

    /** Lists what happened in the shop, the newest first, a page at a time. */
    #[Route('/api/book', name: 'book', methods: ['GET'])]
    public function __invoke(#[MapQueryParameter] ?int $before = null): LogView
    {
        $lines = array_map(
            static fn (LogEntry $entry): LogLineView => LogLineView::from($entry),
            $this->book->page($before, self::PAGE),
        );

        return new LogView($lines, self::PAGE === \count($lines) ? end($lines)->id : null);
    }
}
