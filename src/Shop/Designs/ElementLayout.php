<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Art\VectorArt;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\Guides;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Lettering\Placing;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;

/**
 * Lays elements on an object beside its words. Where nothing is said a shape is half as high as the shorter side of
 * what is safe, words an eighth, and a pattern covers all of it. Source: handbook section 4, "Several things on one
 * object".
 *
 * @phpstan-type Laid array{int, DesignElement, Fitted}
 * @phpstan-import-type Guide from Guides
 */
final readonly class ElementLayout
{
    /** Of the shorter side of the safe area, where no size is typed. */
    private const SHAPE = 0.5;
    private const LETTERS = 0.125;

    public function __construct(
        private DesignFitter $fitter,
        private Typesetter $typesetter,
        private Faces $faces,
        private ShopRules $rules,
        private Cache $cache,
        private BroughtArts $arts,
    ) {
    }

    /**
     * @param Fitted              $main     the words, as they were fitted
     * @param list<DesignElement> $elements
     *
     * @throws Refused at `/elements/…` where one cannot be
     */
    public function whole(MeasuredObject $object, Fitted $main, Design $design, array $elements): WholeDecal
    {
        if ([] === $elements) {
            return new WholeDecal($main, [], $design->films());
        }
        $key = hash(
            'xxh128',
            serialize([
                $object,
                $main->artwork,
                $main->at,
                $design->face(),
                $design->motif(),
                $elements,
                $this->arts->contents(null, $elements),
                $this->rules->current(),
            ]),
        );
        [$main, $laid] = $this->cache->recall("elements.$key", function () use (
            $object,
            $main,
            $design,
            $elements,
        ): array {
            $laid = $this->lay($object, $main, $design, $elements);

            return [$this->parted($object, $main, $design, $laid), $laid];
        });

        return new WholeDecal(
            $main,
            array_map(
                static fn (array $one): LaidElement => new LaidElement(
                    ...[
                        ...$one,
                        self::placing($object, $main, $design, $laid, $one[0])->distances($one[2]->at),
                    ],
                ),
                $laid,
            ),
            $design->films(),
        );
    }

    /** @param list<Laid> $laid */
    public static function placing(
        MeasuredObject $object,
        Fitted $main,
        Design $design,
        array $laid,
        int $nth,
    ): Placing {
        $middle = static fn (Fitted $of, string $label): array => [
            'label' => $label,
            'x' => $of->at[0] + intdiv($of->artwork->box()->width(), 2),
            'y' => $of->at[1] + intdiv($of->artwork->box()->height(), 2),
        ];
        $beside = [$middle($main, $design->inWords())];
        $own = Box::sized(0, 0);
        foreach ($laid as [$other, $element, $fitted]) {
            if ($other === $nth) {
                $own = $fitted->artwork->box();
            } elseif (null === $element->pattern()) {
                $beside[] = $middle($fitted, $element->label());
            }
        }

        return new Placing($object->surface()->size(), $own, [...$object->features(), ...$beside]);
    }

    /**
     * @param list<DesignElement> $elements
     *
     * @return list<Laid> each with its place in the list
     */
    public function lay(MeasuredObject $object, Fitted $main, Design $design, array $elements): array
    {
        $surface = $object->kept($this->rules->current());
        $laid = [];
        // Patterns lie round all the rest.
        foreach ([false, true] as $patterns) {
            foreach ($elements as $nth => $element) {
                if ($patterns !== (null !== $element->pattern())) {
                    continue;
                }
                try {
                    $laid[$nth] = [
                        $nth,
                        $element,
                        $patterns
                            ? $this->pattern($surface, $main, $element, array_values($laid))
                            : $this->remembered($object, $surface, $main, $design, $element),
                    ];
                } catch (Refused $refused) {
                    throw $refused->under("/elements/$nth");
                }
            }
        }
        ksort($laid);

        return array_values($laid);
    }

    /** What an element is does not depend on the words, but for their face and the room they have: it is laid once. */
    private function remembered(
        MeasuredObject $object,
        Surface $surface,
        Fitted $main,
        Design $design,
        DesignElement $element,
    ): Fitted {
        $face = '' === $element->face ? $design->face() : $element->face;
        $drawn = $this->arts->contents(null, [$element]);
        $rules = $this->rules->current();
        $key = hash('xxh128', serialize([$object, $element, $drawn, $face, $main->safe->box(), $rules]));

        // Film may go over an edge where that is wanted, letters stay on the front.
        $room = DesignElement::WORDS === $element->kind ? $object->front($rules) : $surface;

        return $this->cache->recall("element.$key", fn (): Fitted => $this->thing($room, $main, $design, $element));
    }

    private function thing(Surface $surface, Fitted $main, Design $design, DesignElement $element): Fitted
    {
        $shorter = min($main->safe->box()->width(), $main->safe->box()->height());
        $shape = $element->shape();
        if (null !== $element->art) {
            return $this->placed(
                $surface,
                $this->brought($element->art, $element),
                $element->high ?? (int) (self::SHAPE * $shorter),
                $element,
            );
        }
        if (null === $shape) {
            $words = Words::set(
                $this->faces->named('' === $element->face ? $design->face() : $element->face),
                $element->lines,
                \count($element->lines) > 1 ? Arrangement::Stack : Arrangement::Line,
            );

            return $this->placed($surface, $words, $element->high ?? (int) (self::LETTERS * $shorter), $element);
        }
        $film = PlainFilm::shape($element, (int) (self::SHAPE * $shorter));

        return $this->placed($surface, $this->drawn($film), $film->box()->height(), $element);
    }

    /** A drawing in the films of its colours, those that are not cut left out. */
    private function brought(int $art, DesignElement $element): Words
    {
        return Words::brought(
            $this->faces->any(),
            $this->arts
                ->drawing($art)
                ->inFilms(array_map(static fn (?int $film): string => (string) $film, $element->films)),
            new Setting(),
        );
    }

    private static function allFilm(Fitted $fitted): Region
    {
        return Geos::union(
            array_map(static fn (Layer $layer): Region => $layer->region, $fitted->artwork->layers),
        )->moved(...$fitted->at);
    }

    /**
     * A pattern in the place of words keeps clear of what lies in it; what is laid under or over it lies on its film.
     *
     * @param list<Laid> $laid
     */
    private function parted(MeasuredObject $object, Fitted $main, Design $design, array $laid): Fitted
    {
        $in = array_filter(
            $laid,
            static fn (array $one): bool => null === $one[1]->pattern() && !$one[1]->under && !$one[1]->over,
        );
        if ([] === $in || null === $design->motif()?->pattern() || null === $main->words->art) {
            return $main;
        }

        return $this->fitter->parted(
            $object,
            $design,
            Geos::union(array_values(array_map(static fn (array $one): Region => self::allFilm($one[2]), $in))),
        ) ?? $main;
    }

    /** @param list<Laid> $laid what lies in it, beside the words */
    private function pattern(Surface $surface, Fitted $main, DesignElement $element, array $laid): Fitted
    {
        $pattern = $element->pattern() ?? throw new \LogicException('No pattern.');
        $inIt = Geos::union([
            $main->artwork->outermost()->moved(...$main->at),
            ...array_map(
                static fn (array $one): Region => null === $one[1]->pattern()
                    ? self::allFilm($one[2])
                    : Region::none(),
                $laid,
            ),
        ]);
        $film = PlainFilm::pattern($pattern, $element, $main->safe, $inIt);
        $box = $film->box();

        return $this->fitting()->fit(
            $surface,
            $this->drawn($film->atOrigin()),
            $box->height(),
            null,
            null,
            [$box->left, $box->top],
        );
    }

    private function drawn(Region $film): Words
    {
        return Words::brought(
            $this->faces->any(),
            VectorArt::fromLayers(['#000000' => $film], [], true),
            new Setting(),
        );
    }

    /** At its size, where it was put; in the middle, each way, where nothing was typed. */
    private function placed(Surface $surface, Words $words, int $high, DesignElement $element): Fitted
    {
        $rims = array_column($element->layers, 'offset');
        $middle = $this->fitting()->fit($surface, $words, max(Typesetter::SMALLEST, $high), $rims);

        return null === $element->left && null === $element->top
            ? $middle
 : $this->fitting()->fit($surface, $words, $middle->capHeight, $rims, null, [
     $element->left ?? $middle->at[0],
     $element->top ?? $middle->at[1],
 ]);
    }

    private function fitting(): Fitting
    {
        return new Fitting($this->typesetter, $this->rules->current());
    }
}
