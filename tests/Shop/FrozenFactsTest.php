<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\TestCase;
use Yelbo\Shop\Orders\FrozenFacts;
use Yelbo\Shop\Orders\FrozenNotes;
use Yelbo\Shop\Orders\FrozenObject;
use Yelbo\Shop\Orders\FrozenPrice;

/** What a proof froze is kept in one row, and read whole whatever it holds or lacks. */
final class FrozenFactsTest extends TestCase
{
    public function testWhatIsKeptIsReadAsItWas(): void
    {
        $facts = new FrozenFacts(
            ['Kestrel', 'Tollgate Wharf'],
            new FrozenObject('Seed tin', 'painted metal', 96_000, 96_000, 301_000, 96_000, 'M0 0H96', panes: 2),
            [['name' => 'Permanent, navy', 'swatch' => '#1b2f57', 'life' => 'About 6 years outdoors.']],
            new FrozenNotes(['Wipe it.'], ['No alcohol.'], ['Hangs over by 5 mm.']),
            true,
            new FrozenPrice(4_250, [['what' => 'Film', 'says' => '0.1 m²', 'minor' => 4_250]], 19.0),
            12,
            'outdoor',
            '2026-12-14',
            false,
            'Lamp',
        );
        self::assertEquals($facts, FrozenFacts::fromKept($facts->toArray()));
        self::assertSame(
            $facts->toArray(),
            FrozenFacts::fromKept(json_decode((string) json_encode($facts->toArray()), true))->toArray(),
        );
        self::assertTrue($facts->isAsQuoted());
        self::assertSame('Seed tin', $facts->toArray()['object'], 'all in one row, as rows from before are');
    }

    public function testARowFromBeforeHasWhatItHadAndNothingElse(): void
    {
        $facts = FrozenFacts::fromKept(['object' => 'Letter box', 'price' => 900, 'care' => ['Wipe it.'], 'gone' => 1]);
        self::assertSame(['Letter box', 1, 900], [$facts->on->object, $facts->on->panes, $facts->charged->price]);
        self::assertSame([['Wipe it.'], []], [$facts->notes->care, $facts->notes->remarks]);
        self::assertNull($facts->charged->taxShare);
        self::assertFalse($facts->isAsQuoted());
        self::assertArrayNotHasKey('gone', $facts->toArray());
    }

    public function testAnotherPriceChangesNothingElse(): void
    {
        $facts = FrozenFacts::fromKept(['object' => 'Letter box', 'price' => 900, 'quantity' => 3]);
        $quote = [['what' => 'Film', 'says' => '', 'minor' => 1_100]];
        $dearer = $facts->charged(1_100, $quote, 0.0);
        self::assertTrue($dearer->isAsQuoted());
        $before = ['price' => 900, 'quote' => [], 'taxShare' => null];
        self::assertEquals($facts->toArray(), $before + $dearer->toArray());
        self::assertNotEquals($facts->toArray(), $dearer->toArray());
    }
}
