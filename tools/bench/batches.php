<?php

declare(strict_types=1);

// Prints how long it takes to start a cut of 36 and of 150 pieces and how much of that is inside the transaction, and
// how long the list of batches takes with 20 open ones. It asks a running demo shop over HTTP only and reads the
// database's own log of statements; it leaves a film, orders and batches behind in the
// shop of its own that ./yelbo bench makes for it. Figures, not a test.
// Usage: php tools/bench/batches.php http://127.0.0.1:8412 var/run/mariadb.sock

use Yelbo\Bench\Figures;
use Yelbo\Shop\Demo\DemoShop;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Figures.php';

[, $base, $socket] = $argv;
$jar = tempnam(sys_get_temp_dir(), 'yelbo');
$token = '';
/** @return array{int, array<string, mixed>, array<string, string>} status, answer, headers */
$ask = static function (string $method, string $path, ?array $body = null, array $headers = []) use ($base, $jar, &$token): array {
    $request = curl_init($base.$path);
    $found = [];
    curl_setopt_array($request, [
        \CURLOPT_CUSTOMREQUEST => $method, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEJAR => $jar, \CURLOPT_COOKIEFILE => $jar,
        \CURLOPT_HTTPHEADER => ['Content-Type: application/json', "X-Yelbo-Token: $token", ...$headers],
        \CURLOPT_HEADERFUNCTION => static function ($request, string $line) use (&$found): int {
            [$name, $value] = explode(':', $line, 2) + [1 => ''];
            $found[strtolower($name)] = trim($value);

            return strlen($line);
        },
    ] + (null === $body ? [] : [\CURLOPT_POSTFIELDS => json_encode($body, \JSON_THROW_ON_ERROR)]));
    $answer = (array) json_decode((string) curl_exec($request), true);
    $status = curl_getinfo($request, \CURLINFO_HTTP_CODE);
    curl_close($request);

    return [$status, $answer, $found];
};
$call = static function (string $method, string $path, ?array $body = null) use ($ask): array {
    [$status, $answer] = $ask($method, $path, $body);
    if ($status >= 400 || 0 === $status) {
        fwrite(
            \STDERR,
            "Yelbo: $method $path: ".json_encode($answer['fields'] ?? $answer['detail'] ?? 'no answer')."\n",
        );
        exit(1);
    }

    return $answer;
};
$figures = Figures::begin();

$token = $call('GET', '/api/me')['csrf'];
[$signIn, , , $password] = DemoShop::SIGN_INS[0];
$call('POST', '/api/sign-in', ['signIn' => $signIn, 'password' => $password]);
$token = $call('GET', '/api/me')['csrf'];
// Where the thinking time is no figure of the shop it takes longer.
$ask('PUT', '/api/rules/think', ['value' => '1']);
$colour = 'bench '.dechex(random_int(4096, 65535));
$call(
    'POST',
    '/api/stock/films',
    ['grade' => 'permanent', 'colour' => $colour, 'swatch' => '#345678', 'price' => '9.80'],
);
$film = array_values(
    array_filter(
        $call('GET', '/api/stock')['films'],
        static fn (array $one): bool => "Permanent, $colour" === $one['name'],
    ),
)[0]['id'];
$call(
    'POST',
    '/api/stock/receive',
    ['film' => $film, 'kind' => 'sheet', 'width' => '300mm', 'height' => '600mm', 'count' => '40', 'bin' => 'T'],
);

/** An order of so many small decals, approved, laid on a sheet and released: the batch. */
$released = static function (string $words, int $count, string $width, string $height, string $face = 'fredoka') use ($call, $film): array {
    $docket = $call('POST', '/api/dockets', ['take' => true, 'answers' => [
        'customer' => 'Osric Tamblyn', 'known' => 'new', 'words' => $words, 'object' => 'Seed '
            .'tin', 'surface' => 'rectangle', 'width' => $width, 'height' => $height, 'useOf' => 'indoor', 'film' => (string) $film, 'quantity' => (string) $count,
        'neededOn' => date('Y-m-d', time() + 9 * 86400), 'appliedBy' => 'customer',
    ]]);
    $docket = $call(
        'PUT',
        "/api/dockets/{$docket['number']}/design",
        ['version' => $docket['version'], 'words' => $words, 'face' => $face, 'proof' => true],
    );
    $docket = $call(
        'POST',
        "/api/dockets/{$docket['number']}/approve",
        ['version' => $docket['version'], 'proof' => 1, 'by' => 'Osric Tamblyn'],
    );
    $pieces = array_map(
        static fn (array $piece): array => ['id' => $piece['id'], 'version' => $piece['version']],
        $docket['pieces'],
    );
    $nesting = $call('POST', '/api/nestings', ['film' => $film, 'pieces' => $pieces]);
    for ($tries = 0; $tries < 1500; ++$tries) {
        $plan = array_values(
            array_filter(
                $call('GET', "/api/nestings/{$nesting['id']}")['plans'],
                static fn (array $plan): bool => 'least-film' === $plan['kind'],
            ),
        )[0];
        if ('done' === $plan['state']) {
            $batches = $call('POST', "/api/plans/{$plan['id']}/release", ['version' => $plan['version']])['batches'];
            1 === count($batches) || exit("Yelbo: $count pieces went onto ".count($batches)." sheets, not one.\n");

            return $call('GET', "/api/batches/{$batches[0]['id']}");
        }
        usleep(200_000);
    }
    exit("Yelbo: the plan did not get done.\n");
};

