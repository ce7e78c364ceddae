<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Yelbo\Trade\Art\VectorArt;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Element;
use Yelbo\Trade\Lettering\ElementShape;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;

/** Elements of a document: words, shapes and paths that lie on one object. */
final readonly class ElementsReading
{
    public const MOST = 40;
    /** mm over all */
    private const SIDES = [0.5, 20_000];
    /** Sides of a polygon, points of a star. */
    private const CORNERS = [3, 60];

    public function __construct(private Reading $reading, private Faces $faces)
    {
    }

    /** @return non-empty-list<array{Element, Film}> from bottom to top */
    public function elements(Document $in): array
    {
        $elements = array_map(function (Document $one): array {
            $film = $this->reading->film($one);
            $element = $this->element($one);
            $one->end();

            return [$element, $film];
        }, $in->objects('elements', self::MOST));

        return [] === $elements ? throw $in->wrong('elements', 'holds nothing to lay on the object') : $elements;
    }

    private function element(Document $in): Element
    {
        $kind = $in->text('kind');
        $over = $in->flag('over', false);
        $middle = null;
        if ($in->has('at')) {
            $at = $in->object('at');
            $middle = [
                (int) round(1000 * $at->number('x', -100_000, 100_000)),
                (int) round(1000 * $at->number('y', -100_000, 100_000)),
            ];
            $at->end();
        }
        $side = static fn (string $name): ?int => $in->has($name) ? $in->length($name, ...self::SIDES) : null;

        return match ($kind) {
            'words' => $this->words($in, $side('width'), $side('height'), $middle, $over),
            'shape' => $this->shape($in, $middle, $over),
            'path' => $this->drawn($this->reading->path($in), $side('width'), $side('height'), $middle, $over),
            default => throw $in->wrong('kind', 'is one of words, shape and path'),
        };
    }

    /** @param array{int, int}|null $middle */
    private function words(Document $in, ?int $width, ?int $height, ?array $middle, bool $over): Element
    {
        $lettering = $in->object('lettering');
        $offset = $lettering->has('offset') ? $lettering->length('offset', 0, 1000) : null;
        $words = $this->reading->words($lettering);
        $lettering->end();
        $capHeight = $in->has('capHeight') ? $in->length('capHeight', ...self::SIDES) : null;
        if (null !== $capHeight && (null !== $width || null !== $height)) {
            throw $in->wrong('capHeight', 'says the size, and so does the width or the height. Give one of them');
        }

        return new Element($words, $capHeight, $width, $height, $middle, $offset, $over);
    }

    /** @param array{int, int}|null $middle */
    private function shape(Document $in, ?array $middle, bool $over): Element
    {
        $name = $in->text('shape');
        $shape = ElementShape::tryFrom($name) ??
            throw $in->wrong('shape', 'is one of '.implode(', ', array_column(ElementShape::cases(), 'value')));
        $size = self::size($in);
        $inner = null;
        if ($in->has('inner')) {
            $of = $in->object('inner');
            $inner = self::size($of);
            $of->end();
        }
        $usual = ElementShape::Star === $shape ? 5 : 6;
        $sides = $in->whole('sides', self::CORNERS[0], self::CORNERS[1], $usual);

        $film = $in->at('inner', static fn (): Region => $shape->film($size, $inner, $sides));

        return $this->drawn($film, null, null, $middle, $over);
    }

    /** @param array{int, int}|null $middle */
    private function drawn(Region $region, ?int $width, ?int $height, ?array $middle, bool $over): Element
    {
        $art = VectorArt::fromLayers(['#000000' => $region], [], true);

        $face = $this->faces->any();

        return new Element(
            Words::brought($face, $art, new Setting()),
            null === $width && null === $height ? $art->box()->height() : null,
            $width,
            $height,
            $middle,
            null,
            $over,
        );
    }

    private static function size(Document $in): Size
    {
        return new Size(
            Length::micrometres($in->length('width', ...self::SIDES)),
            Length::micrometres($in->length('height', ...self::SIDES)),
        );
    }
}
