<?php

declare(strict_types=1);

// The knife's way in the air against the best a long run of an improving search finds on the same contours. Figures, not a test.
// Usage: php tools/bench/knife.php COUNT SECONDS [SEED]

use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Tools\Decals;
use Yelbo\Trade\Knife\Contour;
use Yelbo\Trade\Knife\KnifeWay;
use Yelbo\Trade\Knife\Tour;
use Yelbo\Trade\Sheet\BoxNest;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Place;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Decals.php';

[, $count, $seconds] = $argv;
$pieces = (new Decals(dirname(__DIR__, 2), (int) ($argv[3] ?? 1)))->mixed((int) $count);
$shapes = array_column($pieces, 'region', 'id');
$plan = (new BoxNest(Gaps::same(3000, 2000), [0, 90]))->plan([NestStock::sheet('s', 300_000, 60 * 1000 * (int) $count)], $pieces);
$layers = array_map(static fn (Place $place): array => [$place->put($shapes[$place->piece]), 'film'], $plan->sheets[0]->places);
$began = hrtime(true);
$way = KnifeWay::through($layers);
$took = (hrtime(true) - $began) / 1e9;
$contours = KnifeWay::contours($layers);
$random = new Randomizer(new Mt19937(7));
$tour = new Tour(array_map(static fn (Contour $contour): array => $contour->points, $contours), KnifeWay::holders($contours));
$tour->improve();
for ($until = hrtime(true) + (int) (1e9 * (float) $seconds), $times = 1; hrtime(true) < $until; ++$times) {
    $tour->shake($random);
    if (0 === $times % 800) {
        $tour->improve(2);
    }
}
$tour->improve();
$air = KnifeWay::travel($way);
$best = min($air, $tour->length() / 1000);
echo json_encode(['count' => (int) $count, 'contours' => count($way), 'air' => round($air), 'best' => round($best), 'ratio' => round($air / $best, 3), 'took' => round($took, 2), 'tries' => $times], \JSON_THROW_ON_ERROR)."\n";
