<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Lettering\ElementShape;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Pattern;
use Yelbo\Trade\Measure\Units;

/** Reads what was typed of elements, each wrong field at `elements.2.wide`. */
final readonly class ElementReader
{
    private const MOST = 40;
    private const SIDES = [3, 60];
    /** In the place of a film. */
    private const LEFT_OUT = '0';

    /** Letters and figures of a name that is shared by what is moved together. */
    private const TOGETHER = '~^[a-z0-9]{0,12}$~D';

    public function __construct(
        private Shelf $shelf,
        private Faces $faces,
        private BroughtArts $arts,
        private UnderneathReader $underneath,
    ) {
    }

    /**
     * @param list<TypedElement> $typed
     *
     * @return list<DesignElement>
     */
    public function read(Fields $fields, array $typed, Units $units): array
    {
        if (\count($typed) > self::MOST) {
            $fields->refuse('elements', 'At most '.self::MOST.' things beside the words. Put some into another item.');

            return [];
        }
        $elements = [];
        foreach (array_values($typed) as $nth => $one) {
            $elements[] = $this->one($fields, "elements.$nth.", $one, $units);
        }

        return $elements;
    }

    /** What stands in the place of words: a shape, a pattern, or a drawing that is still to be brought. */
    public function motif(Fields $fields, ?TypedElement $typed, Units $units): ?DesignElement
    {
        return match ($typed?->kind) {
            null => null,
            DesignElement::SHAPE, DesignElement::PATTERN => $this->one($fields, 'motif.', $typed, $units),
            DesignElement::DRAWING => new DesignElement(DesignElement::DRAWING),
            default => $fields->refuse('motif.kind', 'A shape, a pattern or a drawing?'),
        };
    }

    private function one(Fields $fields, string $at, TypedElement $typed, Units $units): DesignElement
    {
        $length = static fn (string $name, string $value, int $least): ?int => Fields::isEmpty($value)
            ? null
            : $fields->length($at.$name, $value, $least, DesignFitter::LARGEST, $units);
        $side = static fn (string $name, string $value): ?int => $length($name, $value, DesignFitter::SMALLEST);
        $this->kind($fields, $at, $typed);
        $lines = $this->words($fields, $at, $typed);
        $film = '' === $typed->film ? null : $this->shelf->filmNumbered((int) $typed->film);
        if ('' !== $typed->film && null === $film) {
            $fields->refuse($at.'film', 'There is no such film any more. Choose another.');
        }
        $inner = [$side('innerWide', $typed->innerWide), $side('innerHigh', $typed->innerHigh)];
        $isDrawing = DesignElement::DRAWING === $typed->kind;

        return new DesignElement(
            $typed->kind,
            $typed->what,
            $lines,
            $typed->face,
            $side('high', $typed->high),
            $side('wide', $typed->wide),
            null === $inner[0] && null === $inner[1] ? null : [$inner[0] ?? $inner[1], $inner[1] ?? $inner[0]],
            '' === trim($typed->sides)
                ? DesignElement::usualSides($typed->what)
                : $fields->whole($at.'sides', $typed->sides, ...self::SIDES),
            $side('pitch', $typed->pitch),
            $side('spot', $typed->spot),
            $length('border', $typed->border, 0),
            $length('gap', $typed->gap, 0),
            $film?->id(),
            $fields->offset($at.'left', $typed->left, $units),
            $fields->offset($at.'top', $typed->top, $units),
            'yes' === $typed->over,
            'yes' === $typed->under,
            $isDrawing ? $typed->art?->id : null,
            $isDrawing ? $this->films($typed->art) : [],
            1 === preg_match(self::TOGETHER, $typed->together) ? $typed->together : '',
            $length('frame', $typed->frame, 0) ?: null,
            DesignElement::WORDS === $typed->kind ? $this->layers($fields, $at, $typed, $units) : [],
        );
    }

    /** @return list<string> */
    private function words(Fields $fields, string $at, TypedElement $typed): array
    {
        $lines = TypedWords::lines($typed->words);
        if (DesignElement::WORDS === $typed->kind && [] === $lines) {
            $fields->refuse($at.'words', 'What words? Write at least one letter, or take the element out.');
        }
        $known = array_map(static fn (Face $face): string => $face->slug, $this->faces->all());
        if ('' !== $typed->face && !\in_array($typed->face, $known, true)) {
            $fields->refuse($at.'face', 'There is no such face. Choose one of the list.');
        }

        return $lines;
    }

    /** @return list<array{offset: int, film: int}> */
    private function layers(Fields $fields, string $at, TypedElement $typed, Units $units): array
    {
        return $this->underneath->read(
            $fields,
            $at,
            [$typed->offset, $typed->offsetFilm],
            [$typed->base, $typed->baseFilm],
            $units,
        );
    }

    /**
     * Of each colour of a drawing that is cut, in its own order.
     *
     * @return array<string, int|null>
     */
    private function films(?TypedArt $art): array
    {
        if (null === $art || 0 === $art->id) {
            return [];
        }
        $typed = array_column($art->layers, 'film', 'colour');
        $films = [];
        foreach (array_keys($this->arts->drawing($art->id)->layers) as $colour) {
            $film = $typed[$colour] ?? '';
            if (self::LEFT_OUT !== $film) {
                $films[$colour] = '' === $film ? null : $this->shelf->filmNumbered((int) $film)?->id();
            }
        }

        return $films;
    }

    private function drawing(Fields $fields, string $at, int $art): null
    {
        return match (true) {
            0 === $art => $fields->refuse($at.'art', 'Which drawing? Bring it, or take the element out.'),
            $this->arts->numbered($art)->isPrinted() => $fields->refuse(
                $at.'art',
                'A picture that is printed is an item of its own: add one for it.',
            ),
            default => null,
        };
    }

    private function kind(Fields $fields, string $at, TypedElement $typed): void
    {
        match ($typed->kind) {
            DesignElement::WORDS => null,
            DesignElement::SHAPE => $fields->choice($at.'what', $typed->what, ElementShape::class, 'Which shape?'),
            DesignElement::PATTERN => $fields->choice($at.'what', $typed->what, Pattern::class, 'Which pattern?'),
            DesignElement::DRAWING => $this->drawing($fields, $at, $typed->art->id ?? 0),
            default => $fields->refuse($at.'kind', 'Words, a shape, a pattern or a drawing?'),
        };
    }
}
