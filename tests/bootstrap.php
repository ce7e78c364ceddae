<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

date_default_timezone_set('UTC');

// Suites run side by side: each of the processes has a schema, backups and a memory that are nobody else's.
(static function (): void {
    $nth = getenv('TEST_TOKEN') ?: '1';
    $url = (string) getenv('DATABASE_URL');
    $var = getenv('YELBO_VAR') ?: dirname(__DIR__).'/var/test';
    foreach ([
        'DATABASE_URL' => preg_replace('~/yelbo_unit(_\d+)?\b~', "/yelbo_unit_$nth", $url),
        'YELBO_BACKUPS' => "$var/unit-$nth/backups",
        'YELBO_POOLS' => "$var/unit-$nth/pools",
    ] as $name => $value) {
        putenv("$name=$value");
        $_ENV[$name] = $_SERVER[$name] = $value;
    }
})();
