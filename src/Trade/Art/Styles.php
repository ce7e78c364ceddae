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
    private const MOST_RULES = 500;

    /** @var list<array{list<array{string, string}>, int, Style}> parts of the selector, weight, declarations */
    private array $rules = [];
    /** @var array<string, Style> what the rules say of an element, by its name, classes and id */
    private array $known = [];

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
                'This file calls for a style or a typeface from elsewhere. Save it as plain SVG, with everything in '
                    .'it.',
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
                $this->rules[] = [self::parts($selector), $weight, self::declarations($body)];
            }
        }
        $this->known = [];
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
        $style = $this->declared($element) + $style;
        $style = self::declarations($element->getAttribute('style')) + $style;
        foreach ($style as $name => $value) {
            if ('inherit' === $value && isset($inherited[$name])) {
                $style[$name] = $inherited[$name];
            }
        }

        return $style;
    }

    /** @return Style what the rules say of an element, the heavier before the lighter */
    private function declared(\DOMElement $element): array
    {
        $name = (string) $element->localName;
        $id = $element->getAttribute('id');
        $classes = preg_split('~\s+~', trim($element->getAttribute('class'))) ?: [];

        return $this->known["$name#$id.".implode('.', $classes)] ??= $this->lookUp($name, $id, $classes);
    }

    /**
     * @param list<string> $classes
     *
     * @return Style
     */
    private function lookUp(string $name, string $id, array $classes): array
    {
        $style = [];
        foreach ($this->rules as [$parts, , $declared]) {
            if ([] === $parts) {
                continue;
            }
            foreach ($parts as [$kind, $of]) {
                if (!('#' === $kind ? $of === $id : ('.' === $kind ? \in_array($of, $classes, true) : $of === $name))) {
                    continue 2;
                }
            }
            $style = $declared + $style;
        }

        return $style;
    }

    /** @return list<array{string, string}> `#` with an id, `.` with a class, nothing with a name */
    private static function parts(string $selector): array
    {
        preg_match_all('~([.#]?)([\w-]+)~', $selector, $found, \PREG_SET_ORDER);

        return array_map(static fn (array $part): array => [$part[1], $part[2]], $found);
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
