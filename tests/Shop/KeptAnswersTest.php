<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\TestCase;
use Yelbo\Shop\Orders\KeptAnswers;

/** Answers are kept once, with what they were before. */
final class KeptAnswersTest extends TestCase
{
    public function testWhateverIsChangedWhereWhatWasAskedLastIsKnown(): void
    {
        mt_srand(27);
        for ($try = 0; $try < 100; ++$try) {
            $made = static fn (): array => [
                'words' => ['Kestrel', 'Kestral', 'Teal'][mt_rand(0, 2)],
                'film' => (string) mt_rand(1, 3),
                'width' => mt_rand(10, 12).'mm',
                'keepOuts' => 0 === mt_rand(0, 1) ? [] : [['what' => 'hinge']],
            ];
            $now = $asked = $made();
            $kept = new KeptAnswers($now);
            $first = $now;
            for ($step = 0; $step < mt_rand(1, 9); ++$step) {
                if (0 === mt_rand(0, 2)) {
                    $now = $asked = $made();
                    $kept->askedAnew($now);
                } else {
                    $different = \array_slice($made(), 0, 2);
                    $now = $different + $now;
                    $kept->drawnAnew($different);
                }
                self::assertEquals($now, $kept->now(), "try $try, step $step");
                self::assertEquals($asked, $kept->asked(), "try $try, step $step");
                $history = $kept->history();
                self::assertEquals($first, $history[0], "try $try, step $step: as it was taken");
                self::assertEquals($now, $history[\count($history) - 1]);
                self::assertLessThanOrEqual($step + 2, \count($history));
            }
        }
    }

    public function testWhatIsDrawnBackAsItWasAskedLeavesNoTrace(): void
    {
        $kept = new KeptAnswers(['words' => 'Kestrel', 'film' => '1']);
        $kept->drawnAnew(['words' => 'Kestral']);
        $kept->drawnAnew(['words' => 'Kestrell', 'film' => '2']);
        self::assertCount(2, $kept->history(), 'drawn again and again it is one change');
        $kept->drawnAnew(['words' => 'Kestrel', 'film' => '1']);
        self::assertCount(1, $kept->history());
        // As long as it is only asked for there is nothing before.
        $kept->typed(['words' => 'Teal']);
        self::assertSame([['words' => 'Teal']], $kept->history());
    }

    public function testMeasuresOfASurfaceThatIsNotAskedAnyMoreAreKnownStill(): void
    {
        $kept = new KeptAnswers(['surface' => 'cylinder', 'circumference' => '250mm']);
        $kept->askedAnew(['surface' => 'rectangle', 'width' => '80mm']);
        self::assertSame(['surface' => 'rectangle', 'width' => '80mm'], $kept->now());
        self::assertSame('250mm', $kept->history()[0]['circumference'] ?? null);
        self::assertSame('cylinder', $kept->history()[0]['surface'] ?? null);
    }
}
