<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Bench;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Bench\Packing;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

final class PackingTest extends TestCase
{
    public function testWhatIsAppliedHereGoesOutOnItsObject(): void
    {
        $packing = new Packing(Rules::standard());
        self::assertSame(
            'The drawer front with its decal, cork or foam between',
            $packing->contents('Drawer front', true)[0],
        );
        self::assertStringContainsString(
            'has rested',
            implode(' ', $packing->care(Film::Permanent->life(Rules::standard()), true)),
        );
    }

    public function testTheCustomersOwnGoesOutWithScrapStepsAndTheShopsWait(): void
    {
        $packing = new Packing(Rules::standard()->with(Rule::Cure, 48));
        self::assertContains('A test scrap of the same film', $packing->contents('Seed tin', false));
        self::assertContains('Printed steps for this seed tin', $packing->contents('Seed tin', false));
        $care = implode(' ', $packing->care(Film::Glitter->life(Rules::standard()), false));
        self::assertStringContainsString('Wait 48 h', $care);
        self::assertStringContainsString(Film::Glitter->life(Rules::standard()), $care);
        self::assertStringContainsString('dishwasher', $care);
    }
}
