<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Refused;

/** The outline in an SVG drawing: everything it draws, put together. */
final readonly class SvgOutline
{
    private const MOST_SHAPES = 500;

    public function read(string $svg): Outlined
    {
        $before = libxml_use_internal_errors(true);
        $document = new \DOMDocument();
        $loaded = !str_contains($svg, '<!ENTITY') && $document->loadXML($svg, \LIBXML_NONET | \LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (!$loaded || 'svg' !== $document->documentElement?->localName) {
            throw new Refused('broken-drawing', 'This SVG drawing cannot be read. Save it again as plain SVG.', '/photo');
        }
        $shapes = [];
        /** @var \DOMElement $element */
        foreach ($document->getElementsByTagName('*') as $element) {
            if ($element->hasAttribute('transform')) {
                throw new Refused('drawing-transformed', 'This drawing moves or turns its parts by transforms. Flatten them before saving, so that the outline is where it is drawn.', '/photo');
            }
            $path = self::path($element);
            if (null !== $path && \count($shapes) < self::MOST_SHAPES) {
                $shapes[] = SvgPath::read($path);
            }
        }
        if ([] === $shapes) {
            throw new Refused('no-outline', 'There is no closed outline in this drawing.', '/photo');
        }
        $outline = Geos::union($shapes);
        $box = $outline->box();
        $outline = $outline->moved(-$box->left, -$box->top);

        return new Outlined('', $box->width() / 1000, $box->height() / 1000, SvgPath::write(new Region($outline->polygons)), 0, []);
    }

    private static function path(\DOMElement $element): ?string
    {
        $of = static fn (string $name): float => (float) $element->getAttribute($name);

        return match ($element->localName) {
            'path' => $element->getAttribute('d'),
            'polygon' => 'M'.trim($element->getAttribute('points')).'Z',
            'rect' => \sprintf('M%F %FH%FV%FH%FZ', $of('x'), $of('y'), $of('x') + $of('width'), $of('y') + $of('height'), $of('x')),
            'circle' => self::oval($of('cx'), $of('cy'), $of('r'), $of('r')),
            'ellipse' => self::oval($of('cx'), $of('cy'), $of('rx'), $of('ry')),
            default => null,
        };
    }

    private static function oval(float $cx, float $cy, float $rx, float $ry): string
    {
        return \sprintf('M%F %FA%F %F 0 1 1 %F %FA%F %F 0 1 1 %F %FZ', $cx - $rx, $cy, $rx, $ry, $cx + $rx, $cy, $rx, $ry, $cx - $rx, $cy);
    }
}
