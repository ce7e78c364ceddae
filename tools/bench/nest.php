<?php

declare(strict_types=1);

// Lays one made-up case out and prints what it took. Figures, not a test.
// Usage: php tools/bench/nest.php mixed|solid|guillotine|offcuts COUNT SECONDS [SEED]

use Symfony\Component\Process\Process;
use Yelbo\Tools\Decals;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Plan;
use Yelbo\Trade\Sheet\Sheet;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Decals.php';

[, $case, $count, $seconds] = $argv;
$decals = new Decals(dirname(__DIR__, 2), (int) ($argv[4] ?? 1));
[$gap, $edge, $turns] = [3000, 2000, [0, 90, 180, 270]];
$stock = [NestStock::sheet('sheet', 300_000, 600_000, 99)];
switch ($case) {
    case 'guillotine':
        [$gap, $edge, $turns] = [0, 0, [0, 90]];
        $stock = [NestStock::sheet('sheet', 300_000, 600_000)];
        $pieces = $decals->guillotine((int) $count, 300_000, 600_000);
        break;
    case 'offcuts':
        $pieces = $decals->names((int) $count);
        $odd = ['L' => 'M0 0H240V150H120V300H0Z', 'bitten' => 'M0 0H260V220H200A55 55 0 0 0 90 220H0Z', 'framed' => 'M0 0H280V280H0ZM80 90V200H210V90Z', 'corner' => 'M0 0H200V90H110V240H0Z'];
        $stock = [...array_map(static fn (string $id, string $path): NestStock => new NestStock($id, SvgPath::read($path)), array_keys($odd), $odd), ...$stock];
        break;
    default:
        $pieces = 'solid' === $case ? $decals->solid((int) $count) : $decals->mixed((int) $count);
}
$film = static fn (Plan $plan): float => array_sum(array_map(static fn (Sheet $sheet): int => $sheet->length, $plan->sheets)) / 1000;
$began = hrtime(true);
$first = null;
$tries = 0;
$until = $began + (int) (1e9 * (float) $seconds);
$plan = (new Nest(Gaps::same($gap, $edge), $turns))->plan($stock, $pieces, static function (Plan $best) use ($began, $until, &$first, &$tries): bool {
    $first ??= (hrtime(true) - $began) / 1e9;
    ++$tries;

    return hrtime(true) < $until;
});
$took = (hrtime(true) - $began) / 1e9;
preg_match('~VmHWM:\s+(\d+) kB~', (string) file_get_contents('/proc/self/status'), $memory);
$boxes = null;
if (in_array($case, ['mixed', 'solid'], true)) {
    $node = new Process(['node', __DIR__.'/boxes.mjs'], null, null, json_encode(['width' => 300, 'height' => 600, 'gap' => 3, 'edge' => 2, 'boxes' => array_map(static fn (NestPiece $piece): array => [$piece->region->box()->width() / 1000, $piece->region->box()->height() / 1000], $pieces)], \JSON_THROW_ON_ERROR), 120);
    $boxes = json_decode($node->mustRun()->getOutput(), true, 8, \JSON_THROW_ON_ERROR);
}
echo json_encode([
    'case' => $case, 'count' => (int) $count, 'seconds' => (float) $seconds, 'film' => $film($plan), 'sheets' => array_map(static fn (Sheet $sheet): string => "$sheet->stock ".round($sheet->length / 1000).' '.round($sheet->fill, 3), $plan->sheets),
    'filled' => array_sum(array_map(static fn (Sheet $sheet): float => $sheet->fill * $sheet->length, $plan->sheets)) / 600_000,
    'left' => count($plan->left), 'first' => round((float) $first, 2), 'tries' => $tries, 'took' => round($took, 2), 'megabytes' => (int) round((int) $memory[1] / 1024),
    'boxes' => $boxes, 'share' => null === $boxes ? null : round($film($plan) / $boxes['film'], 4),
], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES)."\n";
