<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Measure\Length;

/** What is decided at Size, as typed: lengths in either system, empty for the rule's own answer. */
final readonly class TypedDesign
{
    /**
     * @param string $words  a line of the decal on each line; passed over where there is a roster
     * @param string $roster a decal on each line, its own lines parted by a stroke; empty where all are alike
     * @param string $face   a cutting face by its slug
     * @param string $film   a film by its number on the shelf; empty for the order's own
     * @param string $capHeight the letter height; empty for the largest that fits
     * @param string $left from the left edge of the object to the art; empty for the middle
     * @param string $top from the top edge of the object to the art; empty for the middle
     * @param string $units which system a bare number is read in: metric or imperial
     * @param TypedSetting $setting how the words are set
     * @param list<TypedElement> $elements what lies on the object beside the words, from bottom to top
     * @param TypedElement|null $motif what a decal without words is of: a shape or a pattern in their place; passed
     *     over where there are words
     * @param TypedArt|null $art a drawing that takes the place of the words
     */
    public function __construct(
        public string $words = '',
        public string $roster = '',
        public string $face = '',
        public string $capHeight = '',
        public string $left = '',
        public string $top = '',
        public string $units = 'metric',
        public TypedSetting $setting = new TypedSetting(),
        public string $film = '',
        public ?TypedArt $art = null,
        public array $elements = [],
        public ?TypedElement $motif = null,
    ) {
    }

    /** As it would have been typed. */
    public static function fromDraft(Draft $draft): self
    {
        $mm = static fn (?int $length): string => null === $length
            ? ''
            : Length::micrometres($length)->toMillimetres().'mm';
        $design = $draft->design;

        return new self(
            implode("\n", $draft->lines),
            face: $design->face(),
            capHeight: $mm($design->capHeight()),
            left: $mm($design->at()[0] ?? null),
            top: $mm($design->at()[1] ?? null),
            setting: TypedSetting::fromDesign($design),
            film: null === $draft->film ? '' : (string) $draft->film->id(),
            art: TypedArt::fromDesign($design),
            elements: array_map(TypedElement::fromDesign(...), $draft->elements),
            motif: null === $design->motif() ? null : TypedElement::fromDesign($design->motif()),
        );
    }
}
