<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\LeastStock;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;

/** Which of what lies on the shelf takes the least film. */
final class LeastStockTest extends TestCase
{
    /**
     * @param list<NestStock>          $stock
     * @param list<array{int, int}> $pieces mm
     *
     * @return list<string>
     */
    private function chosen(array $stock, array $pieces): array
    {
        $least = new LeastStock(new Gaps(3000, 8000, 2000), [0, 90], 50_000);

        return array_column(
            $least->choose(
                $stock,
                array_map(
                    static fn (array $side, int $nth): NestPiece => new NestPiece(
                        "p$nth",
                        Box::sized(1000 * $side[0], 1000 * $side[1])->region(),
                    ),
                    $pieces,
                    array_keys($pieces),
                ),
            ),
            'id',
        );
    }

    public function testOneLargerOffcutIsTakenWhereTwoSmallOnesTakeMore(): void
    {
        $stock = [
            NestStock::sheet('small', 290_000, 260_000),
            NestStock::sheet('other', 300_000, 260_000),
            NestStock::sheet('large', 400_000, 500_000),
        ];
        // No small one holds both; on the large one they lie beside each other.
        self::assertSame(['large'], $this->chosen($stock, [[190, 200], [190, 200]]));
    }

    public function testOfTwoThatTakeAsMuchTheOneThatLeavesTheMoreUsefulRest(): void
    {
        $stock = [
            NestStock::sheet('long', 300_000, 600_000),
            NestStock::sheet('short', 300_000, 300_000),
        ];
        self::assertSame(['short'], $this->chosen($stock, [[280, 40]]), 'the long one stays whole');
    }

    public function testARestTooShortToKeepIsFilmThatIsTaken(): void
    {
        $stock = [
            NestStock::sheet('nearly', 200_000, 160_000),
            NestStock::sheet('wide', 230_000, 600_000),
        ];
        self::assertSame(['wide'], $this->chosen($stock, [[180, 120]]), 'of the other 36 mm would be thrown away');
        $roll = NestStock::sheet('roll', 200_000, 160_000, 1, null, true);
        self::assertSame(
            'roll',
            $this->chosen([$roll, $stock[1]], [[180, 120]])[0],
            'of a roll nothing is thrown away',
        );
    }

    public function testWhatNoPieceOfStockHoldsAloneIsLaidOnAllOfIt(): void
    {
        $stock = [NestStock::sheet('one', 200_000, 200_000), NestStock::sheet('two', 200_000, 200_000)];
        self::assertSame(['one', 'two'], $this->chosen($stock, [[180, 150], [180, 150]]));
    }
}
