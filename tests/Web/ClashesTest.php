<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Yelbo\Web\Guard\Clashes;

/** What the database gives up for another's sake is done again; who asked does not hear of it. */
final class ClashesTest extends WebTestCase
{
    protected function tearDown(): void
    {
        GivesWay::$times = 0;
        parent::tearDown();
    }

    #[TestWith([0])]
    #[TestWith([1])]
    #[TestWith([Clashes::TRIES - 1])]
    public function testItIsDoneAgain(int $times): void
    {
        self::assertSame(404, $this->askedWithout($times));
        self::assertSame(0, GivesWay::$times);
    }

    public function testWhereThatDoesNotHelpItIsToldWithASentence(): void
    {
        self::assertSame(409, $this->askedWithout(Clashes::TRIES));
        self::assertSame(0, GivesWay::$times);
    }

    private function askedWithout(int $times): int
    {
        $browser = self::createClient();
        GivesWay::$times = $times;
        $browser->request('GET', '/api/given/'.str_repeat('a', 43));

        return $browser->getResponse()->getStatusCode();
    }
}
