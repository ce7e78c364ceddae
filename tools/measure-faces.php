<?php

declare(strict_types=1);

// Measures the faces that ship: the thinnest stroke, the alphabets, and for each glyph of the
// common letters what is smallest in it, as shares of the letter height. Run it after a face
// was added. Usage: php tools/measure-faces.php

use Yelbo\Trade\Check\Measures;
use Yelbo\Trade\InMemoryCache;
use Yelbo\Trade\Lettering\FaceOutlines;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Glyphs;
use Yelbo\Trade\Lettering\HarfBuzz;

require dirname(__DIR__).'/vendor/autoload.php';

const CAP = 20_000;
const ALPHABETS = ['Latin' => 'AZaz', 'Latin extended' => 'ĄŁőş', 'Cyrillic' => 'ЖДжя', 'Greek' => 'ΘΨαω', 'Hebrew' => 'אבת', 'Arabic' => 'ابت'];
$common = implode('', array_map(mb_chr(...), [...range(0x21, 0x7E), ...range(0xA1, 0xFF), 0x2013, 0x2014, 0x2018, 0x2019, 0x201C, 0x201D]));

$root = dirname(__DIR__);
$faces = new Faces($root);
$rows = json_decode((string) file_get_contents("$root/assets/faces/faces.json"), true, 8, \JSON_THROW_ON_ERROR);
$measures = [];
foreach ($faces->all() as $nth => $face) {
    $outlines = new FaceOutlines($face);
    $glyphs = new Glyphs($faces, new HarfBuzz(), new InMemoryCache());
    $scale = CAP / $outlines->capHeight();
    $letters = array_filter(mb_str_split($common), static fn (string $letter): bool => $outlines->has(mb_ord($letter)));
    $thinnest = \INF;
    foreach ($glyphs->shaped($face, array_values($letters)) as $at => $line) {
        foreach ($line as $glyph) {
            if (isset($measures[$face->slug][$glyph->glyph])) {
                continue;
            }
            $film = $glyphs->outline($face, $glyph->glyph, $scale);
            if ($film->isEmpty()) {
                continue;
            }
            $found = Measures::ofRegion($film, CAP);
            $measures[$face->slug][$glyph->glyph] = array_map(static fn (?float $share): ?float => null === $share ? null : round($share, 4), [$found->stroke, $found->island, $found->counter, $found->sure]);
            if (ctype_alnum(array_values($letters)[$at])) {
                $thinnest = min($thinnest, $found->stroke);
            }
        }
    }
    $rows[$nth]['thinnest'] = round($thinnest, 3);
    $rows[$nth]['alphabets'] = array_keys(array_filter(ALPHABETS, static fn (string $sample): bool => [] === array_filter(mb_str_split($sample), static fn (string $letter): bool => !$outlines->has(mb_ord($letter)))));
    printf("%-20s thinnest %.3f of the letter height, %d glyphs, %s\n", $face->slug, $thinnest, count($measures[$face->slug]), implode(', ', $rows[$nth]['alphabets']));
}
$line = static fn (mixed $value): string => json_encode($value, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
file_put_contents("$root/assets/faces/faces.json", "[\n".implode(",\n", array_map(static fn (array $row): string => '  '.$line($row), $rows))."\n]\n");
file_put_contents("$root/assets/faces/measures.json", "{\n".implode(",\n", array_map(static fn (string $slug, array $all): string => $line($slug).': '.$line((object) $all), array_keys($measures), $measures))."\n}\n");
