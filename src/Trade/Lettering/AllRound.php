<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Object\Wall;
use Yelbo\Trade\Refused;

/**
 * Words once round a wall that closes: the space between two of them is the space where the ends meet. Source:
 * handbook section 3, cylinder and taper.
 */
final readonly class AllRound
{
    private const ROUNDS = 12;
    /** µm: letters this much apart are one size. */
    private const SETTLED = 2;

    public function __construct(private Typesetter $typesetter)
    {
    }

    /**
     * The largest letter height at which they go round evenly, or the wanted one, and the words spaced for it.
     *
     * @param int|null                             $capHeight µm; the largest where left out
     * @param \Closure(Words, int|null): Fitted $fit       fits words as they are
     *
     * @throws Refused where the object is no wall that art goes all round, or the words are too long for it
     */
    public function fit(Surface $surface, Words $words, ?int $capHeight, \Closure $fit): Fitted
    {
        $wall = self::wall($surface);
        $fitted = $fit($words, null);
        $most = $fitted->largest;
        for ($try = 0; $try < self::ROUNDS; ++$try) {
            $round = self::round($wall, $fitted);
            $tried = min($most, $this->most($words, $round));
            $spaced = $this->spaced($words, $tried, $round);
            $fitted = $fit($spaced, null);
            $fitted = $fitted->largest > $tried ? $fit($spaced, $tried) : $fitted;
            $fits = $fitted->largest >= $tried - self::SETTLED;
            $most = $fits ? min($tried, $fitted->largest) : $this->between($words, $spaced, $round, $fitted->largest);
            if ($fits && $most <= $this->most($words, self::round($wall, $fitted)) + self::SETTLED) {
                break;
            }
        }
        $chosen = $capHeight ?? $most;
        $fitted = $fit($this->spaced($words, $chosen, self::round($wall, $fitted)), $chosen);
        // How far round it is where the words end up decides how far apart they are.
        $fitted = $fit($this->spaced($words, $chosen, self::round($wall, $fitted)), $chosen);

        return new Fitted(...[
            ...get_object_vars($fitted),
            'largest' => null === $capHeight ? min($most, $fitted->largest) : $most,
            'inside' => $fitted->inside && $chosen <= $most,
        ]);
    }

    /**
     * The largest letter height by what is round the wall alone, for a sketch, µm.
     *
     * @throws Refused where the object is no wall that art goes all round
     */
    public function sketched(Surface $surface, Words $words): int
    {
        $wall = self::wall($surface);

        return $this->most($words, $wall->around($wall->outline()->box()->height() / 2));
    }

    /** @throws Refused */
    private static function wall(Surface $surface): Wall
    {
        $wall = $surface instanceof SurfaceLessKeepOuts ? $surface->surface : $surface;
        if (!$wall instanceof Wall) {
            throw new Refused(
                'not-round',
                'Words go all round a cylinder or a taper: a mug, a tumbler, a bucket. Take one line here.',
                '/arrangement',
            );
        }

        return $wall->isWrapped()
            ? $wall
            : throw new Refused(
                'not-all-round',
                'Art is kept to what is seen from the front of this object. Say that it goes all round (360°), or '
                    .'take one line.',
                '/arrangement',
            );
    }

    /** Round the wall where the middle of the art lies, µm. */
    private static function round(Wall $wall, Fitted $fitted): float
    {
        $box = $wall->straight($fitted->artwork->top()->moved(...$fitted->at))->box();

        return $wall->around(($box->top + $box->bottom) / 2);
    }

    /** At which the space where the ends meet is that of the face, µm. */
    private function most(Words $words, float $round): int
    {
        return (int) floor($round / $this->typesetter->closed($words)[0] / self::narrowed($words));
    }

    /**
     * The letter height at which words spaced for it are as wide as those that are spaced for another fit, µm.
     *
     * @param Words $spaced  the same, spaced too wide or too near
     * @param int   $fitting at which they fit, µm
     */
    private function between(Words $words, Words $spaced, float $round, int $fitting): int
    {
        [$long, $spaces] = $this->typesetter->closed($words);
        $inside = 1 - 1 / $spaces;
        $ink = $this->typesetter->sketch($words)->box()->width() / Glyphs::SKETCH_HEIGHT;
        $free = $fitting * ($ink + self::narrowed($words) * ($spaces - 1) * $spaced->setting->wordSpace);
        $most = (int) floor(($free - $inside * $round) / ($ink - $inside * $long * self::narrowed($words)));

        return $most >= Typesetter::SMALLEST ? $most : throw NoRoom::forWords();
    }

    private function spaced(Words $words, int $capHeight, float $round): Words
    {
        [$long, $spaces] = $this->typesetter->closed($words);

        $wanted = $round / $capHeight / self::narrowed($words);

        return $words->with($words->setting->spaced(max(0.0, ($wanted - $long) / $spaces)));
    }

    /** What is left of a width when it is condensed. */
    private static function narrowed(Words $words): float
    {
        return 1 - $words->setting->condense / 100;
    }
}
