<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Demo\DemoShop;
use Yelbo\Shop\Orders\Dockets;
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
        $dockets = $this->get(Dockets::class)->open();
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
