<?php

declare(strict_types=1);

// Starts cuts and kills a process somewhere in between, or stops it for some seconds, or cuts every connection to the
// database, again and again, then looks whether each batch was cut exactly
// once and booked exactly once, and whether the film adds up. It asks a running demo shop over HTTP, ends its processes
// by the ids the script wrote down, and leaves orders and batches behind. Prints what it found; not a test.
// Usage: php tools/bench/chaos.php http://127.0.0.1:8412 var [rounds] [seed]

use Yelbo\Shop\Demo\DemoShop;

require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $base, $var] = $argv;
$rounds = (int) ($argv[3] ?? 100);
$seed = (int) ($argv[4] ?? 1);
mt_srand($seed);
const VICTIMS = ['mariadb', 'fpm', 'worker', 'nester', 'planner', 'poster', 'cutter', 'nginx'];
/** Those that are one process: they can be stopped and go on. */
const HUNG = ['mariadb', 'worker', 'nester', 'planner', 'poster', 'cutter'];
/** Seconds. */
const LONGEST_HUNG = 6.0;
/** Seconds. */
const LATEST = 1.5;
const PATIENCE = 90;
const SHEETS = 9000;

$jar = tempnam(sys_get_temp_dir(), 'yelbo');
$token = '';
$request = static function (string $method, string $path, ?array $body = null, string $key = '') use ($base, $jar, &$token): CurlHandle {
    $request = curl_init($base.$path) ?: exit('Yelbo: no request.');
    curl_setopt_array($request, [
        \CURLOPT_CUSTOMREQUEST => $method, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEJAR => $jar, \CURLOPT_COOKIEFILE => $jar, \CURLOPT_TIMEOUT => 60,
        \CURLOPT_HTTPHEADER => ['Content-Type: application/json', "X-Yelbo-Token: $token", "X-Yelbo-Key: $key"],
    ] + (null === $body ? [] : [\CURLOPT_POSTFIELDS => json_encode($body, \JSON_THROW_ON_ERROR)]));

    return $request;
};
$newKey = static fn (): string => preg_replace(
    '~^(.{8})(.{4})(.{4})(.{4})~',
    '$1-$2-$3-$4-',
    bin2hex(random_bytes(16)),
) ?? '';
/** Asks until there is an answer: what got none is asked again with its key. */
$signedOut = 0;
$signIn = static function (): void {
};
$call = static function (string $method, string $path, ?array $body = null) use ($request, $newKey, &$signedOut, &$signIn): array {
    $key = $newKey();
    for ($until = time() + PATIENCE; time() < $until; usleep(200_000)) {
        $asked = $request($method, $path, $body, $key);
        $answer = json_decode((string) curl_exec($asked), true);
        $status = curl_getinfo($asked, \CURLINFO_HTTP_CODE);
        if ($status >= 200 && $status < 300 && is_array($answer)) {
            return ['status' => $status] + $answer;
        }
        // Nobody may be signed out by any of it: counted.
        if (401 === $status && '/api/sign-in' !== $path) {
            ++$signedOut;
            $signIn();
            continue;
        }
        if ($status >= 400 && $status < 500 && 429 !== $status && 409 !== $status) {
            throw new RuntimeException("$method $path was answered $status: ".json_encode($answer));
        }
        // It was kept and its answer got lost, or somebody was quicker: whoever asks looks again.
        if (409 === $status) {
            throw new DomainException("$method $path");
        }
    }
    exit("Yelbo: $method $path did not answer for ".PATIENCE." s.\n");
};

[$who, , , $password] = DemoShop::SIGN_INS[0];
$signIn = static function () use (&$call, &$token, $who, $password): void {
    $token = $call('GET', '/api/me')['csrf'];
    $call('POST', '/api/sign-in', ['signIn' => $who, 'password' => $password]);
    $token = $call('GET', '/api/me')['csrf'];
};
$signIn();
$call('PUT', '/api/rules/think', ['value' => '0']);
$colour = 'chaos '.dechex(random_int(4096, 65535));
$films = $call(
    'POST',
    '/api/stock/films',
    ['grade' => 'permanent', 'colour' => $colour, 'swatch' => '#345678'],
)['films'];
$film = array_values(
    array_filter($films, static fn (array $one): bool => "Permanent, $colour" === $one['name']),
)[0]['id'];
$call(
    'POST',
    '/api/stock/receive',
    [
        'film' => $film,
        'kind' => 'sheet',
        'width' => '300mm',
        'height' => '100mm',
        'count' => (string) SHEETS,
        'bin' => 'K',
    ],
);

