<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Knife;

use PHPUnit\Framework\TestCase;
use Yelbo\Device\Cutter\HpglWay;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Geometry\Winding;
use Yelbo\Trade\Knife\Contour;
use Yelbo\Trade\Knife\CutFile;
use Yelbo\Trade\Knife\DragKnife;
use Yelbo\Trade\Knife\KnifeWay;
use Yelbo\Trade\Knife\Machine;

final class CutFileTest extends TestCase
{
    private Region $art;

    protected function setUp(): void
    {
        $word = Lettering::typesetter()->top(Lettering::words('bebas', 'BOAT 8'), 40_000);
        $this->art = $word->moved(10_000 - $word->box()->left, 10_000 - $word->box()->top);
    }

    private function file(Machine $machine = new Machine(0, 0)): CutFile
    {
        return new CutFile(200_000, 80_000, $machine, KnifeWay::through([[$this->art, 'Permanent, navy']]));
    }

    /** What goes in is the film that stays; what comes out is every outline of it and nothing else. */
    public function testTheSvgHoldsEveryContourAndNothingElse(): void
    {
        $xml = new \SimpleXMLElement($this->file()->svg());
        self::assertSame(
            ['200mm', '80mm', '0 0 200 80'],
            [(string) $xml['width'], (string) $xml['height'], (string) $xml['viewBox']],
        );
        $paths = array_map(
            static fn (\SimpleXMLElement $path): string => (string) $path['d'],
            iterator_to_array($xml->g->path, false),
        );
        self::assertCount(\count($this->art->rings()), $paths);
        self::assertEqualsWithDelta(
            $this->art->area(),
            $this->evenOdd(array_map(static fn (string $path): Region => SvgPath::read($path), $paths))->area(),
            1e-6,
        );
        self::assertCount(1, $xml->children(), 'one group for the one film');
        self::assertSame('Permanent, navy', (string) $xml->g['data-film']);
    }

    public function testTheHpglHoldsTheSameAndSpeaksFortyUnitsToTheMillimetre(): void
    {
        $hpgl = $this->file()->hpgl();
        self::assertStringStartsWith("IN;\nSP1;\n", $hpgl);
        $rings = $this->drawn($hpgl);
        self::assertCount(\count($this->art->rings()), $rings);
        self::assertEqualsWithDelta(
            $this->art->area(),
            $this->evenOdd(array_map(static fn (array $ring): Region => Winding::region([$ring]), $rings))->area(),
            3,
        );
        [, $bottom, , $top] = HpglWay::read($hpgl)->reach();
        self::assertEqualsWithDelta(
            70,
            $top,
            0.05,
            'y runs up: the top of the art is 10 mm under the top of the sheet',
        );
        self::assertEqualsWithDelta(80 - $this->art->box()->bottom / 1000, $bottom, 0.05);
    }

    public function testTheDxfHoldsClosedPolylinesInMillimetres(): void
    {
        $dxf = $this->file()->dxf();
        self::assertStringContainsString("\nAC1009\n", $dxf);
        self::assertSame(\count($this->art->rings()), substr_count($dxf, "\nPOLYLINE\n"));
        self::assertSame($this->art->corners(), substr_count($dxf, "\nVERTEX\n"));
        self::assertSame(substr_count($dxf, "\nPOLYLINE\n"), substr_count($dxf, "\nSEQEND\n"));
        self::assertStringEndsWith("EOF\n", $dxf);
        preg_match_all('~\nVERTEX\n8\n[A-Z_]+\n10\n([\d.-]+)\n20\n([\d.-]+)\n~', $dxf, $found);
        self::assertEqualsWithDelta(70, max([0.0, ...array_map(floatval(...), $found[2])]), 0.001);
    }

    public function testInsideContoursComeBeforeTheOutsideThatHoldsThem(): void
    {
        $island = SvgPath::read('M0 0H100V60H0ZM10 10V50H90V10ZM20 20H80V40H20ZM30 25V35H70V25Z');
        $way = KnifeWay::through([[$island, ''], [$this->art->moved(0, 100_000), '']]);
        self::assertCount(4 + \count($this->art->rings()), $way);
        foreach ($way as $nth => $contour) {
            foreach (\array_slice($way, 0, $nth) as $earlier) {
                self::assertFalse(
                    Geos::covers(Winding::region([$earlier->points]), Winding::region([$contour->points]))
                        && $earlier != $contour,
                    'an outline was cut before something inside it',
                );
            }
        }
    }

    public function testTheTimeIsCutAndTravelAtTheMachinesSpeeds(): void
    {
        $square = SvgPath::read('M0 0H80V80H0Z');
        $file = new CutFile(100_000, 100_000, new Machine(0, 0, 80, 200), KnifeWay::through([[$square, '']]));
        self::assertEqualsWithDelta(320 / 80, $file->seconds(), 0.001);
    }

