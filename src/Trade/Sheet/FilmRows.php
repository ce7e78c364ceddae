<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;

/**
 * Boxes laid in rows on sheets of one kind: each in the first row with room for it, rows on a new sheet where none has
 * room. What no sheet holds is cut in panels. Quick and plain: for an estimate, not for a plan.
 */
final readonly class FilmRows
{
    /** The longer side across wherever that fits, down wherever that fits, or as each was drawn. */
    public const LYING = 'lying';
    public const UPRIGHT = 'upright';
    public const AS_IT_IS = 'as it is';
    public const WAYS = [self::LYING, self::UPRIGHT, self::AS_IT_IS];

    private function __construct(private FilmSheet $film, private int $gap, private string $way)
    {
    }

    /**
     * Lays boxes out.
     *
     * @param list<array{Box, int}> $boxes and how many of each
     * @param int                   $gap   between them, µm
     * @param list<string>          $ways  how they may be turned: the best of these
     *
     * @return array{float, bool} mm² of film, and whether something of it is cut in panels
     */
    public static function of(array $boxes, FilmSheet $film, int $gap, array $ways): array
    {
        $laid = array_map(static fn (string $way): array => (new self($film, $gap, $way))->laid($boxes), $ways);
        $whole = array_filter($laid, static fn (array $rows): bool => !$rows[1]);
        $areas = array_column($whole ?: $laid, 0);

        return [[] === $areas ? 0.0 : min($areas), [] === $whole];
    }

    /**
     * @param list<array{Box, int}> $boxes
     *
     * @return array{float, bool}
     */
    private function laid(array $boxes): array
    {
        $area = 0.0;
        $inPanels = false;
        $sides = [];
        foreach ($boxes as [$box, $count]) {
            $turned = $this->turned($box);
            if (null === $turned) {
                $area += $count * $this->inPanels($box);
                $inPanels = true;
            } else {
                $sides[] = [...$turned, $count];
            }
        }
        // The highest first fills rows of unlike heights, the longest first rows of names that are about as high.
        $laid = [];
        foreach ([1, 0] as $by) {
            usort($sides, static fn (array $a, array $b): int => [$b[$by], $b[1 - $by]] <=> [$a[$by], $a[1 - $by]]);
            $laid[] = $this->onSheets($this->rows($sides));
        }

        return [$area + min($laid), $inPanels];
    }

    /**
     * @param list<array{int, int, int}> $sides across, down, and how many
     *
     * @return list<int> how high each row is, µm
     */
    private function rows(array $sides): array
    {
        $rows = [];
        foreach ($sides as [$across, $high, $count]) {
            $wide = $across + $this->gap;
            foreach ($rows as $nth => [$tall, $free]) {
                $beside = min($count, intdiv($free, $wide));
                if ($beside > 0) {
                    $rows[$nth] = [max($tall, $high), $free - $beside * $wide];
                    $count -= $beside;
                }
            }
            $all = $this->film->across() + $this->gap;
            for ($each = max(1, intdiv($all, $wide)); $count > 0; $count -= $each) {
                $rows[] = [$high, $all - min($each, $count) * $wide];
            }
        }

        return array_column($rows, 0);
    }

    /**
     * @param list<int> $rows
     *
     * @return float mm²
     */
    private function onSheets(array $rows): float
    {
        rsort($rows);
        $sheets = [];
        foreach ($rows as $high) {
            $sheet = $this->room($sheets, $high);
            $sheets[$sheet] = ($sheets[$sheet] ?? -$this->gap) + $high + $this->gap;
        }

        return array_sum(array_map($this->film->used(...), $sheets));
    }

    /**
     * The first sheet with room for a row, or a new one.
     *
     * @param array<int, int> $sheets how far down each is used, µm
     */
    private function room(array $sheets, int $high): int
    {
        foreach ($sheets as $nth => $down) {
            if ($down + $this->gap + $high <= $this->film->down()) {
                return $nth;
            }
        }

        return \count($sheets);
    }

    /** @return array{int, int}|null across and down, µm; none where no sheet holds it */
    private function turned(Box $box): ?array
    {
        $long = max($box->width(), $box->height());
        $short = min($box->width(), $box->height());
        $ways = match ($this->way) {
            self::LYING => [[$long, $short], [$short, $long]],
            self::UPRIGHT => [[$short, $long], [$long, $short]],
            default => [[$box->width(), $box->height()]],
        };
        foreach ($ways as [$across, $down]) {
            if ($across <= $this->film->across() && $down <= $this->film->down()) {
                return [$across, $down];
            }
        }

        return null;
    }

    /** Strips of it over the whole width, one to a sheet; mm². */
    private function inPanels(Box $box): float
    {
        $sides = [$box->width(), $box->height()];
        $best = \INF;
        foreach ([$sides, array_reverse($sides)] as [$long, $short]) {
            $across = $this->film->across();
            $strips = $long <= $across ? 1 : (int) ceil($long / max(1, $across - $this->gap));
            $each = (int) ceil($short / $this->film->down());
            $best = min($best, $strips * $each * $this->film->used((int) ceil($short / $each)));
        }

        return $best;
    }
}
