<?php

declare(strict_types=1);

// Prints how long a fit, a check, the sampler, a roster, a drawing and a photo take, in the core and over HTTP. Figures, not a test.
// Usage: php tools/bench.php http://127.0.0.1:8412

use Yelbo\Bench\Figures;
use Yelbo\Shop\Demo\DemoShop;
use Yelbo\Trade\Art\SvgDrawing;
use Yelbo\Trade\Check\DecalCheck;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\InMemoryCache;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\HarfBuzz;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Rules;

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/bench/Figures.php';

const FACES = ['oswald', 'pacifico', 'libre-baskerville', 'fredoka', 'alfa-slab'];
$words = static fn (int $nth): string => substr('Marigoldberry', 0, 11).chr(97 + $nth % 26);

$figures = Figures::begin();
$faces = new Faces(dirname(__DIR__));
$plate = new Rectangle(Size::millimetres(180, 90), Length::millimetres(4));
$cold = $warm = [];
for ($nth = 0; $nth < 50; ++$nth) {
    $fitting = new Fitting(new Typesetter($faces, new HarfBuzz(), new InMemoryCache()), Rules::standard());
    $set = Words::set($faces->named(FACES[$nth % 5]), [$words($nth)], Arrangement::Line);
    foreach ([&$cold, &$warm] as &$times) {
        $began = hrtime(true);
        $fitting->fit($plate, $set);
        $times[] = (hrtime(true) - $began) / 1e6;
    }
}
$figures->show('12-letter fit, core, nothing remembered', $cold);
$figures->show('12-letter fit, core, words remembered', $warm);

// The check alone: a script with its rim, at the largest size, where strokes are near or under their limit.
$judgement = new DecalCheck(Rules::standard());
$typesetter = new Typesetter($faces, new HarfBuzz(), new InMemoryCache());
$times = [];
foreach (['pacifico', 'lobster', 'kaushan', 'dancing', 'great-vibes', 'sacramento'] as $face) {
    foreach ([[180, 90], [120, 40], [300, 80], [90, 30]] as [$width, $height]) {
        $fitted = (new Fitting($typesetter, Rules::standard()))->fit(new Rectangle(Size::millimetres($width, $height), Length::millimetres(4)), Words::set($faces->named($face), ['Marigoldberr'], Arrangement::Line), null, 1500);
        $began = hrtime(true);
        $judgement->judge($fitted, Film::Permanent, Usage::Outdoor);
        $times[] = (hrtime(true) - $began) / 1e6;
    }
}
$figures->show('check of a 12-letter script with its rim', $times);
// A drawing of 5,000 corners: a field of stars, some too small, some too near.
$stars = '';
for ($nth = 0; $nth < 250; ++$nth) {
    $points = array_map(static fn (int $at): string => sprintf('%.2f,%.2f', 12 * ($nth % 25) + 6 + (0 === $at % 2 ? 5.9 : 2.4 - $nth / 150) * cos($at * \M_PI / 10), 12 * intdiv($nth, 25) + 6 + (0 === $at % 2 ? 5.9 : 2.4 - $nth / 150) * sin($at * \M_PI / 10)), range(0, 19));
    $stars .= '<polygon points="'.implode(' ', $points).'"/>';
}
$svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"300mm\" height=\"120mm\" viewBox=\"0 0 300 120\">$stars</svg>";
$read = $checked = [];
for ($nth = 0; $nth < 5; ++$nth) {
    $began = hrtime(true);
    $brought = SvgDrawing::read($svg);
    $read[] = (hrtime(true) - $began) / 1e6;
    $fitted = (new Fitting($typesetter, Rules::standard()))->fit(new Rectangle(Size::millimetres(320, 140), Length::millimetres(0)), Words::brought($faces->named('oswald'), $brought, new Setting()));
    $began = hrtime(true);
    $judgement->judge($fitted, Film::Permanent, Usage::Outdoor);
    $checked[] = (hrtime(true) - $began) / 1e6;
}
$figures->show(sprintf('a drawing of %d corners read', $brought->corners()), $read);
$figures->show('the same checked', $checked);

