<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Bench;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Bench\CutPart;
use Yelbo\Trade\Bench\Steps;
use Yelbo\Trade\Bench\TapeChoice;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Rules;

/** What was cut in parts is one decal again at the bench. */
final class StepsTest extends TestCase
{
    private static function steps(): Steps
    {
        $rules = Rules::standard();

        return new Steps($rules, TapeChoice::for(500_000, Film::Permanent, Usage::Outdoor, null, false, $rules), Usage::Outdoor);
    }

    public function testPartsThatStandClearAreLaidTogetherAndThoseThatLieOverEachOtherGoOneByOne(): void
    {
        self::assertSame([], self::steps()->together([]));
        $clear = self::steps()->together([
            new CutPart(1, new Box(0, 0, 200_000, 100_000)),
            new CutPart(2, new Box(230_000, 5_000, 500_000, 95_000)),
        ]);
        self::assertCount(1, $clear);
        self::assertSame('Lay the parts together', $clear[0]['title']);
        self::assertStringContainsString('part 2 (270 × 90 mm) at 230 from the left, 5 from the top', $clear[0]['how']);
        $over = self::steps()->together([
            new CutPart(1, new Box(0, 0, 200_000, 100_000)),
            new CutPart(2, new Box(190_000, 0, 500_000, 100_000)),
        ]);
        self::assertSame('Mark where each part goes', $over[0]['title']);
        self::assertStringContainsString('register marks', $over[0]['how']);
    }
}