    public function testNearContoursComeNextToEachOther(): void
    {
        $way = KnifeWay::through([[$this->art, '']]);
        $shuffled = $way;
        mt_srand(3);
        shuffle($shuffled);
        self::assertLessThan(KnifeWay::travel($shuffled), KnifeWay::travel($way));
    }

    /** A drag knife trails its holder: pulling a tip behind the way must give the outline back. */
    public function testTheTipOfADragKnifeFollowsTheOutline(): void
    {
        $ring = [[0, 0], [20_000, 0], [20_000, 12_000], [9000, 4000], [0, 12_000]];
        $way = (new DragKnife(new Machine(250, 500)))->way($ring);
        $tip = $this->pulled($way, 250);
        $asked = Winding::region([$ring]);
        foreach ($tip as [$x, $y]) {
            self::assertLessThan(35, $this->offOutline($x, $y, $ring), 'the tip keeps to the line');
        }
        self::assertEqualsWithDelta(
            $asked->area(),
            Winding::region([
                array_map(static fn (array $point): array => [(int) $point[0], (int) $point[1]], $tip),
            ])->area(),
            0.6,
        );
        self::assertEqualsWithDelta(500, $tip[\count($tip) - 1][0], 40, 'and goes on for the overcut');
    }

    public function testNoOffsetAndNoOvercutIsTheOutlineItself(): void
    {
        $ring = [[0, 0], [20_000, 0], [20_000, 12_000]];
        $way = (new DragKnife(new Machine(0, 0)))->way($ring);
        self::assertEqualsWithDelta(
            120.0,
            Winding::region([
                array_map(static fn (array $point): array => [(int) $point[0], (int) $point[1]], $way),
            ])->area(),
            1e-6,
        );
        self::assertEquals([0.0, 0.0], $way[\count($way) - 1], 'closed');
    }

    public function testAContourCanBeginAnywhere(): void
    {
        self::assertSame([[2, 2], [0, 0], [1, 1]], (new Contour([[0, 0], [1, 1], [2, 2]], false))->from(2)->points);
    }

    /**
     * @param list<array{float, float}> $way
     *
     * @return list<array{float, float}>
     */
    private function pulled(array $way, float $trail): array
    {
        $tip = [$way[0][0] - $trail, $way[0][1]];
        $track = [$tip];
        $from = $way[0];
        foreach (\array_slice($way, 1) as $to) {
            $steps = max(1, (int) ceil(hypot($to[0] - $from[0], $to[1] - $from[1]) / 5));
            for ($i = 1; $i <= $steps; ++$i) {
                $holder = [
                    $from[0] + (($to[0] - $from[0]) * $i) / $steps,
                    $from[1] + (($to[1] - $from[1]) * $i) / $steps,
                ];
                $long = hypot($tip[0] - $holder[0], $tip[1] - $holder[1]);
                $tip = [
                    $holder[0] + (($tip[0] - $holder[0]) * $trail) / $long,
                    $holder[1] + (($tip[1] - $holder[1]) * $trail) / $long,
                ];
                $track[] = $tip;
            }
            $from = $to;
        }

        return $track;
    }

    /** @param list<array{int, int}> $ring */
    private function offOutline(float $x, float $y, array $ring): float
    {
        $least = \INF;
        foreach ($ring as $nth => [$px, $py]) {
            [$qx, $qy] = $ring[($nth + 1) % \count($ring)];
            $t = max(
                0,
                min(1, (($x - $px) * ($qx - $px) + ($y - $py) * ($qy - $py)) / (($qx - $px) ** 2 + ($qy - $py) ** 2)),
            );
            $least = min($least, hypot($px + $t * ($qx - $px) - $x, $py + $t * ($qy - $py) - $y));
        }

        return $least;
    }

    /**
     * @return list<list<array{int, int}>> µm, y down
     */
    private function drawn(string $hpgl): array
    {
        $rings = [];
        $ring = [];
        foreach (HpglWay::read($hpgl)->moves as [$x, $y, $down]) {
            if (!$down) {
                $rings[] = $ring;
                $ring = [];
            }
            $ring[] = [(int) round(1000 * $x), (int) round(1000 * (80 - $y))];
        }

        return array_values(array_filter($rings, static fn (array $ring): bool => \count($ring) > 2));
    }

    /** @param list<Region> $regions */
    private function evenOdd(array $regions): Region
    {
        $film = Region::none();
        foreach ($regions as $region) {
            $film = Geos::union([Geos::difference($film, $region), Geos::difference($region, $film)]);
        }

        return $film;
    }
}