$base = $argv[1];
$jar = tempnam(sys_get_temp_dir(), 'yelbo');
$call = static function (string $method, string $path, ?array $body = null, string $token = '') use ($base, $jar): array {
    $request = curl_init($base.$path);
    curl_setopt_array($request, [
        \CURLOPT_CUSTOMREQUEST => $method, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEJAR => $jar, \CURLOPT_COOKIEFILE => $jar,
        \CURLOPT_HTTPHEADER => ['Content-Type: application/json', "X-Yelbo-Token: $token"],
    ] + (null === $body ? [] : [\CURLOPT_POSTFIELDS => json_encode($body, \JSON_THROW_ON_ERROR)]));
    $answer = (array) json_decode((string) curl_exec($request), true);
    if (curl_getinfo($request, \CURLINFO_HTTP_CODE) >= 400) {
        fwrite(\STDERR, 'Yelbo: '.($answer['detail'] ?? 'no answer')."\n");
        exit(1);
    }
    curl_close($request);

    return $answer;
};
[$signIn, , , $password] = DemoShop::SIGN_INS[0];
$call('POST', '/api/sign-in', ['signIn' => $signIn, 'password' => $password], $call('GET', '/api/me')['csrf']);
$token = $call('GET', '/api/me')['csrf'];
$docket = $call('GET', '/api/dockets?station=size')['dockets'][0]['number'] ?? exit("Nothing stands at Size; ./yelbo demo --fresh puts something there.\n");
$salt = dechex(random_int(4096, 65535));
foreach (['new words each time' => true, 'the same words at other sizes' => false] as $what => $new) {
    $times = [];
    for ($nth = 0; $nth < 100; ++$nth) {
        $text = $new ? substr('Marigoldberry', 0, 12 - strlen($salt) - 2).$salt.chr(97 + intdiv($nth, 26)).chr(97 + $nth % 26) : 'Marigoldberr';
        $ask = ['docket' => $docket, 'words' => $text, 'face' => FACES[$nth % 5], 'capHeight' => $new ? '' : (20 + $nth / 10).'mm'];
        $began = hrtime(true);
        $call('POST', '/api/fit', $ask, $token);
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    $figures->show("12-letter fit, HTTP, $what", $times);
}
/** @param list<array<string, mixed>> $bodies */
$measure = static function (string $what, array $bodies, string $path) use ($call, $token, $figures): void {
    $times = [];
    foreach ($bodies as $body) {
        $began = hrtime(true);
        $call('POST', $path, $body, $token);
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    $figures->show($what, $times);
};
$letters = str_split('abcdefghilmnoprstuvwy');
$invent = static function (int $long) use ($letters): string {
    $word = '';
    while (strlen($word) < $long) {
        $word .= $letters[random_int(0, count($letters) - 1)];
    }

    return ucfirst($word);
};
$call('POST', '/api/samples', ['docket' => $docket, 'words' => ucfirst(implode('', $letters)), 'face' => ''], $token);
$twelve = array_map(static fn (): string => $invent(12), range(1, 8));
$measure('sampler of all faces, 12 letters, cold', array_map(static fn (string $word): array => ['docket' => $docket, 'words' => $word, 'face' => ''], $twelve), '/api/samples');
$measure('sampler of all faces, 12 letters, warm', array_map(static fn (string $word): array => ['docket' => $docket, 'words' => $word, 'face' => ''], $twelve), '/api/samples');
$measure('roster of 30, new names each time', array_map(static fn (): array => ['docket' => $docket, 'face' => 'fredoka', 'roster' => implode("\n", array_map(static fn (): string => $invent(random_int(3, 11)), range(1, 30)))], range(1, 6)), '/api/set');
$measure('roster of 200, new names each time', array_map(static fn (): array => ['docket' => $docket, 'face' => 'fredoka', 'roster' => implode("\n", array_map(static fn (): string => $invent(random_int(3, 11)), range(1, 200)))], range(1, 3)), '/api/set');

$photo = imagecreatetruecolor(4000, 3000);
imagefill($photo, 0, 0, 0xECE8E0);
imagefilledellipse($photo, 2000, 1500, 2400, 1500, 0x783C28);
ob_start();
imagejpeg($photo, null, 90);
$bytes = (string) ob_get_clean();
$times = [];
for ($nth = 0; $nth < 5; ++$nth) {
    $request = curl_init("$base/api/photos");
    curl_setopt_array($request, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => $jar, \CURLOPT_COOKIEJAR => $jar, \CURLOPT_POSTFIELDS => $bytes, \CURLOPT_HTTPHEADER => ['Content-Type: application/octet-stream', "X-Yelbo-Token: $token"]]);
    $began = hrtime(true);
    curl_exec($request);
    $times[] = (hrtime(true) - $began) / 1e6;
    curl_close($request);
}
$figures->show('photo of 12 megapixels, traced', $times);
$times = [];
for ($nth = 0; $nth < 60; ++$nth) {
    $began = hrtime(true);
    $call('GET', '/api/line');
    $times[] = (hrtime(true) - $began) / 1e6;
}
$figures->show('the line, HTTP', $times);

// One thing on an object against eight of it: words of their own, shapes, a pattern round them.
$beside = [];
foreach (['Ada', 'Cass', 'Hal'] as $nth => $text) {
    $beside[] = ['kind' => 'words', 'words' => $text, 'high' => '9mm', 'left' => (12 + 46 * $nth).'mm', 'top' => '8mm'];
}
foreach (['disc', 'star', 'ring', 'polygon'] as $nth => $shape) {
    $beside[] = ['kind' => 'shape', 'what' => $shape, 'high' => '12mm', 'left' => (12 + 34 * $nth).'mm', 'top' => '64mm'];
}
$each = [];
foreach ([1, 8] as $many) {
    foreach (['fit', 'check', 'cures'] as $route) {
        $times = [];
        for ($nth = 0; $nth < 15; ++$nth) {
            $body = ['docket' => $docket, 'words' => 'Heron'.chr(97 + $nth), 'face' => FACES[$nth % 5], 'capHeight' => (16 + $nth / 10 + $many / 100).'mm'];
            $began = hrtime(true);
            $call('POST', "/api/$route", $body + (1 === $many ? [] : ['elements' => $beside]), $token);
            $times[] = (hrtime(true) - $began) / 1e6;
        }
        sort($times);
        $each[$route][$many] = $times[7];
        $figures->show("$route of ".(1 === $many ? 'words alone' : 'eight things on an object').', HTTP', $times);
    }
}
foreach ($each as $route => $times) {
    printf("%-46s %6.2f times that of one (wanted 2)\n", "$route of eight things", $times[8] / $times[1]);
}
unlink($jar);
$figures->end();
