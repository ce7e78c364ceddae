<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Cache\Adapter\FilesystemAdapter;
use Yelbo\Shop\Records\Ticks;

/** What the pages ask for every few seconds is answered from a counter where nothing has changed. */
final class PolledTest extends WebCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // As several processes share it, for this test alone.
        $folder = sys_get_temp_dir().'/yelbo-answers-'.bin2hex(random_bytes(6));
        self::getContainer()->set('answers.memory', new FilesystemAdapter('', 60, $folder));
        $this->as('ines');
    }

    /** @return iterable<array{string}> */
    public static function lists(): iterable
    {
        yield ['/api/line'];
        yield ['/api/dockets'];
        yield ['/api/pieces?station=weed'];
        yield ['/api/things?station=apply'];
        yield ['/api/batches'];
        yield ['/api/batches/waiting'];
        yield ['/api/remnants'];
    }

    #[DataProvider('lists')]
    public function testWhoHasTheNewestGetsNothingAndNoRecordIsRead(string $path): void
    {
        $this->approved();
        $tag = $this->tag($path);
        $before = $this->selects();
        self::assertSame(304, $this->again($path, $tag));
        self::assertSame('', $this->browser->getResponse()->getContent());
        // Who is signed in, whether that still holds, and the ticks.
        self::assertLessThanOrEqual(3, $this->selects() - $before, 'no query that loads records');
        $this->approved('Bittern');
        self::assertSame(200, $this->again($path, $tag));
        self::assertNotSame($tag, $this->browser->getResponse()->headers->get('ETag'));
    }

    /** @return iterable<array{string}> */
    public static function kept(): iterable
    {
        yield ['/api/pictures'];
        yield ['/api/drying'];
        yield ['/api/batches/waiting'];
        yield ['/api/pieces?station=weed'];
        yield ['/api/things?station=apply'];
        yield ['/api/remnants'];
        yield ['/api/stock'];
    }

    /** What is the same for everybody is worked out once, until a record or the minute changes. */
    #[DataProvider('kept')]
    public function testWhatIsTheSameForAllIsWorkedOutOnce(string $path): void
    {
        $this->approved();
        $first = $this->ask('GET', $path);
        $this->as('tomas');
        $before = $this->selects();
        self::assertSame($first, $this->ask('GET', $path));
        self::assertLessThanOrEqual(3, $this->selects() - $before, 'no query that loads records');
        self::assertNotSame('', $this->tag($path));
        $this->approved('Bittern');
        $before = $this->selects();
        $this->ask('GET', $path);
        self::assertGreaterThan(3, $this->selects() - $before, 'worked out anew');
    }

    public function testTimeAloneChangesWhatIsLate(): void
    {
        $tag = $this->tag('/api/line');
        $this->clock->sleep(61);
        self::assertSame(200, $this->again('/api/line', $tag));
    }

    public function testAStrangersTagIsNoKey(): void
    {
        self::assertSame(200, $this->again('/api/line', '"1.1.202611230900"'));
    }

    public function testTicksAreTidiedAndStillTellOfEachChange(): void
    {
        $ticks = $this->get(Ticks::class);
        $told = [$ticks->version()];
        for ($nth = 0; $nth < 3000; ++$nth) {
            $ticks->add();
            $told[] = $ticks->version();
        }
        self::assertSame(\count($told), \count(array_unique($told)), 'each is another');
        $kept = (int) $this->records->getConnection()->fetchOne('SELECT COUNT(*) FROM tick');
        self::assertLessThan(3000, $kept, 'old ones are dropped on the way');
        self::assertGreaterThan(1000, $kept);
    }

    public function testAProblemCarriesNoTag(): void
    {
        $this->ask('GET', '/api/pieces?station=moon');
        self::assertGreaterThanOrEqual(400, $this->status);
        self::assertNull($this->browser->getResponse()->headers->get('ETag'));
    }

    private function tag(string $path): string
    {
        $this->ask('GET', $path);
        self::assertSame(200, $this->status);

        return $this->browser->getResponse()->headers->get('ETag') ?? throw new \LogicException("$path has no tag.");
    }

    private function again(string $path, string $tag): int
    {
        $this->browser->request(
            'GET',
            $path,
            [],
            [],
            ['HTTP_IF_NONE_MATCH' => $tag, 'HTTP_ACCEPT' => 'application/json'],
        );

        return $this->browser->getResponse()->getStatusCode();
    }

    private function selects(): int
    {
        return (int) $this->records->getConnection()->fetchAllKeyValue("SHOW SESSION STATUS LIKE 'Com_select'")[
            'Com_select'
        ];
    }
}
