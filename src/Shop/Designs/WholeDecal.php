<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Art\PlacedPicture;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\FilmLayers;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Layer;

/**
 * All that lies on one object: its words with the rims underneath, and the elements beside, under and over them.
 *
 * @phpstan-type FilmLayer array{role: string, film: int|null, region: Region, group: int}
 */
final readonly class WholeDecal
{
    /** The number of the words among the elements. */
    public const WORDS = -1;

    public const ELEMENT = 'element';
    /** The film of the item itself, among the films by their numbers. */
    private const OWN = 'own';

    /**
     * @param list<LaidElement> $elements in their order, from bottom to top
     * @param list<int|null>    $films    of the layers of the words, the top one first
     */
    public function __construct(public Fitted $main, public array $elements, private array $films)
    {
    }

    /** @return list<LaidElement> those under the words, or those over them */
    private function those(bool $under): array
    {
        return array_values(
            array_filter(
                $this->elements,
                static fn (LaidElement $laid): bool => $laid->element->under === $under,
            ),
        );
    }

    /**
     * What is cut, the top layer first, all in the object's frame: things of one film are one piece of film. Layers
     * that lie on each other have one group; what touches no other film has one of its own.
     *
     * @return non-empty-list<FilmLayer>
     */
    public function layers(): array
    {
        $main = $this->mainLayers();
        $things = [];
        foreach ($this->those(true) as $laid) {
            array_push($things, ...self::films($laid));
        }
        foreach (array_reverse($main) as $layer) {
            $things[] = $layer;
        }
        foreach ($this->those(false) as $laid) {
            array_push($things, ...self::films($laid));
        }
        // Words alone are cut as they are drawn: a rim of the film of its letters stays a piece of its own.
        $alone = [] === $this->elements;
        $stacked = FilmLayers::of(
            array_map(
                static fn (array $thing, int $nth): array => [
                    $alone ? "layer $nth" : self::name($thing[0]),
                    $thing[1],
                ],
                $things,
                array_keys($things),
            ),
        );
        $groups = $stacked->groups();
        $layers = [];
        foreach ($stacked->layers as $nth => [$film, $region]) {
            $layers[] = [
                'role' => $alone ? $things[$nth][2] : $this->role($main, $film, $region),
                'film' => $alone ? $things[$nth][0] : (self::OWN === $film ? null : (int) $film),
                'region' => $region,
                'group' => $groups[$nth],
            ];
        }

        return array_reverse($layers) ?: throw new \LogicException('A decal has film.');
    }

    private static function name(?int $film): string
    {
        return null === $film ? self::OWN : (string) $film;
    }

    /**
     * The words and each film of each element from bottom to top, as they lie beside each other in the object's frame.
     *
     * @return list<array{nth: int, over: bool, film: int|null, region: Region}> the words are number -1
     */
    public function things(): array
    {
        $element = static fn (LaidElement $laid): array => array_map(
            static fn (array $layer): array => [
                'nth' => $laid->nth,
                'over' => $laid->element->over,
                'film' => $layer[0],
                'region' => $layer[1],
            ],
            $laid->layers(),
        );
        $main = $this->mainLayers();
        $under = $this->those(true);

        return [
            ...array_merge(...array_map($element, $under)),
            [
                'nth' => self::WORDS,
                // What was put under the words is there for them to lie on.
                'over' => [] !== $under,
                'film' => $main[0][0] ?? null,
                'region' => $this->main->artwork->outermost()->moved(...$this->main->at),
            ],
            ...array_merge(...array_map($element, $this->those(false))),
        ];
    }

    /** The picture that is printed, in the object's frame; none of what is cut alone. */
    public function picture(): ?PlacedPicture
    {
        return $this->main->picture()?->moved(...$this->main->at);
    }

    /** Round all of it, in the object's frame, µm. */
    public function box(): Box
    {
        $layers = $this->layers();
        $box = $layers[0]['region']->box();
        foreach ($layers as $layer) {
            $box = $box->around($layer['region']->box());
        }

        return $box;
    }

    /**
     * Of the words, the top one first.
     *
     * @return list<array{int|null, Region, string}>
     */
    private function mainLayers(): array
    {
        return array_map(
            fn (Layer $layer, int $nth): array => [
                $this->films[$nth] ?? null,
                $layer->region->moved(...$this->main->at),
                $layer->role,
            ],
            $this->main->artwork->layers,
            array_keys($this->main->artwork->layers),
        );
    }

    /** @return list<array{int|null, Region, string}> of an element from bottom to top */
    private static function films(LaidElement $laid): array
    {
        return array_map(static fn (array $layer): array => [...$layer, self::ELEMENT], $laid->layers());
    }

    /**
     * What the words have at this film and height, or an element alone.
     *
     * @param list<array{int|null, Region, string}> $main
     */
    private function role(array $main, string $film, Region $region): string
    {
        foreach ($main as [$own, $layer, $role]) {
            if (self::name($own) === $film && $region->box()->holds($layer->box())) {
                return $role;
            }
        }

        return self::ELEMENT;
    }
}
