<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

/**
 * What shapes of a drawing are painted with: a colour of film, or nothing where film cannot have it.
 *
 * @phpstan-import-type Style from Styles
 */
final readonly class SvgPaint
{
    /** @param array<string, \DOMElement> $ids elements of the drawing by their ids */
    public function __construct(private Notes $notes, private Styles $styles, private array $ids)
    {
    }

    /**
     * What a shape is painted with.
     *
     * @param Style $style
     */
    public function colour(string $paint, array $style): ?string
    {
        $paint = trim($paint);
        if ('none' === $paint || 'transparent' === $paint) {
            return null;
        }
        if ('currentcolor' === strtolower($paint)) {
            return Colour::read($style['color'] ?? 'black') ?? '#000000';
        }
        if (!preg_match('~^url\(\s*["\']?#([^"\')]+)["\']?\s*\)\s*(.*)$~', $paint, $found)) {
            return Colour::read($paint) ?? '#000000';
        }
        $server = $this->ids[$found[1]] ?? null;
        if (null !== $server && 'pattern' === $server->localName) {
            $this->notes->leftOut('pattern', 'a drawn pattern cannot be cut; patterned film can', $found[1]);

            return null;
        }
        if (null !== $server && str_ends_with((string) $server->localName, 'Gradient')) {
            $this->notes->leftOut('gradient', 'film has one colour: the shape is cut in the first of it', $found[1]);

            return $this->firstStop($server);
        }

        return '' === $found[2] ? null : Colour::read($found[2]);
    }

    private function firstStop(\DOMElement $gradient): string
    {
        for ($hop = 0; $hop < 5; ++$hop) {
            foreach ($gradient->childNodes as $stop) {
                if ($stop instanceof \DOMElement && 'stop' === $stop->localName) {
                    return Colour::read($this->styles->resolve($stop, [])['stop-color'] ?? 'black') ?? '#000000';
                }
            }
            $href = ltrim(
                $gradient->getAttribute('href') ?: $gradient->getAttributeNS('http://www.w3.org/1999/xlink', 'href'),
                '#',
            );
            $gradient = $this->ids[$href] ?? null;
            if (null === $gradient) {
                break;
            }
        }

        return '#000000';
    }

    /** How solid something is, from 0 to 1, out of a share or per cent as typed. */
    public static function opacity(string $typed): float
    {
        return str_ends_with(trim($typed), '%')
            ? (float) $typed / 100
            : (is_numeric(trim($typed))
                ? (float) $typed
                : 1.0);
    }
}
