<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/**
 * Reads an SVG drawing as outlines that can be cut: paths and basic shapes, groups, `use`,
 * transforms, view boxes, styles. What cannot be cut is named in the notes, not dropped silently.
 * Source: handbook section 2, step 4.
 *
 * @phpstan-import-type Style from Styles
 */
final class SvgDrawing
{
    /** How deep `use` may call itself through others, and how often in all. */
    private const DEEPEST_USE = 12;
    private const MOST_USES = 3000;

    /** What is no shape and needs no word. */
    private const SILENT = [
        'defs',
        'symbol',
        'title',
        'desc',
        'metadata',
        'style',
        'clipPath',
        'linearGradient',
        'radialGradient',
        'pattern',
        'marker',
        'namedview',
        'view',
        'path-effect',
        'page',
        'perspective',
        'grid',
        'mask',
        'filter',
    ];
    private const NOT_CUT = [
        'image' => ['picture', 'pictures are printed, not cut'],
        'text' => ['live text', 'turn it into outlines, or type the words at Size'],
        'mask' => ['mask', 'what it hides is cut all the same'],
        'filter' => ['filter', 'shadows and glows cannot be cut'],
        'animate' => ['movement', 'film does not move'],
        'animateTransform' => ['movement', 'film does not move'],
        'animateMotion' => ['movement', 'film does not move'],
        'set' => ['movement', 'film does not move'],
        'video' => ['film', 'it cannot be cut'],
        'audio' => ['sound', 'it cannot be cut'],
    ];

    private readonly Notes $notes;
    private readonly Styles $styles;
    private readonly Layering $layering;
    private readonly Outliner $outliner;
    /** @var array<string, \DOMElement> */
    private array $ids = [];
    private SvgPaint $paint;
    private int $uses = 0;

    private function __construct()
    {
        $this->notes = new Notes();
        $this->styles = new Styles($this->notes);
        $this->layering = new Layering($this->notes);
        $this->outliner = new Outliner($this->notes);
    }

    /** @throws Refused for what is hostile, broken, too large, or holds nothing to cut */
    public static function read(string $svg): VectorArt
    {
        Gate::check($svg);
        $before = libxml_use_internal_errors(true);
        $document = new \DOMDocument();
        $loaded = $document->loadXML($svg, \LIBXML_NONET | \LIBXML_COMPACT | \LIBXML_PARSEHUGE);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $root = $document->documentElement;
        if (!$loaded || null === $root) {
            throw new Refused('broken-drawing', 'This SVG drawing cannot be read. Save it again as plain SVG.', '/art');
        }

        return (new self())->drawing($document, $root);
    }

    private function drawing(\DOMDocument $document, \DOMElement $root): VectorArt
    {
        /** @var \DOMElement $element */
        foreach ($document->getElementsByTagName('*') as $element) {
            if ('style' === $element->localName) {
                $this->styles->add($element->textContent);
            }
            if ($element->hasAttribute('id')) {
                $this->ids[$element->getAttribute('id')] ??= $element;
            }
        }
        $this->paint = new SvgPaint($this->notes, $this->styles, $this->ids);
        [$matrix, $sized] = Page::fromRoot($root);
        $this->children($root, $matrix, $this->styles->resolve($root, []), null, 0);

        return VectorArt::fromLayers($this->layering->layers(), $this->notes->all(), $sized);
    }

