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
        $output = $this->run([
            self::COMMAND, '--output-format=json', '--no-glyph-names', '--font-size=upem', '--text-file=-', $face->path,
        ], implode("\n", $lines)."\n");
        $shaped = [];
        foreach (explode("\n", trim($output)) as $line) {
            $x = $y = 0.0;
            $glyphs = [];
            /** @var array{g: int, cl: int, dx: int, dy: int, ax: int, ay: int} $glyph */
            foreach ((array) json_decode($line, true, 8, \JSON_THROW_ON_ERROR) as $glyph) {
                $glyphs[] = new PlacedGlyph($glyph['g'], $glyph['cl'], $x + $glyph['dx'], $y + $glyph['dy'], $glyph['ax']);
                $x += $glyph['ax'];
                $y += $glyph['ay'];
            }
            $shaped[] = $glyphs;
        }
        if (\count($shaped) !== \count($lines)) {
            throw new \RuntimeException('The shaper answered '.\count($shaped).' lines for '.\count($lines).'.');
        }

        return $shaped;
    }

    /** @param list<string> $command */
    private function run(array $command, string $input): string
    {
        $process = proc_open($command, [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        if (!\is_resource($process)) {
            throw new \RuntimeException('hb-shape cannot be started. `./yelbo doctor` says what is missing.');
        }
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
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
