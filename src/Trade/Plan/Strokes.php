<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Geometry\Box;

/**
 * Boxes and lines of drawings by what they mean, as path data in mm.
 *
 * @phpstan-type Mark array{role: string, path: string}
 */
final class Strokes
{
    public const TAPE = 'tape';
    public const OBJECT = 'object';
    public const LINE = 'line';
    public const FIGURE = 'figure';
    public const WAY = 'way';
    public const CUT = 'cut';
    public const ART = 'art';
    public const CROSS = 'cross';
    /** µm: an arm of a register cross. */
    private const ARM = 4_000;

    private function __construct()
    {
    }

    /** @return list<Mark> both centre lines, as far as the tape goes */
    public static function cross(Box $cover, Box $art): array
    {
        $x = intdiv($art->left + $art->right, 2);
        $y = intdiv($art->top + $art->bottom, 2);

        return [
            self::line(self::LINE, $cover->left, $y, $cover->right, $y),
            self::line(self::LINE, $x, $cover->top, $x, $cover->bottom),
        ];
    }

    /** @return list<Mark> from the edge of the film to each corner */
    public static function reliefs(Decal $decal): array
    {
        [$wide, $high] = [$decal->on->size->width->micrometres, $decal->on->size->height->micrometres];
        $over = $decal->overhang()->most();

        return 4 !== $decal->on->corners
            ? []
            : [
                self::line(self::CUT, -$over, -$over, 0, 0),
                self::line(self::CUT, $wide + $over, -$over, $wide, 0),
                self::line(self::CUT, $wide + $over, $high + $over, $wide, $high),
                self::line(self::CUT, -$over, $high + $over, 0, $high),
            ];
    }

    /** @return Mark a closed box */
    public static function box(string $role, Box $box): array
    {
        return [
            'role' => $role,
            'path' => \sprintf(
                'M%s %sH%sV%sH%sZ',
                $box->left / 1000,
                $box->top / 1000,
                $box->right / 1000,
                $box->bottom / 1000,
                $box->left / 1000,
            ),
        ];
    }

    /** @return Mark a circle about a spot, µm */
    public static function ring(int $x, int $y, int $radius): array
    {
        return [
            'role' => self::LINE,
            'path' => \sprintf(
                'M%s %sA%3$s %3$s 0 1 1 %4$s %2$sA%3$s %3$s 0 1 1 %1$s %2$sZ',
                ($x - $radius) / 1000,
                $y / 1000,
                $radius / 1000,
                ($x + $radius) / 1000,
            ),
        ];
    }

    /** @return Mark from one spot to another, µm */
    public static function line(string $role, int $x, int $y, int $toX, int $toY): array
    {
        return [
            'role' => $role,
            'path' => \sprintf('M%s %sL%s %s', $x / 1000, $y / 1000, $toX / 1000, $toY / 1000),
        ];
    }

    /** @return Mark from one spot to another, its head there, µm */
    public static function arrow(int $x, int $y, int $toX, int $toY): array
    {
        $back = hypot($toX - $x, $toY - $y) / 4;
        $angle = atan2($toY - $y, $toX - $x);
        $tip = static fn (float $turn): string => \sprintf(
            '%.2f %.2f',
            ($toX - $back * cos($angle + $turn)) / 1000,
            ($toY - $back * sin($angle + $turn)) / 1000,
        );

        return [
            'role' => self::WAY,
            'path' => self::line(self::WAY, $x, $y, $toX, $toY)['path'].
                \sprintf('M%sL%s %sL%s', $tip(0.5), $toX / 1000, $toY / 1000, $tip(-0.5)),
        ];
    }

    /**
     * @param int $x µm
     * @param int $y µm
     *
     * @return Mark a cross to lay pages on each other by
     */
    public static function register(int $x, int $y): array
    {
        return [
            'role' => self::CROSS,
            'path' => self::line(self::CROSS, $x - self::ARM, $y, $x + self::ARM, $y)['path'].
                self::line(self::CROSS, $x, $y - self::ARM, $x, $y + self::ARM)['path'],
        ];
    }
}
