<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ellipse;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;

/** The parts that several documents share, read and written the same way. */
final readonly class Reading
{
    public function __construct(private Faces $faces)
    {
    }

    /** @param list<string>|null $lines instead of the document's own */
    public function words(Document $in, ?array $lines = null): Words
    {
        $face = $in->text('face');
        $lines ??= $in->texts('lines');
        $arrangement = $this->arrangement($in);
        $tracking = (int) round($in->number('tracking', -2000, 2000, 0));

        return self::under($in, fn (): Words => Words::set($this->faces->named($face), $lines, $arrangement, $tracking));
    }

    public function surface(Document $in): Surface
    {
        $kind = $in->text('surface');
        $surface = match ($kind) {
            'rectangle' => self::rectangle($in),
            'ellipse' => new Ellipse(self::size($in)),
            default => throw new Refused('unknown-surface', '“'.mb_substr($kind, 0, 40).'” cannot be measured yet. There are rectangle, ellipse.', $in->at.'/surface'),
        };
        $in->end();

        return $surface;
    }

    public function path(Document $in, string $key = 'path'): Region
    {
        $path = $in->text($key);

        return $in->at($key, static fn (): Region => SvgPath::read($path));
    }

    public function film(Document $in): Film
    {
        return Film::tryFrom($in->text('film', Film::Permanent->value)) ?? throw $in->wrong('film', 'is not a film. There are '.implode(', ', array_column(Film::cases(), 'value')));
    }

    public function useOf(Document $in): UseOf
    {
        return UseOf::tryFrom($in->text('use', UseOf::Indoor->value)) ?? throw $in->wrong('use', 'is not a use. There are '.implode(', ', array_column(UseOf::cases(), 'value')));
    }

    /** @return array{role: string, path: string, box: array{width: float, height: float}, keeps: int, counters: int, area: float} */
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

    private static function rectangle(Document $in): Surface
    {
        $size = self::size($in);
        $corner = Length::millimetres($in->number('corner', 0, 100_000, 0));

        return self::under($in, static fn (): Surface => new Rectangle($size, $corner));
    }

    private static function size(Document $in): Size
    {
        return new Size(Length::micrometres($in->length('width')), Length::micrometres($in->length('height')));
    }

    private function arrangement(Document $in): Arrangement
    {
        $name = $in->text('arrangement', Arrangement::Line->value);

        return Arrangement::tryFrom($name) ?? throw $in->wrong('arrangement', 'cannot be set yet. There are '.implode(', ', array_column(Arrangement::cases(), 'value')));
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
            throw $refused->under($in->at);
        }
    }
}
