<?php

declare(strict_types=1);

// Sends nonsense to every route a shop of its own has, as a stranger, as somebody at the bench and as the owner, and
// prints how it
// was answered: how many by what status, how long the slowest took, and each that broke something or took longer than
// it may.
// Figures, not a test. Usage: php tools/bench/hostile.php http://127.0.0.1:8442 [requests] [seed]

use Yelbo\Bench\Nonsense;
use Yelbo\Shop\Demo\DemoShop;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Nonsense.php';

$base = $argv[1];
$many = (int) ($argv[2] ?? 100_000);
$seed = (int) ($argv[3] ?? 1);
/** s */
const LONG = 2.0;
/** Requests one person makes before the next one comes: who is signed out by nonsense is signed in again. */
const GO = 500;

$description = json_decode(
    (string) file_get_contents(dirname(__DIR__, 2).'/docs/openapi.json'),
    true,
    flags: \JSON_THROW_ON_ERROR,
);
$nonsense = new Nonsense($description, $seed);
$operations = $nonsense->operations();

/** @return array{int, string, float} status, body, seconds */
$send = static function (string $method, string $path, ?string $body, string $type, string $jar, string $token) use ($base): array {
    $request = curl_init($base.$path) ?: exit('Yelbo: no request.');
    curl_setopt_array($request, [
        \CURLOPT_CUSTOMREQUEST => $method, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEJAR => $jar, \CURLOPT_COOKIEFILE => $jar, \CURLOPT_TIMEOUT => 90,
        \CURLOPT_HTTPHEADER => ["Content-Type: $type", "X-Yelbo-Token: $token", 'Expect:'],
    ] + (null === $body ? [] : [\CURLOPT_POSTFIELDS => $body]));
    $answer = (string) curl_exec($request);

    return [curl_getinfo($request, \CURLINFO_HTTP_CODE), $answer, (float) curl_getinfo($request, \CURLINFO_TOTAL_TIME)];
};

/** @return array{string, string} a jar of its own, and the token of the session in it */
$enter = static function (?string $who) use ($send): array {
    $jar = (string) tempnam(sys_get_temp_dir(), 'yelbo');
    if (null !== $who) {
        [$signIn, , , $password] = array_values(
            array_filter(DemoShop::SIGN_INS, static fn (array $one): bool => $one[0] === $who),
        )[0];
        $send(
            'POST',
            '/api/sign-in',
            json_encode(['signIn' => $signIn, 'password' => $password], \JSON_THROW_ON_ERROR),
            'application/json',
            $jar,
            'at-the-door',
        );
    }
    $me = json_decode($send('GET', '/api/me', null, 'application/json', $jar, '')[1], true);

    return [$jar, \is_array($me) ? (string) ($me['csrf'] ?? '') : ''];
};

$by = $times = $slow = $broken = [];
$began = hrtime(true);
for ($nth = 0; $nth < $many; ++$nth) {
    if (0 === $nth % GO) {
        $who = [null, DemoShop::SIGN_INS[1][0], DemoShop::SIGN_INS[0][0]][intdiv($nth, GO) % 3];
        [$jar, $token] = $enter($who);
    }
    [$method, $path] = $operations[$nth % \count($operations)];
    // Words of the way out would make a stranger of everybody, and change what people sign in with.
    if (null !== $who && preg_match('~sign-out|signed-in|password|first-owner|/people~', $path)) {
        continue;
    }
    $request = $nonsense->request($method, $path);
    [$status, $answer, $took] = $send($method, $request['path'], $request['body'], $request['type'], $jar, $token);
    $by[$status] = 1 + ($by[$status] ?? 0);
    // Whoever was signed out by it is signed in again.
    if (401 === $status && null !== $who) {
        [$jar, $token] = $enter($who);
    }
    $times[] = $took;
    $told = sprintf(
        "%s %s as %s: %d in %.2f s; %s",
        $method,
        $request['path'],
        $who ?? 'a stranger',
        $status,
        $took,
        substr((string) $request['body'], 0, 300),
    );
    if ($status >= 500 || 0 === $status) {
        $broken[] = $told;
    }
    if ($took > LONG) {
        $slow[] = $told;
    }
    if (0 === ($nth + 1) % 5000) {
        fprintf(\STDERR, "%d of %d\n", $nth + 1, $many);
    }
}
sort($times);
ksort($by);
$at = static fn (float $share): float => $times[(int) ($share * (\count($times) - 1))] ?? 0.0;
printf("%s requests from seed %d in %d s\n", number_format(\count($times)), $seed, (hrtime(true) - $began) / 1e9);
foreach ($by as $status => $count) {
    printf("%14d %9s\n", $status, number_format($count));
}
printf("5xx or none    %9d   wanted 0\nover %.0f s       %9d   wanted 0\n", \count($broken), LONG, \count($slow));
printf(
    "median %.0f ms, 95 %% within %.0f ms, 99.9 %% within %.0f ms, the slowest %.2f s\n",
    1000 * $at(0.5),
    1000 * $at(0.95),
    1000 * $at(0.999),
    $at(1.0),
);
foreach ([...array_slice($broken, 0, 40), ...array_slice($slow, 0, 40)] as $told) {
    echo "  $told\n";
}
