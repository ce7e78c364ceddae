<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Art\Arts;
use Yelbo\Shop\Orders\Design;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Letterer;
use Yelbo\Trade\Lettering\Mending;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Refused;
use Yelbo\Web\Ask\ArtAsk;
use Yelbo\Web\Ask\SettingAsk;

/** A design from what was typed at Size, every field with a sentence of its own where it is wrong. */
final readonly class TypedDesign
{
    /** µm */
    private const WIDEST_RIM = 30_000;

    public function __construct(private Shelf $shelf, private Arts $arts)
    {
    }

    /** @throws Refusals */
    public function design(string $face, string $capHeight, string $left, string $top, string $units, SettingAsk $setting, ?ArtAsk $art = null): Design
    {
        $system = Units::tryFrom($units) ?? Units::Metric;
        $height = self::length('capHeight', $capHeight, $system);
        if (null !== $height && ($height < Letterer::SMALLEST || $height > Letterer::LARGEST)) {
            throw Refusals::at('capHeight', 'A letter height goes from 0.5 mm to 20 m.');
        }
        $at = [self::length('left', $left, $system), self::length('top', $top, $system)];
        $design = new Design($face, $height, null === $at[1] ? null : $at[0], null === $at[0] ? null : $at[1], self::setting($setting, $system), $this->layers($setting, $system), $this->art($art));
        try {
            $design->setting(1);
        } catch (Refused $refused) {
            throw Refusals::at(self::field($refused), $refused->getMessage());
        }

        return $design;
    }

    /** The field at Size that a place in the core's answer belongs to. */
    public static function field(Refused $refused): string
    {
        $place = explode('/', ltrim($refused->at, '/'))[0];

        return match (true) {
            \in_array($place, ['capHeight', 'face', 'radius', 'tracking', 'condense', 'lineSpacing', 'offset', 'keepOuts', ...Mending::STEPS], true) => $place,
            'art' === $place => 'art',
            'set' === $place => 'roster',
            'object' === $place, 'clearance' === $place => 'object',
            default => 'words',
        };
    }

    /**
     * In the order of the drawing, whatever order the page sends.
     *
     * @return array{id: int, layers: list<array{colour: string, film: int|null}>}|null
     */
    private function art(?ArtAsk $ask): ?array
    {
        if (null === $ask || 0 === $ask->id) {
            return null;
        }
        $typed = [];
        foreach ($ask->layers as $layer) {
            $typed[$layer->colour] = '' === $layer->film ? null : (int) $layer->film;
        }
        $layers = [];
        foreach (array_keys($this->arts->drawing($ask->id)->layers) as $colour) {
            $layers[] = ['colour' => $colour, 'film' => \array_key_exists($colour, $typed) ? $typed[$colour] : null];
        }

        return ['id' => $ask->id, 'layers' => $layers];
    }

    /** @return array<string, int|float|string|null>|null what differs from the usual */
    private static function setting(SettingAsk $ask, Units $units): ?array
    {
        $radius = self::length('radius', $ask->radius, $units);
        $spacing = self::figure('lineSpacing', $ask->lineSpacing);

        return array_filter([
            'arrangement' => null === Arrangement::tryFrom($ask->arrangement) ? null : $ask->arrangement,
            'tracking' => (int) round(self::figure('tracking', $ask->tracking) ?? 0) ?: null,
            'radius' => $radius,
            'order' => '' === $ask->order ? null : $ask->order,
            'shape' => '' === $ask->shape ? null : $ask->shape,
            'frame' => '' === $ask->frame || 'none' === $ask->frame ? null : $ask->frame,
            'lineSpacing' => null === $spacing ? null : $spacing / 100,
            'align' => '' === $ask->align ? null : $ask->align,
            'condense' => self::figure('condense', $ask->condense),
            ...self::mending($ask, $units),
        ], static fn (mixed $value): bool => null !== $value) ?: null;
    }

    /** @return array<string, int|null> */
    private static function mending(SettingAsk $ask, Units $units): array
    {
        $typed = get_object_vars($ask);

        return array_combine(Mending::STEPS, array_map(static fn (string $step): ?int => self::length($step, (string) $typed[$step], $units) ?: null, Mending::STEPS));
    }

    /** @return list<array{offset: int, film: int}>|null */
    private function layers(SettingAsk $ask, Units $units): ?array
    {
        $layers = [];
        foreach ([['offset', $ask->offset, $ask->offsetFilm], ['base', $ask->base, $ask->baseFilm]] as [$field, $typed, $film]) {
            $width = self::length($field, $typed, $units);
            if (null === $width || 0 === $width) {
                continue;
            }
            if ($width < 0 || $width > self::WIDEST_RIM) {
                throw Refusals::at($field, 'A rim goes up to 30 mm.');
            }
            $known = array_filter($this->shelf->films(), static fn (FilmOnShelf $on): bool => (string) $on->id() === $film);
            if ([] === $known) {
                throw Refusals::at($field.'Film', 'Of which film is this layer? Choose one.');
            }
            $layers[] = ['offset' => $width, 'film' => (int) $film];
        }
        if (2 === \count($layers) && $layers[1]['offset'] <= $layers[0]['offset']) {
            throw Refusals::at('base', 'The lowest layer has to reach further than the one above it.');
        }

        return [] === $layers ? null : $layers;
    }

    /** A length that may be negative; nothing where nothing was typed. @throws Refusals */
    public static function length(string $field, string $typed, Units $units): ?int
    {
        if ('' === trim($typed)) {
            return null;
        }
        $negative = 1 === preg_match('~^[-−]~u', trim($typed));
        try {
            $length = Length::read(preg_replace('~^[-−]\s*~u', '', trim($typed)) ?? '', $units)->micrometres;
        } catch (Refused $refused) {
            throw Refusals::at($field, $refused->getMessage());
        }

        return $negative ? -$length : $length;
    }

    private static function figure(string $field, string $typed): ?float
    {
        $plain = str_replace([',', '−', '%'], ['.', '-', ''], trim($typed));
        if ('' === trim($plain)) {
            return null;
        }

        return is_numeric(trim($plain)) ? (float) $plain : throw Refusals::at($field, 'A plain figure, like 20 or -5.');
    }
}
