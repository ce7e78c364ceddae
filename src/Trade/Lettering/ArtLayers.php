<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/** Outlines as the films a decal is cut from: mended, with the rims underneath. */
final readonly class ArtLayers
{
    /** Layers to a decal: more would be a picture. */
    public const MOST_LAYERS = 3;

    public function __construct(private Cache $cache, private FollowedArt $followed)
    {
    }

    /**
     * Art at a size as every film it is cut from: mended, with the rims underneath it.
     *
     * @param Region                      $top    as `top()` gave it, laid as `$laid` lays it
     * @param int|list<int>|null          $offset widths of rims, µm
     * @param \Closure(Region): Region|null $laid what is done to outlines after they have their size: nothing where
     *     left out
     */
    public function layers(
        Words $words,
        Region $top,
        int $capHeight,
        int|array|null $offset,
        ?\Closure $laid = null,
    ): Artwork {
        $colours = $words->art->layers ?? [];
        if (\count($colours) < 2) {
            return self::layered($this->mended($words, $top), $offset);
        }
        $scale = $capHeight / ($words->art?->box()->height() ?? $capHeight);
        $layers = [];
        foreach (array_values($colours) as $nth => $region) {
            $region = $this->followed->followed($words, $region->scaled($scale));
            $layers[] = new Layer(
                0 === $nth ? Layer::TOP : Layer::COLOUR,
                $this->mended($words, null === $laid ? $region : $laid($region)),
            );
        }
        $rims = \array_slice(
            self::layered(Geos::union(array_map(static fn (Layer $layer): Region => $layer->region, $layers)), $offset)
                ->layers,
            1,
        );
        if (\count($layers) + \count($rims) > self::MOST_LAYERS) {
            throw new Refused(
                'too-many-layers',
                'A decal is laid from '.
                    self::MOST_LAYERS.
                    ' films at the most, rims among them. Leave colours out, or put two of them into one film.',
                '/art',
            );
        }

        return Artwork::fromLayers([...$layers, ...self::beside($layers, $rims, $offset)]);
    }

    /**
     * Rims in the frame of the layers they lie under.
     *
     * @param list<Layer>        $layers
     * @param list<Layer>        $rims   in the frame of their own box
     * @param int|list<int>|null $offset
     *
     * @return list<Layer>
     */
    private static function beside(array $layers, array $rims, int|array|null $offset): array
    {
        if ([] === $rims) {
            return [];
        }
        $box = $layers[0]->region->box();
        foreach ($layers as $layer) {
            $box = $box->around($layer->region->box());
        }
        $widest = max([0, ...(array) $offset]);

        return array_map(
            static fn (Layer $rim): Layer => new Layer(
                $rim->role,
                $rim->region->moved($box->left - $widest, $box->top - $widest),
            ),
            $rims,
        );
    }

    /** Outlines as knife and hook can manage them, where the setting says how. */
    public function mended(Words $words, Region $top): Region
    {
        $mending = $words->setting->mending;
        if ($mending->isNothing()) {
            return $top;
        }
        $key = hash('xxh128', serialize([$mending, $top->polygons]));

        $isRing = $words->setting->isRing();

        return $this->cache->recall("mended.$key.$isRing", static fn (): Region => $mending->apply($top, $isRing));
    }

    /** @param int|list<int>|null $offset */
    public static function layered(Region $top, int|array|null $offset): Artwork
    {
        $offsets = array_values(
            array_filter((array) $offset, static fn (?int $width): bool => null !== $width && $width > 0),
        );
        if (\count($offsets) >= self::MOST_LAYERS) {
            throw new Refused('too-many-layers', 'A decal has at most two layers under its letters.', '/offset');
        }
        sort($offsets);
        $layers = [new Layer(Layer::TOP, $top)];
        foreach ($offsets as $nth => $width) {
            $layers[] = new Layer(0 === $nth ? Layer::OFFSET : Layer::BASE, Geos::grow($top, $width));
        }

        return Artwork::fromLayers($layers);
    }
}
