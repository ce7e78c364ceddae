<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** Shaping by HarfBuzz's command, the same engine browsers use: one call for all lines. */
final readonly class HarfBuzz implements Shaper
{
    private const COMMAND = 'hb-shape';
    private const SECONDS = 5;

    public function shape(Face $face, array $lines): array
    {
        return self::read($this->start($face, $lines), $lines);
    }

    public function shapeMany(array $jobs): array
    {
        $running = array_map(fn (array $job): array => $this->start(...$job), $jobs);

        return array_map(static fn (array $run, array $job): array => self::read($run, $job[1]), $running, $jobs);
    }

    /**
     * @param array{resource, array<int, resource>} $run
     * @param list<string>                          $lines
     *
     * @return list<list<PlacedGlyph>>
     */
    private static function read(array $run, array $lines): array
    {
        $shaped = [];
        foreach (explode("\n", trim(self::output($run))) as $line) {
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

    /**
     * @param list<string> $lines
     *
     * @return array{resource, array<int, resource>}
     */
    private function start(Face $face, array $lines): array
    {
        $process = proc_open(
            [
                self::COMMAND,
                '--output-format=json',
                '--no-glyph-names',
                '--font-size=upem',
                '--text-file=-',
                $face->path,
            ],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
        );
        if (!\is_resource($process)) {
            throw new \RuntimeException('hb-shape cannot be started. `./yelbo doctor` says what is missing.');
        }
        fwrite($pipes[0], implode("\n", $lines)."\n");
        fclose($pipes[0]);

        return [$process, $pipes];
    }

    /** @param array{resource, array<int, resource>} $run */
    private static function output(array $run): string
    {
        [$process, $pipes] = $run;
        stream_set_timeout($pipes[1], self::SECONDS);
        $output = (string) stream_get_contents($pipes[1]);
        $error = (string) stream_get_contents($pipes[2]);
        fclose($pipes[1]);
        fclose($pipes[2]);
        if (0 !== proc_close($process)) {
            throw new \RuntimeException('hb-shape failed: '.trim($error));
        }

        return $output;
    }
}
