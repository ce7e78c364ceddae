<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Bench;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Bench\Packing;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
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
            implode(' ', $packing->care('', true, Film::Permanent, Usage::Indoor, false)),
        );
    }

    public function testTheCustomersOwnGoesOutWithScrapStepsAndTheShopsWait(): void
    {
        $packing = new Packing(Rules::standard()->with(Rule::AdhesiveCure, 48));
        self::assertContains('A test scrap of the same film', $packing->contents('Seed tin', false));
        self::assertContains('Printed steps for this seed tin', $packing->contents('Seed tin', false));
        $life = Film::Glitter->life(Rules::standard());
        $care = implode(' ', $packing->care($life, false, Film::Glitter, Usage::Washed, true));
        self::assertStringContainsString('Wait 48 h', $care);
        self::assertStringContainsString(Film::Glitter->life(Rules::standard()), $care);
        self::assertStringContainsString('dishwasher', $care);
        self::assertStringContainsString('lips', $care);
    }

    /** No lips on a sign, no washing-up for a car, no wait for what has no glue. */
    public function testACareCardSaysOnlyWhatConcernsThisDecal(): void
    {
        $packing = new Packing(Rules::standard());
        $says = static fn (Film $film, Usage $use, bool $drunk = false): string => implode(
            ' ',
            $packing->care('', false, $film, $use, $drunk),
        );
        foreach ([Usage::Indoor, Usage::Outdoor, Usage::Vehicle] as $use) {
            self::assertDoesNotMatchRegularExpression('~lips|food|dishwasher|or washing~', $says(Film::Cast, $use));
        }
        self::assertStringContainsString('food', $says(Film::Permanent, Usage::Washed), 'a bowl');
        self::assertStringNotContainsString('food', $says(Film::Permanent, Usage::Washed, true), 'a mug');
        self::assertDoesNotMatchRegularExpression('~\d h~', $says(Film::Cling, Usage::Indoor));
    }
}
