<?php

declare(strict_types=1);

// Puts years of orders into a shop of its own and prints how long the lists take to answer, at one client and at twenty
// at once, each with a session of its own and nothing remembered, beside what is wanted. Figures, not a test.
// Usage: DATABASE_URL=… php tools/bench/load.php http://127.0.0.1:8442 [orders] [open]

use Yelbo\Bench\YearsOfWork;
use Yelbo\Shop\Demo\DemoShop;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/YearsOfWork.php';

$base = $argv[1];
$orders = (int) ($argv[2] ?? 100_000);
$open = (int) ($argv[3] ?? 370);
const CLIENTS = 20;
const ALONE = 40;
const TOGETHER = 15;
/** What is asked, and its p95 in ms that is wanted of one client and of twenty. */
const ASKED = [
    'the line' => ['/api/line', 60, 400], 'list at Proof' => ['/api/dockets?station=proof', 60, 400], 'waiting at Batch' => ['/api/batches/waiting', 80, 500],
    'batches' => ['/api/batches', 40, 250], 'rests' => ['/api/remnants', 60, 300], 'stock' => ['/api/stock', 80, 400],
    'find by number' => ['/api/dockets?find=Y-0455', 20, 150], 'find by words' => ['/api/dockets?find=heron%20seed', 80, 500], 'pieces at Weed' => ['/api/pieces?station=weed', 80, 500],
    'the book' => ['/api/book', 80, 500], 'the book by words' => ['/api/book?find=y-0455%20moved', 80, 500], 'the book by docket' => ['/api/book?find=Y-0455', 80, 500],
    'the book by who and kind' => ['/api/book?who=Tomas&what=piece', 80, 500], 'the book by days' => ['/api/book?first=2026-01-01&last=2026-12-31', 80, 500],
    'the pictures' => ['/api/pictures', 400, 4000],
];

$at = parse_url((string) getenv('DATABASE_URL'));
$records = new PDO("mysql:host={$at['host']};port={$at['port']};dbname=".ltrim($at['path'], '/').';charset=utf8mb4', $at['user'], $at['pass'], [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
$began = hrtime(true);
(new YearsOfWork($records))->add($orders, $open);
$count = static fn (string $table): string => number_format((int) $records->query("SELECT COUNT(*) FROM $table")->fetchColumn());
printf("%s orders, %s pieces, %s lines of the book, %d open; made in %d s\n", $count('docket'), $count('piece'), $count('log_entry'), (int) $records->query("SELECT COUNT(*) FROM docket WHERE state NOT IN ('done', 'cancelled')")->fetchColumn(), (hrtime(true) - $began) / 1e9);

/** A session of its own, signed in. */
$session = static function () use ($base): string {
    $jar = tempnam(sys_get_temp_dir(), 'yelbo');
    $ask = static function (string $path, ?array $body, string $token) use ($base, $jar): array {
        $request = curl_init($base.$path);
        curl_setopt_array($request, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar, CURLOPT_HTTPHEADER => ['Content-Type: application/json', "X-Yelbo-Token: $token"]]
            + (null === $body ? [] : [CURLOPT_POSTFIELDS => json_encode($body)]));

        return json_decode((string) curl_exec($request), true) ?? exit("Yelbo: $path did not answer.\n");
    };
    [$signIn, , , $password] = DemoShop::SIGN_INS[0];
    $ask('/api/sign-in', ['signIn' => $signIn, 'password' => $password], $ask('/api/me', null, '')['csrf']);

    return $jar;
};
$sessions = array_map($session, range(1, CLIENTS));

/**
 * @param list<string> $sessions one client each
 *
 * @return array{float, float, int, int} p95 in ms, answers a second, bytes, answers that were none
 */
$measure = static function (string $path, array $sessions, int $each) use ($base): array {
    $multi = curl_multi_init();
    $times = $left = [];
    $bytes = $failed = 0;
    $start = static function (string $jar) use ($multi, $base, $path, &$left): void {
        $request = curl_init($base.$path);
        curl_setopt_array($request, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $jar, CURLOPT_ENCODING => 'gzip', CURLOPT_TIMEOUT => 120, CURLOPT_PRIVATE => $jar]);
        $left[$jar] = ($left[$jar] ?? 0) + 1;
        curl_multi_add_handle($multi, $request);
    };
    array_map($start, $sessions);
    $began = hrtime(true);
    do {
        curl_multi_exec($multi, $running);
        while (false !== ($done = curl_multi_info_read($multi))) {
            $request = $done['handle'];
            $times[] = 1000 * curl_getinfo($request, CURLINFO_TOTAL_TIME);
            $bytes = strlen((string) curl_multi_getcontent($request));
            $failed += 200 === curl_getinfo($request, CURLINFO_HTTP_CODE) ? 0 : 1;
            $jar = curl_getinfo($request, CURLINFO_PRIVATE);
            curl_multi_remove_handle($multi, $request);
            if ($left[$jar] < $each) {
                $start($jar);
                $running = 1;
            }
        }
        curl_multi_select($multi, 0.05);
    } while ($running > 0 || count($times) < $each * count($sessions));
    sort($times);

    return [$times[(int) floor(0.95 * (count($times) - 1))], 1e9 * count($times) / (hrtime(true) - $began), $bytes, $failed];
};

printf("%-18s %10s %9s   %10s %9s   %9s %9s\n", 'p95 in ms', '1 client', 'wanted', CLIENTS.' at once', 'wanted', 'answers/s', 'kB');
foreach (ASKED as $what => [$path, $wanted, $wantedTogether]) {
    $measure($path, [$sessions[0]], 3);
    [$alone, , , $failed] = $measure($path, [$sessions[0]], ALONE);
    [$together, $rate, $bytes, $failedTogether] = $measure($path, $sessions, TOGETHER);
    printf(
        "%-18s %10.1f %9d   %10.1f %9d   %9.0f %9.1f%s\n",
        $what, $alone, $wanted, $together, $wantedTogether, $rate, $bytes / 1000,
        0 < $failed + $failedTogether ? '   '.($failed + $failedTogether).' got no answer' : ($alone <= $wanted && $together <= $wantedTogether ? '' : '   slower than wanted'),
    );
}
