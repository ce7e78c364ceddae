<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/**
 * What was typed of an object's surface: of each kind what is asked of it, and nothing else, so that nothing that is
 * left over from another kind can count.
 */
interface TypedSurface extends \JsonSerializable
{
    /** Each kind by its name; the first where none is named. */
    public const KINDS = [
        TypedRectangle::KIND => TypedRectangle::class,
        TypedEllipse::KIND => TypedEllipse::class,
        TypedPolygon::KIND => TypedPolygon::class,
        TypedRing::KIND => TypedRing::class,
        TypedOutline::KIND => TypedOutline::class,
        TypedCylinder::KIND => TypedCylinder::class,
        TypedTaper::KIND => TypedTaper::class,
        TypedBall::KIND => TypedBall::class,
        TypedPanes::KIND => TypedPanes::class,
        TypedPanel::KIND => TypedPanel::class,
    ];

    /** Which kind of surface, as it is chosen. */
    public function kind(): string;

    /** What was typed for one of its measures, by its name; empty for one that is not asked of it. */
    public function measure(string $name): string;

    /** @return array<string, string> all that is asked of it */
    public function toArray(): array;
}
