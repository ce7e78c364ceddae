<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Program;
use Yelbo\Trade\ProgramTrouble;

/** Shaping by HarfBuzz's command, the same engine browsers use: one call for all lines. */
final readonly class HarfBuzz implements Shaper
{
    private const COMMAND = 'hb-shape --output-format=json --no-glyph-names --font-size=upem --text-file=- "$1"';
    /** The face, and after it the lines of another and that: what starts them all is small, the application is not. */
    private const EACH = 'while [ $# -gt 1 ]; do printf "%s\n" "$2" | '.self::COMMAND.' || exit 1; shift 2; done';
    /** Bytes of lines that are handed over as words; more goes through a pipe. */
    private const MOST_AS_WORDS = 60_000;

    public function shape(Face $face, array $lines): array
    {
        $answer = self::run(self::COMMAND, [$face->path], implode("\n", $lines)."\n");

        return self::read(explode("\n", trim($answer)), $lines);
    }

    public function shapeMany(array $jobs): array
    {
        $words = [];
        foreach ($jobs as [$face, $lines]) {
            array_push($words, $face->path, implode("\n", $lines));
        }
        if (array_sum(array_map(strlen(...), $words)) > self::MOST_AS_WORDS) {
            return array_map(fn (array $job): array => $this->shape(...$job), $jobs);
        }
        $answer = explode("\n", trim(self::run(self::EACH, $words, '')));

        return array_map(static function (array $job) use (&$answer): array {
            return self::read(array_splice($answer, 0, \count($job[1])), $job[1]);
        }, $jobs);
    }

    /**
     * @param list<string> $words for the script, which reads nothing else of them than what they are
     *
     * @throws ProgramTrouble
     */
    private static function run(string $script, array $words, string $given): string
    {
        return Program::begin(['sh', '-c', $script, 'hb-shape', ...$words], $given)->answer();
    }

    /**
     * @param list<string> $answer a line of JSON for each
     * @param list<string> $lines
     *
     * @return list<list<PlacedGlyph>>
     */
    private static function read(array $answer, array $lines): array
    {
        $shaped = [];
        foreach ($answer as $line) {
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
}
