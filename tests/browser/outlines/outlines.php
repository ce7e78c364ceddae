<?php

declare(strict_types=1);

// Writes the core's outlines of awkward words in every face as JSON, a millimetre to the pixel,
// for a browser to lay over its own. Usage: php tests/browser/outlines/outlines.php

use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\InMemoryCache;
use Yelbo\Trade\Lettering\FaceOutlines;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\HarfBuzz;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Refused;

$root = dirname(__DIR__, 3);
require $root.'/vendor/autoload.php';

// 200 px, or so much more or less that the browser's font size is a whole number: it draws no others true.
const CAP_HEIGHT = 200;
const WORDS = [
    'Hamburg',
    'fjord & office',
    'AVATAR',
    '1,079.35',
    'Zoë Åse',
    'y',
    '“Quay” – don’t',
    'Ταύρος',
    'Жуковский',
    'שלום',
    'سلام',
];

$faces = new Faces($root);
$typesetter = new Typesetter($faces, new HarfBuzz(), new InMemoryCache());
$all = [];
foreach ($faces->all() as $face) {
    $outlines = new FaceOutlines($face);
    $fontSize = (int) round((CAP_HEIGHT * $outlines->unitsPerEm) / $outlines->capHeight());
    $capHeight = (int) round((1000 * $fontSize * $outlines->capHeight()) / $outlines->unitsPerEm);
    $words = [];
    foreach (WORDS as $text) {
        try {
            $words[] = [
                'text' => $text,
                'path' => SvgPath::write(
                    $typesetter->top(Words::set($face, [$text], new Setting()), $capHeight, $capHeight),
                ),
            ];
        } catch (Refused $refused) {
            if ('missing-character' !== $refused->reason) {
                throw $refused;
            }
        }
    }
    $all[] = ['slug' => $face->slug, 'file' => $face->path, 'fontSize' => $fontSize, 'words' => $words];
}
echo json_encode($all, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
