<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Knife;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Knife\CutFile;
use Yelbo\Trade\Knife\KnifeWay;
use Yelbo\Trade\Knife\Machine;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Place;

/** Cut files read back by programs this project did not write: as many outlines, as much film, in the same places. */
final class ReadersTest extends TestCase
{
    /** @var list<Region> pieces as they lie on the sheet */
    private array $put = [];
    private CutFile $file;
    private string $folder;

    protected function setUp(): void
    {
        $shapes = [];
        foreach (['Kestrel' => 'bebas', 'Ada' => 'pacifico', 'BOQ 9' => 'oswald'] as $word => $face) {
            $shapes[$word] = Lettering::typesetter()->top(Lettering::words($face, (string) $word), 40_000);
        }
        $plan = (new Nest(Gaps::same(3000, 2000), [0, 90]))->plan(
            [NestStock::sheet('s', 300_000, 200_000)],
            array_map(static fn (string $word): NestPiece => new NestPiece($word, $shapes[$word]), array_keys($shapes)),
        );
        self::assertCount(1, $plan->sheets);
        $this->put = array_map(
            static fn (Place $place): Region => $place->put($shapes[$place->piece]),
            $plan->sheets[0]->places,
        );
        $this->file = new CutFile(
            300_000,
            200_000,
            new Machine(0, 0),
            KnifeWay::through(array_map(static fn (Region $region): array => [$region, 'navy'], $this->put)),
            'Batch 7, board, force 80 g',
        );
        $this->folder = sys_get_temp_dir().'/yelbo-readers-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        rmdir($this->folder);
    }

    private function area(): float
    {
        return array_sum(array_map(static fn (Region $region): float => $region->area(), $this->put));
    }

    private function contours(): int
    {
        return array_sum(array_map(static fn (Region $region): int => \count($region->rings()), $this->put));
    }

    public function testSvgIsDrawnByLibrsvgWithAsMuchFilm(): void
    {
        $svg = $this->file->svg();
        self::assertSame($this->contours(), preg_match_all('~<path d="([^"]*)"/>~', $svg, $paths));
        // One path of all outlines, filled even-odd: what stays is black.
        $filled = preg_replace('~<g .*</g>~s', '<path fill-rule="evenodd" d="'.implode(' ', $paths[1]).'"/>', $svg);
        file_put_contents("$this->folder/sheet.svg", $filled);
        (new Process([
            'rsvg-convert',
            '-w',
            '3000',
            '-b',
            'white',
            '-o',
            "$this->folder/sheet.png",
            "$this->folder/sheet.svg",
        ]))->mustRun();
        $picture = imagecreatefrompng("$this->folder/sheet.png");
        self::assertNotFalse($picture);
        self::assertSame([3000, 2000], [imagesx($picture), imagesy($picture)], '300 × 200 mm at ten dots a mm');
        $dark = 0.0;
        for ($y = 0; $y < 2000; ++$y) {
            for ($x = 0; $x < 3000; ++$x) {
                $dark += 1 - (imagecolorat($picture, $x, $y) & 0xFF) / 255;
            }
        }
        self::assertEqualsWithDelta($this->area(), $dark / 100, 0.005 * $this->area());
    }

    public function testHpglIsReadByHp2xxWithAsManyOutlinesInTheSamePlaces(): void
    {
        file_put_contents("$this->folder/sheet.hpgl", $this->file->hpgl());
        (new Process([
            'hp2xx',
            '-q',
            '-t',
            '-m',
            'svg',
            '-f',
            "$this->folder/read.svg",
            "$this->folder/sheet.hpgl",
        ]))->mustRun();
        preg_match_all('~<path d="([^"]*)"~', (string) file_get_contents("$this->folder/read.svg"), $paths);
        // The reader begins a new path after so many points: what begins where the one before ended goes on with it.
        $rings = [];
        foreach ($paths[1] as $path) {
            preg_match_all('~(-?[\d.]+)\s*,\s*(-?[\d.]+)~', $path, $points, \PREG_SET_ORDER);
            $points = array_map(static fn (array $point): array => [(float) $point[1], (float) $point[2]], $points);
            $last = array_pop($rings);
            if (null !== $last && $last[\count($last) - 1] === $points[0]) {
                $rings[] = [...$last, ...$points];
            } else {
                array_push($rings, ...null === $last ? [$points] : [$last, $points]);
            }
        }
        self::assertCount($this->contours(), $rings);
        // The reader draws in a unit of its own.
        $xs = [0.0, ...array_merge(...array_map(static fn (array $ring): array => array_column($ring, 0), $rings))];
        $left = min([300_000, ...array_map(static fn (Region $region): int => $region->box()->left, $this->put)]);
        $right = max([0, ...array_map(static fn (Region $region): int => $region->box()->right, $this->put)]);
        $scale = (max($xs) - min(\array_slice($xs, 1) ?: [0.0])) / (($right - $left) / 1000);
        $mine = array_map(
            static fn (array $ring): float => abs(Region::signedArea($ring)) / 1e6,
            array_merge(...array_map(static fn (Region $region): array => $region->rings(), $this->put)),
        );
        $read = array_map(static function (array $ring) use ($scale): float {
            $sum = 0.0;
            foreach ($ring as $nth => [$x, $y]) {
                [$u, $v] = $ring[($nth + 1) % \count($ring)];
                $sum += $x * $v - $u * $y;
            }

            return abs($sum) / 2 / $scale ** 2;
        }, $rings);
        sort($mine);
        sort($read);
        foreach ($mine as $nth => $area) {
            self::assertEqualsWithDelta($area, $read[$nth], 0.02 * $area + 0.5, "outline $nth, mm²");
        }
    }

    public function testTheHeadSaysHowTheMachineIsSet(): void
    {
        self::assertStringContainsString('<title>Batch 7, board, force 80 g</title>', $this->file->svg());
        self::assertStringStartsWith("999\nBatch 7, board, force 80 g\n0\nSECTION", $this->file->dxf());
        self::assertStringStartsWith("IN;\nSP1;", $this->file->hpgl(), 'the knife’s language has no remarks');
    }
}
