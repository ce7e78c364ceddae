<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Check\Cutability;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\InMemoryCache;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\HarfBuzz;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ellipse;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Rules;

/** Over random words, faces and objects: what must hold whatever comes to the counter. */
final class PropertiesTest extends TestCase
{
    private const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789&.-';

    private function word(int $long): string
    {
        $word = '';
        for ($i = 0; $i < $long; ++$i) {
            $word .= self::LETTERS[mt_rand(0, \strlen(self::LETTERS) - 1)];
        }

        return $word;
    }

    public function testAlwaysInsideNeverLargerThanFitsAndTheSameTwice(): void
    {
        mt_srand(1207);
        $faces = Lettering::faces()->all();
        $fitting = new Fitting(Lettering::typesetter(), Rules::standard());
        for ($round = 0; $round < 40; ++$round) {
            $size = Size::millimetres(mt_rand(30, 600), mt_rand(25, 300));
            $corner = Length::millimetres(mt_rand(0, (int) ($size->shorter()->toMillimetres() / 2)));
            $object = 0 === $round % 2 ? new Ellipse($size) : new Rectangle($size, $corner);
            $lines = array_map(fn (): string => $this->word(mt_rand(1, 9)), range(1, mt_rand(1, 3)));
            $words = Lettering::words($faces[$round % \count($faces)]->slug, ...$lines);
            $fitted = $fitting->fit($object, $words);
            $says = "round $round: {$words->face->slug} ".implode('/', $lines);
            self::assertTrue($fitted->inside, $says);
            self::assertTrue(
                Geos::covers(Geos::grow($fitted->safe, 2), $fitted->artwork->top()->moved(...$fitted->at)),
                $says,
            );
            self::assertFalse(
                $fitting->fit($object, $words, (int) ceil($fitted->capHeight * 1.005) + 1)->inside,
                $says,
            );
            if (0 === $round % 4) {
                self::assertEquals($fitted, $fitting->fit($object, $words), $says);
            }
        }
    }

    /** What is remembered changes nothing: a letterer that has just begun draws the same. */
    public function testMemoryChangesNothing(): void
    {
        mt_srand(88);
        foreach (\array_slice(Lettering::faces()->all(), 0, 5) as $face) {
            $words = Lettering::words($face->slug, $this->word(7));
            $fresh = new Typesetter(Lettering::faces(), new HarfBuzz(), new InMemoryCache());
            self::assertEquals(
                $fresh->artwork($words, 37_123, 1500),
                Lettering::typesetter()->artwork($words, 37_123, 1500),
                $face->slug,
            );
        }
    }

    /** An F mirrored would have its arms on the left. */
    public function testNothingIsMirrored(): void
    {
        foreach (Lettering::faces()->all() as $face) {
            if (\in_array($face->style, ['script'], true)) {
                continue;
            }
            $f = Lettering::typesetter()->top(Lettering::words($face->slug, 'F'), 40_000);
            $box = $f->box();
            $lower = Geos::clipped(
                $f,
                new Box($box->left, intdiv(2 * $box->bottom + $box->top, 3), $box->right, $box->bottom),
            );
            self::assertLessThan(
                ($box->left + $box->right) / 2 + $box->width() / 6,
                ($lower->box()->left + $lower->box()->right) / 2,
                "{$face->slug}: the foot of F stands left",
            );
            self::assertGreaterThan(
                $lower->area(),
                $f->area() - $lower->area() - $lower->area(),
                "{$face->slug}: and is lighter than its arms",
            );
        }
    }

    /** Once a word is large enough to cut, a larger one is too. */
    public function testScalingUpNeverAddsAThinStroke(): void
    {
        mt_srand(3);
        $check = new Cutability(Film::Permanent->limits(Rules::standard()));
        $thin = static fn (array $snags): int => \count(
            array_filter($snags, static fn (Snag $snag): bool => 'thin-stroke' === $snag->code->value),
        );
        foreach (['zilla-slab', 'libre-baskerville', 'pacifico'] as $face) {
            $words = Lettering::words($face, $this->word(5));
            $clean = false;
            foreach ([8000, 12_000, 20_000, 40_000, 90_000] as $height) {
                $now = $thin($check->snags(Lettering::typesetter()->top($words, $height)));
                self::assertFalse($clean && $now > 0, "$face was clean and has $now thin strokes at $height");
                $clean = 0 === $now;
            }
            self::assertTrue($clean, "$face at 90 mm cuts clean");
        }
    }
}
