<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Plan;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Plan\Overhang;

/** By how much film reaches over each edge, and how that is said. */
final class OverhangTest extends TestCase
{
    public function testItIsTheFilmLessTheObjectEdgeByEdge(): void
    {
        mt_srand(11);
        for ($try = 0; $try < 200; ++$try) {
            [$width, $height] = [mt_rand(10_000, 300_000), mt_rand(10_000, 300_000)];
            $film = Box::sized(mt_rand(1000, 400_000), mt_rand(1000, 400_000))
                ->moved(mt_rand(-60_000, 60_000), mt_rand(-60_000, 60_000));
            $over = Overhang::of($film, $width, $height);
            // What is left when the overhang comes off lies on the object, if anything of it did.
            foreach ([[$over->left, $film->left, 0], [$over->top, $film->top, 0]] as [$by, $edge, $of]) {
                self::assertSame($edge < $of ? $of : $edge, $edge + $by);
            }
            foreach ([
                [$over->right, $film->right, $width],
                [$over->bottom, $film->bottom, $height],
            ] as [$by, $edge, $of]) {
                self::assertSame($edge > $of ? $of : $edge, $edge - $by);
            }
            self::assertSame(
                0 === $over->most(),
                $film->left >= 0 && $film->top >= 0 && $film->right <= $width && $film->bottom <= $height,
            );
        }
    }

    public function testItIsSaidOnceWhereItIsTheSameAllRound(): void
    {
        $film = static fn (int $left, int $right, int $top, int $bottom): string => Overhang::of(
            new Box(-$left, -$top, 100_000 + $right, 50_000 + $bottom),
            100_000,
            50_000,
        )->inWords();
        self::assertMatchesRegularExpression('~^5 mm \S.* at every edge$~', $film(5000, 5000, 5000, 5000));
        self::assertMatchesRegularExpression(
            '~^5 mm .* at the left, 3 mm .* at the right and 2 mm .* at the bottom$~',
            $film(5000, 3000, 0, 2000),
        );
        self::assertMatchesRegularExpression('~^4 mm .* at the top$~', $film(0, 0, 4000, 0));
    }
}
