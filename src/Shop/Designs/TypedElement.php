<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Measure\Length;

/** Something on an object beside its words, as typed: lengths in either system, empty for the rule's own answer. */
final readonly class TypedElement
{
    /**
     * @param string $kind words, shape, pattern or drawing
     * @param string $what which shape or which pattern; empty for words and drawings
     * @param string $words a line of it on each line
     * @param string $face the short name of its typeface; empty for the one of the item
     * @param string $high the letter height, or of a shape its height over all
     * @param string $wide of a shape its width over all
     * @param string $innerWide of a ring the width inside
     * @param string $innerHigh of a ring the height inside
     * @param string $sides how many sides of a polygon, or points of a star
     * @param string $pitch of a pattern from middle to middle
     * @param string $spot of a pattern across what is repeated
     * @param string $border of a pattern how far it stays from the safe edge
     * @param string $gap of a pattern how far it stays from what lies in it
     * @param string $frame of a pattern how wide the film is that runs round it and holds it; empty for none
     * @param string $offset how wide the rim underneath it is; empty for none
     * @param string $offsetFilm the film of the rim
     * @param string $base how wide the layer under the rim is, from the letters; empty for none
     * @param string $baseFilm the film of that layer
     * @param string $film the number of its film; empty for the item's own
     * @param string $left from the left edge of the object to its box; empty for the middle
     * @param string $top from the top edge of the object to its box; empty for the middle
     * @param string $over yes where it lies on other films on purpose
     * @param string $under yes where it lies under the item's words
     * @param TypedArt|null $art of a drawing: which, and the film of each of its colours
     * @param string $together what is moved together has one name here; empty for what stands by itself
     */
    public function __construct(
        public string $kind = DesignElement::SHAPE,
        public string $what = '',
        public string $words = '',
        public string $face = '',
        public string $high = '',
        public string $wide = '',
        public string $innerWide = '',
        public string $innerHigh = '',
        public string $sides = '',
        public string $pitch = '',
        public string $spot = '',
        public string $border = '',
        public string $gap = '',
        public string $film = '',
        public string $left = '',
        public string $top = '',
        public string $over = '',
        public string $under = '',
        public ?TypedArt $art = null,
        public string $together = '',
        public string $frame = '',
        public string $offset = '',
        public string $offsetFilm = '',
        public string $base = '',
        public string $baseFilm = '',
    ) {
    }

    /** As it would have been typed. */
    public static function fromDesign(DesignElement $element): self
    {
        $mm = static fn (?int $length): string => null === $length
            ? ''
            : Length::micrometres($length)->toMillimetres().'mm';

        return new self(
            $element->kind,
            $element->what,
            implode("\n", $element->lines),
            $element->face,
            $mm($element->high),
            $mm($element->wide),
            $mm($element->inner[0] ?? null),
            $mm($element->inner[1] ?? null),
            (string) $element->sides,
            $mm($element->pitch),
            $mm($element->spot),
            $mm($element->border),
            $mm($element->gap),
            null === $element->film ? '' : (string) $element->film,
            $mm($element->left),
            $mm($element->top),
            $element->over ? 'yes' : '',
            $element->under ? 'yes' : '',
            TypedArt::fromElement($element),
            $element->together,
            $mm($element->frame),
            $mm($element->layers[0]['offset'] ?? null),
            (string) ($element->layers[0]['film'] ?? ''),
            $mm($element->layers[1]['offset'] ?? null),
            (string) ($element->layers[1]['film'] ?? ''),
        );
    }
}