    /** @param Style $style */
    private function children(\DOMElement $parent, Matrix $matrix, array $style, ?Region $clip, int $depth): void
    {
        foreach ($parent->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $this->element($child, $matrix, $style, $clip, $depth);
            }
        }
    }

    /** @param Style $inherited */
    private function element(\DOMElement $element, Matrix $matrix, array $inherited, ?Region $clip, int $depth): void
    {
        $name = (string) $element->localName;
        if (isset(self::NOT_CUT[$name]) && 'mask' !== $name && 'filter' !== $name) {
            $this->notes->leftOut(
                self::NOT_CUT[$name][0],
                self::NOT_CUT[$name][1],
                'text' === $name ? $element->textContent : $element->getAttribute('id'),
            );

            return;
        }
        $style = $this->styles->resolve($element, $inherited);
        if (
            \in_array($name, self::SILENT, true)
            || 'none' === ($style['display'] ?? '')
            || 0.0 === SvgPaint::opacity($style['opacity'] ?? '1')
        ) {
            return;
        }
        $own = Matrix::read($element->getAttribute('transform'));
        if (null === $own) {
            $this->notes->leftOut(
                'transform',
                'it cannot be read, so the part stands where it is drawn',
                $element->getAttribute('id'),
            );
        }
        $matrix = $matrix->times($own ?? new Matrix());
        foreach (['mask', 'filter'] as $effect) {
            if ('none' !== ($style[$effect] ?? 'none')) {
                $this->notes->leftOut(...self::NOT_CUT[$effect]);
            }
        }
        $clip = $this->clipped($style, $matrix, $clip);
        match ($name) {
            'g', 'a', 'switch' => $this->children($element, $matrix, $style, $clip, $depth),
            'svg' => $this->nested($element, $element, $matrix, $style, $clip, $depth),
            'use' => $this->used($element, $matrix, $style, $clip, $depth),
            default => $this->shape($element, $matrix, $style, $clip),
        };
    }

    /**
     * An `svg` or a `symbol` within the drawing.
     *
     * @param \DOMElement $sized what says how large it is
     * @param Style       $style
     */
    private function nested(
        \DOMElement $inner,
        \DOMElement $sized,
        Matrix $matrix,
        array $style,
        ?Region $clip,
        int $depth,
    ): void {
        $matrix = $matrix->times(self::place($inner));
        $box = Page::viewBox($inner);
        if (null !== $box) {
            $matrix = $matrix->times(
                Page::fitted(
                    $box,
                    Figure::read($sized->getAttribute('width')) ?: $box[2],
                    Figure::read($sized->getAttribute('height')) ?: $box[3],
                    $inner->getAttribute('preserveAspectRatio'),
                ),
            );
        }
        $this->children($inner, $matrix, $style, $clip, $depth);
    }

    /** @param Style $style */
    private function used(\DOMElement $use, Matrix $matrix, array $style, ?Region $clip, int $depth): void
    {
        $href = $use->getAttribute('href') ?: $use->getAttributeNS('http://www.w3.org/1999/xlink', 'href');
        $target = $this->ids[ltrim($href, '#')] ?? null;
        if (null === $target) {
            $this->notes->leftOut('copy', 'what it copies is not in the file', $href);

            return;
        }
        if ($depth >= self::DEEPEST_USE || ++$this->uses > self::MOST_USES) {
            throw new Refused(
                'too-many-copies',
                'This drawing copies its parts over and over. Turn the copies into outlines before saving.',
                '/art',
            );
        }
        $matrix = $matrix->times(self::place($use));
        if ('symbol' === $target->localName) {
            $this->nested($target, $use, $matrix, $this->styles->resolve($target, $style), $clip, $depth + 1);
        } else {
            $this->element($target, $matrix, $style, $clip, $depth + 1);
        }
    }

    /** Where something is put, in its parent's units. */
    private static function place(\DOMElement $element): Matrix
    {
        return Matrix::move(Figure::read($element->getAttribute('x')), Figure::read($element->getAttribute('y')));
    }

    /** @param Style $style */
    private function clipped(array $style, Matrix $matrix, ?Region $clip): ?Region
    {
        if (!preg_match('~^url\(\s*["\']?#([^"\')]+)~', $style['clip-path'] ?? '', $found)) {
            return $clip;
        }
        $path = $this->ids[$found[1]] ?? null;
        if (null === $path || 'objectBoundingBox' === $path->getAttribute('clipPathUnits')) {
            $this->notes->leftOut('clipping path', 'it cannot be read, so nothing is cut away');

            return $clip;
        }
        $regions = [];
        foreach ($path->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $style = $this->styles->resolve($child, []);
                $regions[] = $this->outliner->filled(
                    $child,
                    $matrix->times(Matrix::read($child->getAttribute('transform')) ?? new Matrix()),
                    'evenodd' === ($style['clip-rule'] ?? ''),
                );
            }
        }
        $inside = Geos::union(array_values(array_filter($regions)));

        return null === $clip ? $inside : Geos::intersection($clip, $inside);
    }

    /** @param Style $style */
    private function shape(\DOMElement $element, Matrix $matrix, array $style, ?Region $clip): void
    {
        $lines = $this->outliner->lines($element, $matrix);
        if (null === $lines) {
            if (null === $element->namespaceURI || 'http://www.w3.org/2000/svg' === $element->namespaceURI) {
                $this->notes->leftOut(
                    'unknown part',
                    'Yelbo does not know what it draws',
                    (string) $element->localName,
                );
            }

            return;
        }
        if ([] === $lines || \in_array($style['visibility'] ?? '', ['hidden', 'collapse'], true)) {
            return;
        }
        $fill =
            SvgPaint::opacity($style['fill-opacity'] ?? '1') > 0
                ? $this->paint->colour($style['fill'] ?? 'black', $style)
                : null;
        $stroke =
            SvgPaint::opacity($style['stroke-opacity'] ?? '1') > 0
                ? $this->paint->colour($style['stroke'] ?? 'none', $style)
                : null;
        foreach (['opacity', 'fill-opacity', 'stroke-opacity'] as $seen) {
            if (SvgPaint::opacity($style[$seen] ?? '1') < 1) {
                $this->notes->putRight('see-through colour', 'film is solid: it is cut as one colour');
            }
        }
        $film =
            null === $fill
                ? Region::none()
                : $this->outliner->fill($lines, 'evenodd' === ($style['fill-rule'] ?? ''), null !== $stroke);
        $pen = null === $stroke ? Region::none() : $this->outliner->stroke($lines, $matrix, $style);
        if (null !== $clip) {
            [$film, $pen] = [Geos::intersection($film, $clip), Geos::intersection($pen, $clip)];
        }
        if (null !== $fill && !$film->isEmpty()) {
            $this->layering->paint($fill, $film);
        }
        if (null !== $stroke && !$pen->isEmpty()) {
            $this->layering->paint($stroke, $pen);
        }
    }
}
