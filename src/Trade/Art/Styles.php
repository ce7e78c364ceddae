<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

use Yelbo\Trade\Refused;

/**
 * How a shape is painted: presentation attributes, style sheets in the file by element, class
 * and id, and inline styles, in CSS's order; what is inherited comes from the group it is in.
 *
 * @phpstan-type Style array<string, string>
 */
final class Styles
{
    private const KNOWN = [
        'fill',
        'fill-rule',
        'fill-opacity',
        'stroke',
        'stroke-width',
        'stroke-linecap',
        'stroke-linejoin',
        'stroke-miterlimit',
        'stroke-opacity',
        'stroke-dasharray',
        'display',
        'visibility',
        'opacity',
        'clip-path',
        'mask',
        'filter',
        'color',
        'stop-color',
        'clip-rule',
    ];
    private const NOT_INHERITED = ['display', 'opacity', 'clip-path', 'mask', 'filter'];
    private const MOST_RULES = 2000;

    /** @var list<array{string, int, Style}> selector, weight, declarations */
    private array $rules = [];

    public function __construct(private readonly Notes $notes)
    {
    }

    /** A `<style>` element's text. */
    public function add(string $css): void
    {
        $css = preg_replace('~/\*.*?\*/|<!--|-->~s', '', $css) ?? '';
        if (str_contains($css, '@import') || 1 === preg_match('~url\(\s*["\']?(?!["\']?#)~', $css)) {
            throw new Refused(
                'external',
                'This file calls for a style or a typeface from elsewhere. Save it as plain SVG, with everything in it.',
                '/art',
            );
        }
        preg_match_all('~([^{}@]+)\{([^{}]*)\}~', $css, $found, \PREG_SET_ORDER);
        foreach ($found as [, $selectors, $body]) {
            foreach (explode(',', $selectors) as $selector) {
                $selector = trim($selector);
                if (
                    1 !== preg_match('~^([\w-]*)((?:[.#][\w-]+)*)$~', $selector)
                    || \count($this->rules) >= self::MOST_RULES
                ) {
                    $this->notes->leftOut('style rule', 'only rules by element, class and id are read', $selector);
                    continue;
                }
                $weight =
                    100 * substr_count($selector, '#') +
                    10 * substr_count($selector, '.') +
                    (preg_match('~^\w~', $selector) ? 1 : 0);
                $this->rules[] = [$selector, $weight, self::declarations($body)];
            }
        }
        usort($this->rules, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
    }

    /**
     * @param Style $inherited
     *
     * @return Style
     */
    public function resolve(\DOMElement $element, array $inherited): array
    {
        $style = array_diff_key($inherited, array_flip(self::NOT_INHERITED));
        foreach (self::KNOWN as $name) {
            if ($element->hasAttribute($name)) {
                $style[$name] = trim($element->getAttribute($name));
            }
        }
        foreach ($this->rules as [$selector, , $declared]) {
            if (self::matches($selector, $element)) {
                $style = $declared + $style;
            }
        }
        $style = self::declarations($element->getAttribute('style')) + $style;
        foreach ($style as $name => $value) {
            if ('inherit' === $value && isset($inherited[$name])) {
                $style[$name] = $inherited[$name];
            }
        }

        return $style;
    }

    private static function matches(string $selector, \DOMElement $element): bool
    {
        preg_match_all('~(^[\w-]+)|\.([\w-]+)|#([\w-]+)~', $selector, $found, \PREG_SET_ORDER);
        $classes = preg_split('~\s+~', trim($element->getAttribute('class'))) ?: [];
        foreach ($found as $part) {
            $does = match (true) {
                isset($part[3]) => $element->getAttribute('id') === $part[3],
                isset($part[2]) && '' !== $part[2] => \in_array($part[2], $classes, true),
                default => $element->localName === ($part[1] ?? ''),
            };
            if (!$does) {
                return false;
            }
        }

        return [] !== $found;
    }

    /** @return Style */
    private static function declarations(string $body): array
    {
        $style = [];
        foreach (explode(';', $body) as $declaration) {
            if (!preg_match('~^\s*([\w-]+)\s*:(.*)$~s', $declaration, $found)) {
                continue;
            }
            [, $name, $value] = $found;
            if (\in_array($name, self::KNOWN, true)) {
                $style[$name] = trim(str_ireplace('!important', '', $value));
            }
        }

        return $style;
    }
}
