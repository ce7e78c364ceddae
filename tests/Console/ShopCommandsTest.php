<?php

declare(strict_types=1);

namespace Yelbo\Tests\Console;

use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Yelbo\Shop\Designs\Design;
use Yelbo\Tests\Shop\ShopTestCase;

/** The shop's own calculations from the command line: the same functions as the pages'. */
final class ShopCommandsTest extends ShopTestCase
{
    /** @param array<string, string> $with */
    private function told(string $name, array $with): CommandTester
    {
        \assert(null !== self::$kernel);
        $tester = new CommandTester((new Application(self::$kernel))->find($name));
        $tester->execute($with);

        return $tester;
    }

    public function testCuresOfAnOrderAreTriedAndTold(): void
    {
        $docket = $this->taken();
        $this->draw($docket, new Design('great-vibes', 12_000), false);
        $found = json_decode($this->told('yelbo:cures', ['docket' => $docket->tag()])->getDisplay(), true);
        self::assertIsArray($found);
        self::assertContains('thin-stroke', array_column($found, 'code'));
        $cures = array_merge(...array_column($found, 'cures'));
        self::assertContains('bolder-face', array_column($cures, 'do'));
    }

    public function testAPlansFiguresAreTold(): void
    {
        $plan = $this->planned(...$this->approved()->pieces());
        $told = json_decode($this->told('yelbo:plan', ['plan' => (string) $plan->id()])->getDisplay(), true);
        self::assertIsArray($told);
        self::assertSame(2, $told['placed']);
        self::assertGreaterThan(0, $told['weeding']);
    }

    public function testWhatIsNotThereIsSaid(): void
    {
        foreach ([['yelbo:cures', ['docket' => '9999']], ['yelbo:plan', ['plan' => '9999']]] as [$name, $with]) {
            $tester = $this->told($name, $with);
            self::assertSame(1, $tester->getStatusCode());
            self::assertStringContainsString('There is no', $tester->getDisplay());
        }
    }
}
