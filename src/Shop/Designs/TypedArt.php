<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** A drawing that was brought, by its number, and the film each of its colours is cut from. */
final readonly class TypedArt
{
    /**
     * @param list<TypedArtLayer> $layers the layers, letters first
     * @param int $id the number of the drawing
     */
    public function __construct(public int $id = 0, public array $layers = [])
    {
    }

    /** As it would have been typed of an element; none of what is no drawing. */
    public static function fromElement(DesignElement $element): ?self
    {
        return null === $element->art
            ? null
            : new self(
                $element->art,
                array_map(
                    static fn (string $colour, ?int $film): TypedArtLayer => new TypedArtLayer(
                        $colour,
                        null === $film ? '' : (string) $film,
                    ),
                    array_keys($element->films),
                    array_values($element->films),
                ),
            );
    }

    /** As it would have been typed. */
    public static function fromDesign(Design $design): ?self
    {
        $art = $design->art();

        return null === $art
            ? null
            : new self(
                $art['id'],
                array_map(
                    static fn (array $layer): TypedArtLayer => new TypedArtLayer(
                        $layer['colour'],
                        null === $layer['film'] ? '' : (string) $layer['film'],
                        implode(',', $layer['out'] ?? []),
                    ),
                    $art['layers'],
                ),
            );
    }
}
