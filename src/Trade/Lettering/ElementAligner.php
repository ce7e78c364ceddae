<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Refused;

/**
 * Brings several things on one object into line with one of them, or sets them at equal gaps. All in the object's
 * frame, µm. Source: handbook section 4, "Several things on one object".
 */
final readonly class ElementAligner
{
    /** Into line by these, as the first of them lies. */
    public const IN_LINE = ['left', 'across', 'right', 'top', 'down', 'bottom'];
    /** At equal gaps from left to right, or from top to bottom. */
    public const GAPS = ['gaps-across', 'gaps-down'];

    /**
     * @param non-empty-array<int, Box> $things by their numbers; the others are brought into line with the first
     * @param string                    $how    one of IN_LINE or GAPS
     * @param int|null                  $gap    µm; where none is named the outer two stay and the gaps are equal
     *
     * @return array<int, array{int, int}> left and top of each by its number
     *
     * @throws Refused at `/how` for another way, or things that do not go between the outer two
     */
    public static function arrange(array $things, string $how, ?int $gap): array
    {
        $first = reset($things);

        return match ($how) {
            'left' => self::each($things, static fn (Box $box): array => [$first->left, $box->top]),
            'right' => self::each($things, static fn (Box $box): array => [$first->right - $box->width(), $box->top]),
            'across' => self::each($things, static fn (Box $box): array => [
                $first->left + intdiv($first->width() - $box->width(), 2),
                $box->top,
            ]),
            'top' => self::each($things, static fn (Box $box): array => [$box->left, $first->top]),
            'bottom' => self::each($things, static fn (Box $box): array => [
                $box->left,
                $first->bottom - $box->height(),
            ]),
            'down' => self::each($things, static fn (Box $box): array => [
                $box->left,
                $first->top + intdiv($first->height() - $box->height(), 2),
            ]),
            'gaps-across' => self::spread($things, $gap, false),
            'gaps-down' => self::spread($things, $gap, true),
            default => throw new Refused('no-such-way', 'Bring them into line, or set equal gaps.', '/how'),
        };
    }

    /**
     * @param array<int, Box>                  $things
     * @param \Closure(Box): array{int, int} $put
     *
     * @return array<int, array{int, int}>
     */
    private static function each(array $things, \Closure $put): array
    {
        return array_map($put, $things);
    }

    /**
     * @param non-empty-array<int, Box> $things
     *
     * @return array<int, array{int, int}>
     *
     * @throws Refused
     */
    private static function spread(array $things, ?int $gap, bool $down): array
    {
        $start = static fn (Box $box): int => $down ? $box->top : $box->left;
        $long = static fn (Box $box): int => $down ? $box->height() : $box->width();
        uasort($things, static fn (Box $one, Box $other): int => $start($one) <=> $start($other));
        $from = $start($things[array_key_first($things)]);
        $last = $things[array_key_last($things)];
        $free = $start($last) + $long($last) - $from - array_sum(array_map($long, $things));
        $between = \count($things) - 1;
        if (null === $gap && ($between < 1 || $free < 0)) {
            throw new Refused(
                'no-room-between',
                'They do not go between the outer two. Type the gap there is to be, or move the outer ones apart.',
                '/how',
            );
        }
        $placed = [];
        $run = 0;
        $nth = 0;
        foreach ($things as $number => $box) {
            $at = $from + $run + (null === $gap ? intdiv($nth * $free, max(1, $between)) : $nth * $gap);
            $placed[$number] = $down ? [$box->left, $at] : [$at, $box->top];
            $run += $long($box);
            ++$nth;
        }

        return $placed;
    }
}
