<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;

/**
 * A sheet's cut as a file. It is made from the film that stays and nothing else: there is
 * no way to hand it a guide. Of a sheet that was printed it knows where the print's register marks are, and cuts none.
 *
 * SVG and DXF carry the outlines as they should come out of the film; HPGL carries the way
 * of the holder, with the blade's offset and the overcut worked in, ready for the machine.
 */
final readonly class CutFile
{
    private const UNITS_PER_MM = 40;

    /**
     * @param int           $width  of the sheet, µm
     * @param int           $height of the sheet, µm
     * @param list<Contour> $way    in the order of cutting
     * @param string        $says   what it is and how the machine is to be set, for the head of a file that can hold it
     * @param list<array{int, int}> $marks of the print on the sheet, the middle of each, µm
     */
    public function __construct(
        private int $width,
        private int $height,
        private Machine $machine,
        private array $way,
        private string $says = '',
        private array $marks = [],
    ) {
    }

    /** How long a machine takes at its own speeds, in s. */
    public function seconds(): float
    {
        $cut = array_sum(
            array_map(
                static fn (Contour $contour): float => (new Region([[$contour->points]]))->outlineLength(),
                $this->way,
            ),
        );

        return $cut / $this->machine->cutSpeed + KnifeWay::travel($this->way) / $this->machine->travelSpeed;
    }

    /** True size in mm, one path per contour, one group per film. */
    public function svg(): string
    {
        $w = $this->width / 1000;
        $h = $this->height / 1000;
        $title = '' === $this->says ? '' : '  <title>'.self::escaped($this->says)."</title>\n";

        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" "
            ."width=\"{$w}mm\" height=\"{$h}mm\" viewBox=\"0 0 $w $h\">\n"
            ."$title{$this->svgFilms()}{$this->svgMarks()}</svg>\n";
    }

    /** A group for each film. */
    private function svgFilms(): string
    {
        $films = [];
        foreach ($this->way as $contour) {
            $films[$contour->film][] = '    <path d="'.SvgPath::write(new Region([[$contour->points]])).'"/>';
        }
        $groups = '';
        foreach (array_keys($films) as $nth => $film) {
            $label = self::escaped((string) $film);
            $groups .= '  <g id="film-'.($nth + 1).'"'.('' === $label ? '' : " data-film=\"$label\"").
                " fill=\"none\" stroke=\"#000\" stroke-width=\"0.1\">\n".
                implode("\n", $films[$film]).
                "\n  </g>\n";
        }

        return $groups;
    }

    private function svgMarks(): string
    {
        $marks = '';
        foreach ($this->marks as [$x, $y]) {
            $marks .= \sprintf("    <path d=\"M%s %sm-3 0h6m-3 -3v6\"/>\n", $x / 1000, $y / 1000);
        }

        return '' === $marks
            ? ''
            : "  <g id=\"print-marks\" fill=\"none\" stroke=\"#777\" stroke-width=\"0.1\">\n$marks  </g>\n";
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, \ENT_XML1 | \ENT_QUOTES);
    }

    /** 40 units to the mm, y up from the sheet's lower left corner. */
    public function hpgl(): string
    {
        $knife = new DragKnife($this->machine);
        $lines = ['IN;', 'SP1;'];
        foreach ($this->way as $contour) {
            $way = array_map(fn (array $point): string => $this->units($point), $knife->way($contour->points));
            if ([] === $way) {
                continue;
            }
            $lines[] = 'PU'.array_shift($way).';';
            $lines[] = 'PD'.implode(',', $way).';';
        }
        $lines[] = 'PU;';
        $lines[] = 'PA0,0;';
        $lines[] = 'SP0;';

        return implode("\n", $lines)."\n";
    }

    /** R12 ASCII, closed polylines, mm, y up. */
    public function dxf(): string
    {
        $groups = '' === $this->says ? [] : [[999, preg_replace('~[^\x20-\x7e]+~', ' ', $this->says) ?? '']];
        array_push(
            $groups,
            [0, 'SECTION'],
            [2, 'HEADER'],
            [9, '$ACADVER'],
            [1, 'AC1009'],
            [9, '$INSUNITS'],
            [70, '4'],
            [0, 'ENDSEC'],
            [0, 'SECTION'],
            [2, 'ENTITIES'],
        );
        foreach ($this->way as $contour) {
            $layer = strtoupper(preg_replace('~[^A-Za-z0-9]+~', '_', $contour->film) ?: '') ?: 'CUT';
            array_push(
                $groups,
                [0, 'POLYLINE'],
                [8, $layer],
                [66, '1'],
                [70, '1'],
                [10, '0.0'],
                [20, '0.0'],
                [30, '0.0'],
            );
            foreach ($contour->points as [$x, $y]) {
                array_push($groups, [0, 'VERTEX'], [8, $layer], ...$this->dxfPoint($x, $y));
            }
            array_push($groups, [0, 'SEQEND'], [8, $layer]);
        }
        foreach ($this->marks as [$x, $y]) {
            array_push($groups, [0, 'POINT'], [8, 'PRINT_MARKS'], ...$this->dxfPoint($x, $y));
        }
        array_push($groups, [0, 'ENDSEC'], [0, 'EOF']);

        return implode('', array_map(static fn (array $group): string => "$group[0]\n$group[1]\n", $groups));
    }

    /** @return list<array{int, string}> group codes and values; DXF counts upwards */
    private function dxfPoint(int $x, int $y): array
    {
        return [[10, self::mm($x)], [20, self::mm($this->height - $y)], [30, '0.0']];
    }

    /** @param array{float, float} $point */
    private function units(array $point): string
    {
        return round(($point[0] * self::UNITS_PER_MM) / 1000).
            ','.
            round((($this->height - $point[1]) * self::UNITS_PER_MM) / 1000);
    }

    private static function mm(int $micrometres): string
    {
        return number_format($micrometres / 1000, 3, '.', '');
    }
}
