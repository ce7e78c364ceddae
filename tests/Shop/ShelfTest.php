<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

final class ShelfTest extends ShopTestCase
{
    private function offcut(int $width, int $height, int $count = 1): StockItem
    {
        $item = new StockItem($this->navy, StockItem::OFFCUT, $width * 1000, $height * 1000, $count, '4');
        $this->records->persist($item);
        $this->records->flush();

        return $item;
    }

    public function testTheSmallestOffcutIsOfferedFirstAndSheetsLast(): void
    {
        $large = $this->offcut(200, 200);
        $small = $this->offcut(100, 90);
        $this->offcut(50, 50, 0);
        self::assertSame(
            [$small, $large, $this->sheets],
            $this->get(Shelf::class)->itemsOf($this->navy),
            'what is used up is not offered',
        );
    }

    public function testNumbersTellSheetsFromOffcuts(): void
    {
        self::assertMatchesRegularExpression('~^S-\d{3,}$~', $this->sheets->number());
        self::assertMatchesRegularExpression('~^N-\d{3,}$~', $this->offcut(100, 90)->number());
    }

    public function testWhatIsNotThereIsSaid(): void
    {
        $shelf = $this->get(Shelf::class);
        foreach ([static fn () => $shelf->film(999_999), static fn () => $shelf->item(999_999)] as $ask) {
            try {
                $ask();
                self::fail();
            } catch (NotFound $not) {
                self::assertStringStartsWith('There is no such', $not->getMessage());
            }
        }
    }

    public function testTheShopsFiguresAreKeptAndNoted(): void
    {
        $rules = $this->get(ShopRules::class);
        self::assertSame(72.0, $rules->current()->value(Rule::AdhesiveCure));
        $rules->set(Rule::AdhesiveCure, 48);
        $rules->set(Rule::AdhesiveCure, 36);
        self::assertSame(36.0, $rules->current()->value(Rule::AdhesiveCure));
        self::assertStringContainsString('48 → 36 h', $this->get(Book::class)->page(null, 1)[0]->says());
        $this->expectException(Refused::class);
        $rules->set(Rule::AdhesiveCure, -1);
    }

    public function testTheBookIsReadInPages(): void
    {
        $book = $this->get(Book::class);
        foreach (range(1, 7) as $nth) {
            $book->note('test', "line $nth");
        }
        $this->records->flush();
        $first = $book->page(null, 3);
        self::assertSame(
            ['line 7', 'line 6', 'line 5'],
            array_map(static fn ($entry): string => $entry->says(), $first),
        );
        self::assertSame('line 4', $book->page($first[2]->id(), 3)[0]->says());
        $book->note('test', str_repeat('long ', 200));
        $this->records->flush();
        self::assertSame(500, mb_strlen($book->page(null, 1)[0]->says()));
    }
}
