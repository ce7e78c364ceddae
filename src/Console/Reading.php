<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Align;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Frame;
use Yelbo\Trade\Lettering\KnockoutShape;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Lettering\MonogramOrder;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ball;
use Yelbo\Trade\Object\Cylinder;
use Yelbo\Trade\Object\FromTheFront;
use Yelbo\Trade\Object\OddShape;
use Yelbo\Trade\Object\Polygon;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\Ring;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceKind;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** The parts that several documents share, read and written the same way. */
final readonly class Reading
{
    /** At the counter alone: scripts call both a rectangle. */
    private const AT_THE_COUNTER = [SurfaceKind::Panes, SurfaceKind::Panel];
    /** mm: no object is smaller or larger. */
    private const SMALLEST = 1;
    private const LARGEST = 100_000;

    public function __construct(private Faces $faces)
    {
    }

    /** @param list<string>|null $lines instead of the document's own */
    public function words(Document $in, ?array $lines = null): Words
    {
        $face = $in->text('face');
        $lines ??= $in->texts('lines');
        $arrangement = self::oneOf($in, 'arrangement', Arrangement::class, Arrangement::Line);
        $radius = $in->has('radius') ? (int) round(1000 * $in->number('radius', 0, 100_000)) : null;
        $order = self::oneOf($in, 'order', MonogramOrder::class, MonogramOrder::FamilyCentre);
        $shape = self::oneOf($in, 'shape', KnockoutShape::class, KnockoutShape::USUAL);
        $frame = self::oneOf($in, 'frame', Frame::class, Frame::None);
        $align = self::oneOf($in, 'align', Align::class, Align::Centre);
        $tracking = (int) round($in->number('tracking', -100_000, 100_000, 0));
        $spacing = $in->number('lineSpacing', -100, 100, 0.25);
        $condense = $in->number('condense', -100, 100, 0);

        return self::under(
            $in,
            fn (): Words => Words::set(
                $this->faces->named($face),
                $lines,
                (new Setting($arrangement, $tracking, $radius, $order, $shape, $frame, $spacing, $align, $condense))
                    ->within(Rules::standard()),
            ),
        );
    }

    /** @param float|null $seen degrees of a round thing seen from the front, where the object itself does not say */
    public function surface(Document $in, ?float $seen = null): Surface
    {
        $kind = $in->text('surface');
        $surface = self::under(
            $in,
            fn (): Surface => match ($kind) {
                'rectangle' => self::rectangle($in),
                'polygon' => new Polygon(self::size($in), $in->whole('sides', -1_000_000, 1_000_000)),
                'ring' => $this->ring($in),
                'outline' => new OddShape($this->path($in)),
                'cylinder' => new Cylinder(
                    self::length($in, 'circumference'),
                    self::length($in, 'height'),
                    self::seen($in, $seen),
                ),
                'taper' => self::taper($in, self::seen($in, $seen)),
                'ball' => new Ball(self::length($in, 'diameter'), self::seen($in, $seen)),
                default => self::measured($in, $kind),
            },
        );
        $in->end();

        return $surface;
    }

    /** What has to stay free, as `keepOuts` lists it. */
    public function kept(Document $in, Surface $surface): Surface
    {
        if (!$in->has('keepOuts')) {
            return $surface;
        }
        $regions = [];
        foreach ($in->texts('keepOuts') as $nth => $path) {
            $regions[] = $in->at("keepOuts/$nth", static fn (): Region => SvgPath::read($path));
        }

        return [] === $regions ? $surface : new SurfaceLessKeepOuts($surface, Geos::union($regions));
    }

    public function path(Document $in, string $key = 'path'): Region
    {
        $path = $in->text($key);

        return $in->at($key, static fn (): Region => SvgPath::read($path));
    }

    public function film(Document $in): Film
    {
        return Film::tryFrom($in->text('film', Film::Permanent->value)) ??
            throw $in->wrong('film', 'is not a film. There are '.implode(', ', array_column(Film::cases(), 'value')));
    }

    public function useOf(Document $in): Usage
    {
        return Usage::tryFrom($in->text('use', Usage::Indoor->value)) ??
            throw $in->wrong('use', 'is not a use. There are '.implode(', ', array_column(Usage::cases(), 'value')));
    }

    /**
     * @return array{
     *     role: string,
     *     path: string,
     *     box: array{width: float, height: float},
     *     keeps: int,
     *     counters: int,
     *     area: float,
     * }
     */
    public static function layer(Layer $layer): array
    {
        return [
            'role' => $layer->role,
            'path' => SvgPath::write($layer->region),
            'box' => self::box($layer->region->box()),
            'keeps' => \count($layer->region->polygons),
            'counters' => $layer->region->holes(),
            'area' => round($layer->region->area(), 3),
        ];
    }

    /** @return array{width: float, height: float} */
    public static function box(Box $box): array
    {
        return ['width' => self::mm($box->width()), 'height' => self::mm($box->height())];
    }

    public static function mm(int|float $micrometres): float
    {
        return round($micrometres / 1000, 3);
    }

    /** What is measured at the counter, by the same names. @throws Refused where there is no such surface */
    private static function measured(Document $in, string $kind): Surface
    {
        $known = array_filter(
            SurfaceKind::cases(),
            static fn (SurfaceKind $case): bool => !\in_array($case, self::AT_THE_COUNTER, true),
        );
        $surface = SurfaceKind::tryFrom($kind);
        if (null === $surface || !\in_array($surface, $known, true)) {
            $all = implode(', ', array_column($known, 'value'));
            throw new Refused(
                'unknown-surface',
                '“'.mb_substr($kind, 0, 40)."” is not a surface here. There are $all.",
                '/surface',
            );
        }
        $measures = [];
        foreach ($surface->lengths() as [$name, , $isNeeded]) {
            if ($isNeeded || $in->has($name)) {
                $measures[$name] = self::length($in, $name)->micrometres;
            }
        }

        return $surface->surface($measures);
    }

    private static function rectangle(Document $in): Surface
    {
        return new Rectangle(self::size($in), Length::millimetres($in->number('corner', 0, 100_000, 0)));
    }

    private function ring(Document $in): Surface
    {
        $inner = $in->object('inner');
        $outer = $in->object('outer');
        [$badge, $limit] = [self::size($inner), self::size($outer)];
        $inner->end();
        $outer->end();

        return new Ring($badge, $limit);
    }

    private static function taper(Document $in, float $seen): Surface
    {
        [$top, $bottom] = [self::length($in, 'top'), self::length($in, 'bottom')];

        return new Taper($top, $bottom, self::length($in, 'slant'), seen: $seen);
    }

    private static function seen(Document $in, ?float $seen): float
    {
        return $in->has('seen') ? $in->number('seen', 10, 360) : $seen ?? FromTheFront::USUAL;
    }

    public static function length(Document $in, string $key): Length
    {
        return Length::micrometres($in->length($key, self::SMALLEST, self::LARGEST));
    }

    private static function size(Document $in): Size
    {
        return new Size(self::length($in, 'width'), self::length($in, 'height'));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     * @param T               $default
     *
     * @return T
     */
    private static function oneOf(Document $in, string $key, string $enum, \BackedEnum $default): \BackedEnum
    {
        return $enum::tryFrom($in->text($key, (string) $default->value)) ??
            throw $in->wrong($key, 'is none of '.implode(', ', array_column($enum::cases(), 'value')));
    }

    /**
     * @template T
     *
     * @param \Closure(): T $read
     *
     * @return T
     */
    private static function under(Document $in, \Closure $read): mixed
    {
        try {
            return $read();
        } catch (Refused $refused) {
            // What the document itself refuses already names its place.
            throw '' !== $in->at && str_starts_with($refused->at, $in->at.'/') ? $refused : $refused->under($in->at);
        }
    }
}
