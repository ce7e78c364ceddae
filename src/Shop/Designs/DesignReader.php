<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Input\FieldMap;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Mending;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Refused;

/** A design from what was typed at Size, every field with a sentence of its own where it is wrong. */
final readonly class DesignReader
{
    /** What is out of range is said by what the figure is for. */
    private const MOST_FIGURE = 1e9;

    public function __construct(
        private Shelf $shelf,
        private BroughtArts $arts,
        private Faces $faces,
        private ElementReader $elements,
        private UnderneathReader $underneath,
        private ShopRules $rules,
    ) {
    }

    /** @throws Refusals a sentence a field */
    public function read(TypedDesign $typed): Draft
    {
        $roster = TypedWords::roster($typed->roster);
        $fields = new Fields();
        $units = Units::tryFrom($typed->units) ?? Units::Metric;
        $height = $fields->offset('capHeight', $typed->capHeight, $units);
        if (null !== $height && ($height < Typesetter::SMALLEST || $height > Typesetter::LARGEST)) {
            $fields->refuse('capHeight', 'A letter height goes from 0.5 mm to 20 m.');
        }
        $at = [$fields->offset('left', $typed->left, $units), $fields->offset('top', $typed->top, $units)];
        $setting = $this->setting($fields, $typed->setting, $units);
        $layers = $this->underneath->read(
            $fields,
            '',
            [$typed->setting->offset, $typed->setting->offsetFilm],
            [$typed->setting->base, $typed->setting->baseFilm],
            $units,
        );
        $elements = $this->elements->read($fields, $typed->elements, $units);
        $lines = $roster[0] ?? TypedWords::lines($typed->words);
        $motif = [] === $lines ? $this->elements->motif($fields, $typed->motif, $units) : null;
        $fields->refuseIfWrong();
        $design = new Design(
            $typed->face,
            $height,
            null === $at[1] ? null : $at[0],
            null === $at[0] ? null : $at[1],
            $setting,
            $layers ?: null,
            $this->art($typed->art),
            $motif?->toArray(),
        );
        try {
            $design->setting(1)->within($this->rules->current(), $design->lines()->isStretchAsked());
        } catch (Refused $refused) {
            throw FieldMap::Design->refusals($refused);
        }

        return new Draft(
            $lines,
            $design,
            $roster,
            $this->shelf->filmNumbered((int) $typed->film),
            $elements,
        );
    }

    /**
     * In the order of the drawing, whatever order the page sends.
     *
     * @return array{id: int, layers: list<array{colour: string, film: int|null, out?: list<int>}>}|null
     */
    private function art(?TypedArt $brought): ?array
    {
        if (null === $brought || 0 === $brought->id) {
            return null;
        }
        $typed = [];
        foreach ($brought->layers as $layer) {
            $typed[$layer->colour] = $layer;
        }
        $layers = [];
        foreach ($this->arts->drawing($brought->id)->layers as $colour => $region) {
            $film = ($typed[$colour] ?? new TypedArtLayer())->film;
            $out = self::parts(($typed[$colour] ?? new TypedArtLayer())->out, \count($region->polygons));
            $layers[] = [
                'colour' => $colour,
                'film' => '' === $film ? null : (int) $film,
                ...[] === $out ? [] : ['out' => $out],
            ];
        }

        return ['id' => $brought->id, 'layers' => $layers];
    }

    /** @return list<int> numbers of parts there are, from 1 */
    private static function parts(string $typed, int $count): array
    {
        $numbers = array_map(intval(...), array_filter(explode(',', $typed), is_numeric(...)));

        return array_values(
            array_unique(array_filter($numbers, static fn (int $part): bool => $part > 0 && $part <= $count)),
        );
    }

    /** @return array<string, int|float|string|null>|null what differs from the usual */
    private function setting(Fields $fields, TypedSetting $typed, Units $units): ?array
    {
        $radius = $fields->offset('radius', $typed->radius, $units);
        $spacing = self::figure($fields, 'lineSpacing', $typed->lineSpacing);

        return array_filter(
            [
                'arrangement' => null === Arrangement::tryFrom($typed->arrangement) ? null : $typed->arrangement,
                'tracking' => (int) round(self::figure($fields, 'tracking', $typed->tracking) ?? 0) ?: null,
                'radius' => $radius,
                'order' => '' === $typed->order ? null : $typed->order,
                'shape' => '' === $typed->shape ? null : $typed->shape,
                'frame' => '' === $typed->frame || 'none' === $typed->frame ? null : $typed->frame,
                'lineSpacing' => null === $spacing ? null : $spacing / 100,
                'align' => '' === $typed->align ? null : $typed->align,
                'condense' => self::figure($fields, 'condense', $typed->condense),
                'stretchAsked' => 'yes' === $typed->stretchAsked ? 'yes' : null,
                ...$this->lines($fields, $typed),
                ...self::setSize($fields, $typed, $units),
                ...self::mending($fields, $typed, $units),
            ],
            static fn (mixed $value): bool => null !== $value,
        ) ?:
            null;
    }

    /** @return array<string, string|null> what lines have of their own, each list as it is typed */
    private function lines(Fields $fields, TypedSetting $typed): array
    {
        $known = array_map(static fn (Face $face): string => $face->slug, $this->faces->all());
        foreach (explode('|', $typed->lineFaces) as $face) {
            if ('' !== trim($face) && !\in_array(trim($face), $known, true)) {
                $fields->refuse('lineFaces', 'There is no such face. Choose one of the list.');
            }
        }
        $heights = array_map(static function (string $typed) use ($fields): string {
            $says = 'A line is from 10 to 500 % as high as the letter height.';

            return Fields::isEmpty(trim($typed, ' %'))
                ? ''
                : (string) $fields->figure('lineHeights', $typed, 10, 500, $says, '%');
        }, explode('|', $typed->lineHeights));
        if ('' !== $typed->signs && !\in_array($typed->signs, $known, true)) {
            $fields->refuse('signs', 'There is no such face. Choose one of the list.');
        }
        $list = static fn (array $each): ?string => '' === implode('', $each) ? null : implode('|', $each);

        return [
            'lineFaces' => $list(array_map(trim(...), explode('|', $typed->lineFaces))),
            'lineHeights' => $list($heights),
            'justify' => 'yes' === $typed->justify ? 'yes' : null,
            'signs' => '' === $typed->signs ? null : $typed->signs,
        ];
    }

    /** @return array<string, string|int|null> how large the members of a set are */
    private static function setSize(Fields $fields, TypedSetting $typed, Units $units): array
    {
        $side = static fn (string $name, string $value): ?int => Fields::isEmpty($value)
            ? null
            : $fields->length($name, $value, Typesetter::SMALLEST, Typesetter::LARGEST, $units);

        return [
            'setSize' => \in_array($typed->setSize, [Design::EACH, Design::BOX], true) ? $typed->setSize : null,
            'setWide' => $side('setWide', $typed->setWide),
            'setHigh' => $side('setHigh', $typed->setHigh),
        ];
    }

    /** @return array<string, int|null> */
    private static function mending(Fields $fields, TypedSetting $typed, Units $units): array
    {
        $steps = get_object_vars($typed);

        return array_combine(
            Mending::STEPS,
            array_map(
                static fn (string $step): ?int => $fields->offset($step, (string) $steps[$step], $units) ?: null,
                Mending::STEPS,
            ),
        );
    }

    /** A figure that may be negative or a share; none where nothing was typed. */
    private static function figure(Fields $fields, string $field, string $typed): ?float
    {
        return Fields::isEmpty(trim($typed, ' %'))
            ? null
            : $fields->figure(
                $field,
                $typed,
                -self::MOST_FIGURE,
                self::MOST_FIGURE,
                'A plain figure, like 20 or -5.',
                '%',
            );
    }
}
