<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Check\FilmInHand;
use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Check\SnagCode;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Time\Paint;

/** What the object at hand says against a decal: its paint, and its colour. */
final readonly class ObjectCheck
{
    public function __construct(private ShopRules $rules, private Shelf $shelf, private ClockInterface $clock)
    {
    }

    /**
     * What is said of paint in general gives way to what is known of this one.
     *
     * @param list<Snag> $snags
     *
     * @return list<Snag>
     */
    public function onPaint(array $snags, MeasuredObject $object): array
    {
        $day = $object->paintedOn();
        if (null === $day) {
            return $snags;
        }
        $cured = (new Paint($day, $this->rules->current()))->curedAt();
        $known = array_values(
            array_filter(
                $snags,
                static fn (Snag $snag): bool => SnagCode::FilmAndSurface !== $snag->code
                    || Severity::Stop === $snag->severity,
            ),
        );

        return $cured <= $this->clock->now()
            ? $known
            : [
                ...$known,
                new Snag(
                    SnagCode::WetPaint,
                    Severity::Warn,
                    0,
                    0,
                    null,
                    "Painted on {$day->format('D j M')}: film goes on from {$cured->format('D j M, H:i')}, not before.",
                    [],
                ),
            ];
    }

    /**
     * @param list<int|null> $films of each layer
     *
     * @return list<Snag>
     */
    public function contrast(Fitted $fitted, MeasuredObject $object, FilmOnShelf $kept, array $films): array
    {
        $colour = $object->colour();
        if (null === $colour || \count($fitted->words->art->layers ?? []) > 1) {
            return [];
        }
        $swatches = array_map(
            fn (?int $film): string => $this->filmOf($film, $kept)->swatch(),
            [] === $films ? [null] : $films,
        );

        return (new FilmInHand($this->rules->current()))->contrast(
            $kept->grade(),
            $swatches ?: [$kept->swatch()],
            $colour,
            array_map(
                static fn (FilmOnShelf $other): array => [$other->name(), $other->swatch()],
                array_values(
                    array_filter(
                        $this->shelf->films(),
                        static fn (FilmOnShelf $other): bool => $other->grade() === $kept->grade() && $other !== $kept,
                    ),
                ),
            ),
        );
    }

    /** The film of an element; the item's own where it has none of its own, or that is gone. */
    public function filmOf(?int $film, FilmOnShelf $own): FilmOnShelf
    {
        return null === $film ? $own : $this->shelf->filmNumbered($film) ?? $own;
    }
}
