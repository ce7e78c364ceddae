<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Yelbo\Shop\Demo\DemoShop;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\DocketSummaries;
use Yelbo\Shop\Orders\DocketSummary;
use Yelbo\Shop\Orders\Item;
use Yelbo\Shop\Orders\Lateness;
use Yelbo\Trade\Journey\Station;

/** The demo as it was made for this run, in the schema the checks loaded it into; nothing is changed there. */
#[SkipDatabaseRollback]
final class DemoShopTest extends KernelTestCase
{
    private string $url = '';

    protected function setUp(): void
    {
        $this->url = (string) getenv('DATABASE_URL');
        self::at((string) preg_replace('~/yelbo_unit_\d+\b~', '/yelbo_unit_demo', $this->url));
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        self::at($this->url);
    }

    private static function at(string $url): void
    {
        putenv("DATABASE_URL=$url");
        $_ENV['DATABASE_URL'] = $_SERVER['DATABASE_URL'] = $url;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function get(string $class): object
    {
        $service = self::getContainer()->get($class);
        \assert($service instanceof $class);

        return $service;
    }

    /** Something waits at every station, something is late, something was recut, some clocks run. */
    public function testTheDemoShopIsAliveAtEveryStation(): void
    {
        $standings = $this->get(DocketSummaries::class)->open();
        $dockets = array_map(
            fn (DocketSummary $one): Docket => $this->get(Dockets::class)->numbered($one->number),
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
                    $docket->item()->answers()->on->object.
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
        $late = array_filter($standings, static fn (DocketSummary $one): bool => $one->isLate);
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
                static fn ($piece): bool => null !== $piece->thing()->restsUntil()
                    && $piece->thing()->restsUntil() > new \DateTimeImmutable(),
            ),
        );
        self::assertFalse($this->get(DemoShop::class)->isEmpty());
    }
}
