<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Program;

/** Shaping by HarfBuzz's command, the same engine browsers use: one call for all lines. */
final readonly class HarfBuzz implements Shaper
{
    private const COMMAND = 'hb-shape';

    public function shape(Face $face, array $lines): array
    {
        return self::read(self::start($face, $lines), $lines);
    }

    public function shapeMany(array $jobs): array
    {
        $running = array_map(static fn (array $job): Program => self::start(...$job), $jobs);

        return array_map(static fn (Program $run, array $job): array => self::read($run, $job[1]), $running, $jobs);
    }

    /**
     * @param list<string> $lines
     *
     * @return list<list<PlacedGlyph>>
     */
    private static function read(Program $run, array $lines): array
    {
        $shaped = [];
        foreach (explode("\n", trim($run->answer())) as $line) {
            $x = $y = 0.0;
            $glyphs = [];
            /** @var array{g: int, cl: int, dx: int, dy: int, ax: int, ay: int} $glyph */
            foreach ((array) json_decode($line, true, 8, \JSON_THROW_ON_ERROR) as $glyph) {
                $glyphs[] = new PlacedGlyph(
                    $glyph['g'],
                    $glyph['cl'],
                    $x + $glyph['dx'],
                    $y + $glyph['dy'],
                    $glyph['ax'],
                );
                $x += $glyph['ax'];
                $y += $glyph['ay'];
            }
            $shaped[] = $glyphs;
        }
        if (\count($shaped) !== \count($lines)) {
            throw new \RuntimeException(
                'The shaper answered '.\count($shaped).' lines for '.\count($lines).'.',
            );
        }

        return $shaped;
    }

    /** @param list<string> $lines */
    private static function start(Face $face, array $lines): Program
    {
        return Program::begin(
            [self::COMMAND, '--output-format=json', '--no-glyph-names', '--font-size=upem', '--text-file=-', $face->path],
            implode("\n", $lines)."\n",
        );
    }
}