$once = static function (int $nth) use ($call, $film): array {
    $docket = $call('POST', '/api/dockets', ['take' => true, 'answers' => [
        'customer' => "Keeper of lock $nth", 'words' => "Lock $nth", 'object' => 'Seed '
            .'tin', 'surface' => 'rectangle', 'width' => '120mm', 'height' => '50mm', 'useOf' => 'indoor', 'film' => (string) $film, 'quantity' => '1',
        'neededOn' => date('Y-m-d', time() + 9 * 86400), 'appliedBy' => 'customer',
    ]]);
    $docket = $call(
        'PUT',
        "/api/dockets/{$docket['number']}/design",
        ['version' => $docket['version'], 'words' => "Lock $nth", 'face' => 'bebas', 'proof' => true],
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
    for ($until = time() + PATIENCE; time() < $until; usleep(100_000)) {
        $plan = array_values(
            array_filter(
                $call('GET', "/api/nestings/{$nesting['id']}")['plans'],
                static fn (array $plan): bool => 'least-film' === $plan['kind'],
            ),
        )[0];
        if ('done' === $plan['state']) {
            $batches = $call(
                'POST',
                "/api/plans/{$plan['id']}/release",
                ['version' => $plan['version']],
            )['batches'] ?? [];
            if ([] !== $batches) {
                return $call('GET', "/api/batches/{$batches[0]['id']}") + ['docket' => $docket['number']];
            }
        }
    }
    exit("Yelbo: the plan of round $nth did not get done.\n");
};
/** Another order where something of one was kept and nobody was told. */
$released = static function (int $nth) use ($once): array {
    for (;;) {
        try {
            return $once($nth);
        } catch (DomainException) {
            continue;
        }
    }
};
$settled = static function (int $id) use ($call): array {
    for ($until = time() + PATIENCE; time() < $until; usleep(200_000)) {
        $batch = $call('GET', "/api/batches/$id");
        if ('cutting' !== ($batch['state'] ?? '')) {
            return $batch;
        }
    }

    return $batch ?? [];
};

$pid = static fn (string $name): int => (int) explode(' ', (string) @file_get_contents("$var/run/$name.child"))[0];
$owner = (string) (posix_getpwuid((int) fileowner("$var/run")) ?: ['name' => 'root'])['name'];
/** Every connection of the pages and workers to the database, as when a cable is pulled. */
$cutOff = static function () use ($var, $owner): bool {
    $ask = static fn (string $sql): string => (string) shell_exec(('root' === $owner ? '' : "setpriv --reuid=$owner --regid=$owner --clear-groups ").'mariadb --no-defaults -N -u '.$owner.' --socket='.escapeshellarg("$var/run/mariadb.sock").' -e '.escapeshellarg($sql).' 2>/dev/null');
    $ids = array_filter(explode("\n", $ask("SELECT id FROM information_schema.processlist WHERE user = 'yelbo_app'")));
    $ask(implode(';', array_map(static fn (string $id): string => "KILL CONNECTION $id", $ids)) ?: 'SELECT 1');

    return true;
};
/** One of three troubles. @return array{string, string, Closure(): bool} what is counted, of whom, and how it is done; false where it cannot be now */
$trouble = static function () use ($pid, $cutOff): array {
    $dice = mt_rand(1, 10);
    $victim = VICTIMS[mt_rand(0, count(VICTIMS) - 1)];
    $long = mt_rand(500, (int) (1000 * LONGEST_HUNG)) / 1000;
    if ($dice <= 6 || (!in_array($victim, HUNG, true) && $dice < 10)) {
        return ['killed', $victim, static fn (): bool => posix_kill($pid($victim), \SIGKILL)];
    }
    if ($dice < 10) {
        return ['hung', $victim, static function () use ($pid, $victim, $long): bool {
            $id = $pid($victim);
            if (!posix_kill($id, \SIGSTOP)) {
                return false;
            }
            exec(sprintf('(sleep %.1f; kill -CONT %d) >/dev/null 2>&1 &', $long, $id));

            return true;
        }];
    }

    return ['cut off', 'mariadb', $cutOff];
};

// What the machine did before: numbers of batches come again where the data was begun anew.
$known = is_file("$var/cutter.json")
    ? array_keys((array) json_decode((string) file_get_contents("$var/cutter.json"), true))
    : [];
$batches = $dockets = $stuck = [];
$met = [];
$again = 0;
$began = microtime(true);
for ($nth = 1; $nth <= $rounds; ++$nth) {
    $batch = $released($nth);
    $batches[] = $batch['id'];
    $dockets[] = $batch['docket'];
    [$kind, $victim, $do] = $trouble();
    $delay = mt_rand(0, (int) (1000 * LATEST)) / 1000;
    $cut = $request(
        'POST',
        "/api/batches/{$batch['id']}/cut",
        ['version' => $batch['version'], 'stock' => $batch['stock']['id']],
        $newKey(),
    );
    $both = curl_multi_init();
    curl_multi_add_handle($both, $cut);
    $at = microtime(true) + $delay;
    $isKilled = false;
    do {
        curl_multi_exec($both, $open);
        curl_multi_select($both, 0.005);
        if (!$isKilled && microtime(true) >= $at) {
            $isKilled = $do();
            $met[$kind][$victim] = ($met[$kind][$victim] ?? 0) + ($isKilled ? 1 : 0);
            $at = $isKilled ? $at : microtime(true) + 0.2;
        }
    } while ($open > 0 || !$isKilled);
    curl_multi_close($both);
    for ($tries = 0; $tries < 8; ++$tries) {
        $now = $settled($batch['id']);
        if ('released' !== ($now['state'] ?? '')) {
            break;
        }
        ++$again;
        // A machine that was killed, or hangs, takes a moment to come back.
        sleep(2);
        try {
            $call('POST', "/api/batches/{$batch['id']}/cut", ['version' => $now['version'], 'stock' => $now['stock']['id']]);
        } catch (DomainException|RuntimeException) {
            // The machine is still away.
            continue;
        }
    }
    if ('cut' !== ($now['state'] ?? '')) {
        $stuck[] = $batch['id'];
    }
    if (0 === $nth % 10) {
        printf("%3d rounds, %4.0f s\n", $nth, microtime(true) - $began);
    }
}

// The machine's own memory against the records.
$jobs = array_diff_key((array) json_decode((string) file_get_contents("$var/cutter.json"), true), array_flip($known));
$done = $begun = array_fill_keys($batches, 0);
foreach ($jobs as $job => $of) {
    if (1 === preg_match('~^batch-(\d+)-~', (string) $job, $found) && isset($done[(int) $found[1]])) {
        ++$begun[(int) $found[1]];
        $done[(int) $found[1]] += 'done' === $of['state'] ? 1 : 0;
    }
}
$booked = [];
foreach ($dockets as $number) {
    $lines = $call('GET', "/api/dockets/$number")['log'] ?? [];
    $booked[] = count(
        array_filter(
            $lines,
            static fn (array $line): bool => 'cut-done' === $line['what']
                || str_contains($line['says'], ' cut, batch '),
        ),
    );
}
$items = array_filter(
    $call('GET', '/api/stock')['items'],
    static fn (array $item): bool => $item['film']['id'] === $film && 'sheet' === $item['kind'],
);
$left = array_sum(array_column($items, 'count'));
$wrong = static fn (array $counts): int => count(array_filter($counts, static fn (int $count): bool => 1 !== $count));
printf("%d cuts begun and something wrong at each (seed %d)\n", $rounds, $seed);
foreach ($met as $kind => $victims) {
    ksort($victims);
    printf("%-12s %s\n", $kind, implode(', ', array_map(static fn (string $name, int $times): string => "$name $times", array_keys($victims), $victims)));
}
printf("%-58s %d\n", 'started again by hand, since it lost its film or was away', $again);
printf("%-58s %d\n", 'times somebody was signed out by it', $signedOut);
printf("%-58s %d\n", 'batches that were not cut in the end', count($stuck));
printf("%-58s %d\n", 'batches the machine did not cut to the end exactly once', $wrong($done));
printf("%-58s %d\n", 'orders whose cut is not booked exactly once', $wrong($booked));
printf("%-58s %d\n", 'sheets used less jobs begun', SHEETS - $left - array_sum($begun));
exit([] === $stuck && 0 === $wrong($done) && 0 === $wrong($booked) && SHEETS - $left === array_sum($begun) ? 0 : 1);
