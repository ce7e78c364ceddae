<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Measure\Units;

/** Reads what lies underneath letters: a rim, and a wider layer under that, each of a film of its own. */
final readonly class UnderneathReader
{
    /** µm */
    private const WIDEST_RIM = 30_000;

    public function __construct(private Shelf $shelf)
    {
    }

    /**
     * @param string $at   what its fields begin with: `elements.2.`, or nothing
     * @param array{string, string} $rim  width and film as typed, at `offset` and `offsetFilm`
     * @param array{string, string} $base likewise of the layer under it, at `base` and `baseFilm`
     *
     * @return list<array{offset: int, film: int}> widths in µm, the nearest first
     */
    public function read(Fields $fields, string $at, array $rim, array $base, Units $units): array
    {
        $layers = [];
        foreach (['offset' => $rim, 'base' => $base] as $name => [$width, $film]) {
            $field = $at.$name;
            $width = $fields->offset($field, $width, $units);
            if (null === $width || 0 === $width) {
                continue;
            }
            if ($width < 0 || $width > self::WIDEST_RIM) {
                $fields->refuse($field, 'A rim goes up to 30 mm.');
            }
            if (null === $this->shelf->filmNumbered((int) $film)) {
                $fields->refuse($field.'Film', 'Of which film is this layer? Choose one.');
            }
            $layers[] = ['offset' => $width, 'film' => (int) $film];
        }
        if (2 === \count($layers) && $layers[1]['offset'] <= $layers[0]['offset']) {
            $fields->refuse($at.'base', 'The lowest layer has to reach further than the one above it.');
        }

        return $layers;
    }
}
