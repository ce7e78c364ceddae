<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Lettering\Placing;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;

/** Where art lies is told from every edge, and to be told is to be put there again. */
final class PlacingTest extends TestCase
{
    private const LAMP = ['label' => 'Lamp', 'x' => 45_000, 'y' => 20_000];

    private static function placing(): Placing
    {
        return new Placing(Size::millimetres(180, 90), new Box(0, 0, 60_000, 20_000), [self::LAMP]);
    }

    public function testTheMiddleBetweenTwoPartsIsAMiddleToo(): void
    {
        $placing = new Placing(
            Size::millimetres(300, 100),
            Box::sized(40_000, 20_000),
            [['label' => 'Clip', 'x' => 50_000, 'y' => 20_000], ['label' => 'Clip', 'x' => 190_000, 'y' => 40_000]],
        );
        self::assertSame([100_000, 20_000], $placing->put([0, 0], 'between/0/1', 0));
        self::assertSame([105_000, 20_000], $placing->put([0, 0], 'between/1/0', 5_000));
        $this->expectException(Refused::class);
        $placing->put([0, 0], 'between/0/7', 0);
    }

    public function testADistanceByHand(): void
    {
        $told = self::placing()->distances([10_000, 5000]);
        self::assertSame(110_000, $told['right']);
        self::assertSame(65_000, $told['bottom']);
        self::assertSame(-50_000, $told['across'], 'the middle of the art lies 50 mm left of the middle');
        self::assertSame(-30_000, $told['down']);
        self::assertSame([['label' => 'Lamp', 'x' => -5000, 'y' => -5000]], $told['features']);
    }

    /** @return iterable<string, array{string, 0|1}> what it is measured from, and which side of the place it moves */
    public static function ways(): iterable
    {
        yield 'left' => ['left', 0];
        yield 'right' => ['right', 0];
        yield 'across' => ['across', 0];
        yield 'across a part' => ['across/0', 0];
        yield 'top' => ['top', 1];
        yield 'bottom' => ['bottom', 1];
        yield 'down' => ['down', 1];
        yield 'down from a part' => ['down/0', 1];
    }

    /** @param 0|1 $side */
    #[DataProvider('ways')]
    public function testWhatIsPutThereIsToldThere(string $from, int $side): void
    {
        mt_srand(41);
        for ($round = 0; $round < 20; ++$round) {
            $at = [mt_rand(-50_000, 200_000), mt_rand(-50_000, 200_000)];
            $distance = mt_rand(-30_000, 90_000);
            $put = self::placing()->put($at, $from, $distance);
            $told = self::placing()->distances($put);
            self::assertSame($distance, match ($from) {
                'left' => $put[0],
                'top' => $put[1],
                'across/0' => $told['features'][0]['x'],
                'down/0' => $told['features'][0]['y'],
                default => $told[$from],
            });
            self::assertSame($at[1 - $side], $put[1 - $side], 'the other way it stays where it was');
        }
    }

    public function testWhatTheObjectDoesNotHaveIsRefused(): void
    {
        foreach (['across/3', 'middle', ''] as $from) {
            try {
                self::placing()->put([0, 0], $from, 0);
                self::fail("“{$from}” is nothing to measure from.");
            } catch (Refused $refused) {
                self::assertSame(['no-feature', '/from'], [$refused->reason, $refused->at]);
            }
        }
    }
}
