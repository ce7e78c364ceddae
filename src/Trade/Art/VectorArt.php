<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/**
 * A drawing a customer brought, as far as it can be cut: a layer for each of its colours, the
 * top one first, in µm in one frame with its origin at the top left of the box round all of them.
 */
final readonly class VectorArt
{
    /** µm */
    private const GLANCE = 40;
    /** Parts that somebody chooses from by hand. */
    private const MOST_CHOSEN = 60;

    /** More colours than that are a picture, and no decal. */
    public const MOST_COLOURS = 12;

    /**
     * @param non-empty-array<string, Region> $layers by colour, the top one first
     * @param list<Note>                      $notes  what was put right, and what was left out
     * @param bool                            $sized  does the file say how large it truly is?
     * @param PlacedPicture|null              $picture printed inside its outline, in the same frame
     */
    private function __construct(
        public array $layers,
        public array $notes,
        public bool $sized,
        public ?PlacedPicture $picture = null,
    ) {
    }

    /**
     * @param array<string, Region> $layers by colour, the top one first, in any one frame
     * @param list<Note>            $notes
     * @param PlacedPicture|null    $picture printed inside, in the same frame
     *
     * @throws Refused where nothing is left to cut
     */
    public static function fromLayers(array $layers, array $notes, bool $sized, ?PlacedPicture $picture = null): self
    {
        $layers = array_filter($layers, static fn (Region $region): bool => !$region->isEmpty());
        if ([] === $layers) {
            throw new Refused(
                'nothing-to-cut',
                'There is nothing in this drawing that can be cut: no filled shape and no line of a width.',
                '/art',
            );
        }
        if (\count($layers) > self::MOST_COLOURS) {
            throw self::tooManyColours(\count($layers));
        }
        $box = self::boxOf($layers);

        return new self(
            array_map(static fn (Region $region): Region => $region->moved(-$box->left, -$box->top), $layers),
            $notes,
            $sized,
            $picture?->moved(-$box->left, -$box->top),
        );
    }

    /** No decal has so many. */
    public static function tooManyColours(int $count): Refused
    {
        return new Refused(
            'too-many-colours',
            "This drawing has $count colours. A decal is cut from ".
                self::MOST_COLOURS.
                ' at the most; a picture like this is printed, which is another film.',
            '/art',
        );
    }

    /**
     * Those colours only.
     *
     * @param list<string> $colours
     */
    public function only(array $colours): self
    {
        return $this->kept(array_intersect_key($this->layers, array_flip($colours)));
    }

    /**
     * Colours that go into one film become one layer.
     *
     * @param array<string, string> $films a film by each colour that is cut; the others are left out
     *
     * @throws Refused where every colour is left out
     */
    public function inFilms(array $films): self
    {
        $groups = [];
        foreach ($this->layers as $colour => $region) {
            if (isset($films[$colour])) {
                $groups[$films[$colour]][$colour] = $region;
            }
        }
        $layers = [];
        foreach ($groups as $group) {
            $layers[(string) array_key_first($group)] =
                1 === \count($group) ? reset($group) : Geos::union(array_values($group));
        }

        return $this->kept($layers);
    }

    /**
     * The outlines of a colour, drawn with few corners to be looked at and chosen from; none where they are too many.
     *
     * @return list<Region>
     */
    public function parts(string $colour): array
    {
        $pieces = $this->layers[$colour]->pieces();

        return \count($pieces) < 2 || \count($pieces) > self::MOST_CHOSEN
            ? []
            : array_map(static fn (Region $piece): Region => Geos::simplified($piece, self::GLANCE), $pieces);
    }

    /**
     * Without some of its parts.
     *
     * @param array<string, list<int>> $parts of each colour, by their place among its outlines, from 0
     *
     * @throws Refused where nothing is left
     */
    public function withoutParts(array $parts): self
    {
        if ([] === array_filter($parts)) {
            return $this;
        }
        $layers = [];
        foreach ($this->layers as $colour => $region) {
            $layers[$colour] = new Region(
                array_values(array_diff_key($region->polygons, array_flip($parts[$colour] ?? []))),
            );
        }

        return $this->kept($layers);
    }

    /**
     * This drawing with other layers, in the same frame as these.
     *
     * @param array<string, Region> $layers
     *
     * @throws Refused where nothing is left
     */
    private function kept(array $layers): self
    {
        return self::fromLayers($layers, $this->notes, $this->sized, $this->picture);
    }

    /** Round all layers, µm. */
    public function box(): Box
    {
        return self::boxOf($this->layers);
    }

    /** All that is film, whatever its colour. */
    public function whole(): Region
    {
        return 1 === \count($this->layers) ? array_values($this->layers)[0] : Geos::union(array_values($this->layers));
    }

    /** How many corners all outlines have. */
    public function corners(): int
    {
        return array_sum(array_map(static fn (Region $region): int => $region->corners(), $this->layers));
    }

    /** A text that is the same for the same, and for nothing else. */
    public function key(): string
    {
        return hash('xxh128', serialize($this->layers));
    }

    /** @param non-empty-array<string, Region> $layers */
    private static function boxOf(array $layers): Box
    {
        $box = null;
        foreach ($layers as $region) {
            $box = null === $box ? $region->box() : $box->around($region->box());
        }

        return $box;
    }

    /** One of its colours to be looked at: what a look at it need not show is left out. In the frame of the drawing. */
    public function glance(string $colour): Region
    {
        return Geos::simplified($this->layers[$colour], self::GLANCE);
    }
}
