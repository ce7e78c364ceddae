<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

/** SVG's basic shapes as path data. */
final class Shapes
{
    private function __construct()
    {
    }

    /** Path data in the shape's own units; empty for a shape of no size, nothing for what is no shape. */
    public static function path(\DOMElement $element): ?string
    {
        $of = static fn (string $name): float => Figure::read($element->getAttribute($name));

        return match ($element->localName) {
            'path' => $element->getAttribute('d'),
            'polygon' => self::points($element, true),
            'polyline' => self::points($element, false),
            'line' => \sprintf('M%F %FL%F %F', $of('x1'), $of('y1'), $of('x2'), $of('y2')),
            'rect' => self::rectangle($element),
            'circle' => self::oval($of('cx'), $of('cy'), $of('r'), $of('r')),
            'ellipse' => self::oval($of('cx'), $of('cy'), $of('rx'), $of('ry')),
            default => null,
        };
    }

    private static function points(\DOMElement $element, bool $closed): string
    {
        $points = trim($element->getAttribute('points'));

        return '' === $points ? '' : "M$points".($closed ? 'Z' : '');
    }

    private static function rectangle(\DOMElement $element): string
    {
        $of = static fn (string $name): float => Figure::read($element->getAttribute($name));
        [$x, $y, $width, $height] = [$of('x'), $of('y'), $of('width'), $of('height')];
        if ($width <= 0 || $height <= 0) {
            return '';
        }
        $rx = $element->hasAttribute('rx') ? $of('rx') : $of('ry');
        $ry = $element->hasAttribute('ry') ? $of('ry') : $of('rx');
        [$rx, $ry] = [min(abs($rx), $width / 2), min(abs($ry), $height / 2)];
        if (0.0 === $rx || 0.0 === $ry) {
            return \sprintf('M%F %FH%FV%FH%FZ', $x, $y, $x + $width, $y + $height, $x);
        }

        return \sprintf(
            'M%F %FH%FA%F %F 0 0 1 %F %FV%FA%F %F 0 0 1 %F %FH%FA%F %F 0 0 1 %F %FV%FA%F %F 0 0 1 %F %FZ',
            $x + $rx,
            $y,
            $x + $width - $rx,
            $rx,
            $ry,
            $x + $width,
            $y + $ry,
            $y + $height - $ry,
            $rx,
            $ry,
            $x + $width - $rx,
            $y + $height,
            $x + $rx,
            $rx,
            $ry,
            $x,
            $y + $height - $ry,
            $y + $ry,
            $rx,
            $ry,
            $x + $rx,
            $y,
        );
    }

    private static function oval(float $cx, float $cy, float $rx, float $ry): string
    {
        return $rx <= 0 || $ry <= 0
            ? ''
            : \sprintf(
                'M%F %FA%F %F 0 1 1 %F %FA%F %F 0 1 1 %F %FZ',
                $cx - $rx,
                $cy,
                $rx,
                $ry,
                $cx + $rx,
                $cy,
                $rx,
                $ry,
                $cx - $rx,
                $cy,
            );
    }
}
