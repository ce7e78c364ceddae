<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use Yelbo\Trade\InMemoryCache;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\HarfBuzz;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;

/** The core's lettering put together by hand, as a script would. */
final class Lettering
{
    private static ?Typesetter $typesetter = null;

    public static function faces(): Faces
    {
        return new Faces(\dirname(__DIR__, 3));
    }

    public static function typesetter(): Typesetter
    {
        return self::$typesetter ??= new Typesetter(self::faces(), new HarfBuzz(), new InMemoryCache());
    }

    public static function words(string $face, string ...$lines): Words
    {
        return Words::set(
            self::faces()->named($face),
            array_values($lines),
            \count($lines) > 1 ? Arrangement::Stack : Arrangement::Line,
        );
    }
}