$log = new PDO("mysql:unix_socket=$socket", posix_getpwuid(posix_geteuid())['name']);
$log->exec("SET GLOBAL log_output = 'TABLE'");
foreach ([
    36 => ['Marigold', '90mm', '40mm', 'pacifico'],
    150 => ['Teal', '42mm', '18mm', 'bebas'],
] as $count => [$words, $width, $height, $face]) {
    $batch = $released($words, $count, $width, $height, $face);
    $log->exec('TRUNCATE mysql.general_log');
    $log->exec('SET GLOBAL general_log = 1');
    $began = hrtime(true);
    $call(
        'POST',
        "/api/batches/{$batch['id']}/cut",
        ['version' => $batch['version'], 'stock' => $batch['stock']['id']],
    );
    $took = (hrtime(true) - $began) / 1e6;
    $log->exec('SET GLOBAL general_log = 0');
    // The transaction that put the batch on the cutter, on its own connection: from its start to its commit.
    $inside = $log->query(
        "SELECT MAX(TIMESTAMPDIFF(MICROSECOND, began.event_time, ended.event_time)) FROM mysql.general_log AS began "
            ."JOIN mysql.general_log AS ended ON ended.thread_id = began.thread_id AND ended.event_time >= "
            ."began.event_time AND ended.argument = 'COMMIT' WHERE began.argument = 'START TRANSACTION' AND NOT "
            ."EXISTS (SELECT 1 FROM mysql.general_log AS between_them WHERE between_them.thread_id = began.thread_id "
            ."AND between_them.argument = 'COMMIT' AND between_them.event_time >= began.event_time AND "
            ."between_them.event_time < ended.event_time) AND EXISTS (SELECT 1 FROM mysql.general_log AS swap WHERE "
            ."swap.thread_id = began.thread_id AND swap.argument LIKE '%batch%' AND swap.event_time BETWEEN began.event_time AND ended.event_time)",
    )->fetchColumn();
    $figures->line(
        "start of a cut of $count pieces",
        $took,
        sprintf('%6.0f ms, %6.1f of them inside the transaction', $took, (int) $inside / 1000),
    );
    $state = 'cutting';
    for ($tries = 0; $tries < 900 && 'cutting' === $state; ++$tries) {
        sleep(1);
        $state = $call('GET', "/api/batches/{$batch['id']}")['state'];
    }
}

$open = static fn (): int => count(
    array_filter(
        $call('GET', '/api/batches')['batches'],
        static fn (array $batch): bool => 'released' === $batch['state'],
    ),
);
while ($open() < 20) {
    $released('Teal', 4, '120mm', '40mm');
}
$times = $again = [];
$tag = '';
for ($nth = 0; $nth < 40; ++$nth) {
    $began = hrtime(true);
    [, , $headers] = $ask('GET', '/api/batches');
    $times[] = (hrtime(true) - $began) / 1e6;
    $tag = $headers['etag'] ?? '';
}
$figures->show('the list of batches, 20 open', $times);
if ('' !== $tag) {
    for ($nth = 0; $nth < 40; ++$nth) {
        $began = hrtime(true);
        [$status] = $ask('GET', '/api/batches', null, ["If-None-Match: $tag"]);
        if (304 === $status) {
            $again[] = (hrtime(true) - $began) / 1e6;
        }
    }
    [] === $again || $figures->show('the list of batches, where nothing changed (304)', $again);
}
unlink($jar);
$figures->end();
