<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Demo\DemoShop;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\Item;
use Yelbo\Shop\Orders\Lateness;
use Yelbo\Shop\Orders\Standing;
use Yelbo\Shop\Orders\Standings;
use Yelbo\Shop\People\Worker;
use Yelbo\Trade\Journey\Station;

final class DemoShopTest extends ShopTestCase
{
    /** Something waits at every station, something is late, something was recut, some clocks run. */
    public function testTheDemoShopIsAliveAtEveryStation(): void
    {
        $this->records->createQuery('DELETE FROM '.Worker::class.' w')->execute();
        self::assertTrue($this->get(DemoShop::class)->isEmpty());
        $told = 0;
        $this->get(DemoShop::class)->fill(static function (int $done, int $all) use (&$told): void {
            ++$told;
            self::assertLessThanOrEqual($all, $done);
        });
        self::assertGreaterThan(14, $told);
        $standings = $this->get(Standings::class)->open();
        $dockets = array_map(
            fn (Standing $one): Docket => $this->get(Dockets::class)->numbered($one->number),
            $standings,
        );
        $lateness = $this->get(Lateness::class);
        foreach ($dockets as $nth => $docket) {
            $told = $standings[$nth];
            self::assertEquals(
                [
                    $docket->tag(),
                    $docket->label(),
                    $docket->customer()?->name() ?? Answers::fromKept($docket->answers())->customer,
                    $docket->item()->answers()->object.
                        (\count($docket->items()) > 1 ? ' and '.(\count($docket->items()) - 1).' more' : ''),
                    $docket->state(),
                    $docket->station(),
                    $lateness->isDocketLate($docket),
                    $docket->neededAt(),
                    array_sum(array_map(static fn (Item $item): int => $item->quantity(), $docket->items())),
                    $docket->item()->film()?->id(),
                ],
                [
                    $told->tag(),
                    $told->label,
                    $told->customer,
                    $told->object,
                    $told->state,
                    $told->station,
                    $told->isLate,
                    $told->neededAt,
                    $told->quantity,
                    $told->film,
                ],
            );
        }
        $late = array_filter($standings, static fn (Standing $one): bool => $one->isLate);
        self::assertNotEmpty($late);
        self::assertLessThan(\count($standings), \count($late));
        $stations = array_map(static fn ($docket): ?Station => $docket->station(), $dockets);
        foreach (Station::cases() as $station) {
            self::assertContains($station, $stations, $station->value);
        }
        $pieces = array_merge(...array_map(static fn ($docket): array => $docket->pieces(), $dockets));
        self::assertNotEmpty(array_filter($pieces, static fn ($piece): bool => $piece->recuts() > 0));
        self::assertNotEmpty(
            array_filter(
                $pieces,
                static fn ($piece): bool => null !== $piece->restsUntil()
                    && $piece->restsUntil() > new \DateTimeImmutable(),
            ),
        );
        self::assertFalse($this->get(DemoShop::class)->isEmpty());
    }
}
