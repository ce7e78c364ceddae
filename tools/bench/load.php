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
    'the pictures' => ['/api/pictures', 500, 1500], 'what dries' => ['/api/drying', 500, 1500], 'the week' => ['/api/week', 500, 1500],
    'a proof as PDF' => ['/api/dockets/{proofed}/proofs/1.pdf', 500, 1500], 'a proof drawn' => ['/api/dockets/{proofed}/proofs/1.svg', 500, 1500],
];
/** Names of each of the orders that are taken and proofed at once, and how many of them. */
const NAMES = 400;
const HEAVY = 4;

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

$proofed = (int) $records->query("SELECT d.number FROM docket d JOIN proof p ON p.docket_id = d.id WHERE d.state IN ('proofing', 'making') ORDER BY d.number LIMIT 1")->fetchColumn();

printf("%-18s %10s %9s   %10s %9s   %9s %9s\n", 'p95 in ms', '1 client', 'wanted', CLIENTS.' at once', 'wanted', 'answers/s', 'kB');
foreach (ASKED as $what => [$path, $wanted, $wantedTogether]) {
    $path = str_replace('{proofed}', (string) $proofed, $path);
    $measure($path, [$sessions[0]], 3);
    [$alone, , , $failed] = $measure($path, [$sessions[0]], ALONE);
    [$together, $rate, $bytes, $failedTogether] = $measure($path, $sessions, TOGETHER);
    printf(
        "%-18s %10.1f %9d   %10.1f %9d   %9.0f %9.1f%s\n",
        $what, $alone, $wanted, $together, $wantedTogether, $rate, $bytes / 1000,
        0 < $failed + $failedTogether ? '   '.($failed + $failedTogether).' got no answer' : ($alone <= $wanted && $together <= $wantedTogether ? '' : '   slower than wanted'),
    );
}

/** The cookies a session came with, as they are sent. */
function cookies(string $jar): string
{
    $rows = array_map(static fn (string $line): array => explode("\t", trim((string) preg_replace('~^#HttpOnly_~', '', $line))), file($jar) ?: []);

    return implode('; ', array_map(static fn (array $row): string => "$row[5]=$row[6]", array_filter($rows, static fn (array $row): bool => 7 === count($row))));
}
$read = static fn (string $path, string $jar): array => json_decode((string) file_get_contents($base.$path, false, stream_context_create(['http' => ['header' => 'Cookie: '.cookies($jar)]])), true);
$film = $read('/api/stock', $sessions[0])['films'][0]['id'];
$heavy = static function (int $nth) use ($base, $sessions, $read, $film): string {
    $jar = $sessions[$nth];
    $token = $read('/api/me', $jar)['csrf'];
    $ask = static function (string $method, string $path, array $body) use ($base, $jar, $token): array {
        $request = curl_init($base.$path);
        $began = hrtime(true);
        curl_setopt_array($request, [CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIE => cookies($jar), CURLOPT_TIMEOUT => 180, CURLOPT_POSTFIELDS => json_encode($body), CURLOPT_HTTPHEADER => ['Content-Type: application/json', "X-Yelbo-Token: $token", 'Expect:']]);
        $answer = json_decode((string) curl_exec($request), true);

        return [curl_getinfo($request, CURLINFO_HTTP_CODE), $answer, (hrtime(true) - $began) / 1e9];
    };
    $roster = implode("\n", array_map(static fn (int $n): string => ucfirst(strtr(base_convert((string) (7_000_003 * ($nth + 1) + 7919 * $n), 10, 20), '0123456789', 'aeiouynrst')), range(1, NAMES)));
    $answers = ['customer' => "Heavy $nth", 'contact' => "0700 900 40$nth", 'roster' => $roster, 'object' => 'Peg label', 'surface' => 'rectangle', 'width' => '180mm', 'height' => '60mm', 'useOf' => 'indoor', 'film' => (string) $film, 'neededOn' => date('Y-m-d', time() + 30 * 86_400), 'appliedBy' => 'customer', 'quantity' => '1'];
    [$status, $docket, $took] = $ask('POST', '/api/dockets', ['take' => true, 'answers' => $answers]);
    $told = sprintf('order %d of %d names: taken %d in %.1f s', $nth + 1, NAMES, $status, $took);
    if (200 === $status) {
        [$status, , $took] = $ask('PUT', "/api/dockets/{$docket['number']}/design", ['version' => $docket['version'], 'item' => 1, 'roster' => $roster, 'face' => 'oswald', 'proof' => true]);
        $told .= sprintf(', proof %d in %.1f s', $status, $took);
    }

    return $told;
};
$records->exec('INSERT INTO tick () VALUES ()');
$records = null;
$children = [];
for ($nth = 0; $nth < HEAVY; ++$nth) {
    $child = pcntl_fork();
    if (0 === $child) {
        echo $heavy($nth), "\n";
        exit(0);
    }
    $children[] = $child;
}
$times = [];
$ask = static function (string $path, string $jar) use ($base): float {
    $request = curl_init($base.$path);
    curl_setopt_array($request, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIE => cookies($jar), CURLOPT_TIMEOUT => 60]);
    curl_exec($request);

    return 1000 * curl_getinfo($request, CURLINFO_TOTAL_TIME);
};
for ($nth = 0; [] !== $children; ++$nth) {
    $times[] = $ask('/api/line', $sessions[HEAVY]);
    0 === $nth % 20 && $ask('/api/week', $sessions[HEAVY + 1]);
    usleep(100_000);
    $children = array_filter($children, static fn (int $child): bool => 0 === pcntl_waitpid($child, $status, WNOHANG));
}
sort($times);
printf("the line beside %d orders of %d names and plans of the week: p95 %.0f ms (300 wanted), the slowest %.0f, asked %d times\n", HEAVY, NAMES, $times[(int) floor(0.95 * (count($times) - 1))], end($times), count($times));
