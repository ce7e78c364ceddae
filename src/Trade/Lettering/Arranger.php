<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/**
 * Puts shaped letters in their places: stacks, monograms, a name across an initial, frames. Source: handbook section 4.
 */
final readonly class Arranger
{
    /** Of the letter height: the space between the letters of a monogram. */
    private const MONOGRAM_GAP = 0.14;
    /** Of the big initial's height: the clear band round the name across it. */
    private const NAME_BAND = 0.055;

    private Lines $lines;
    private OnCircle $circle;

    public function __construct(private Glyphs $glyphs)
    {
        $this->lines = new Lines($glyphs);
        $this->circle = new OnCircle($glyphs, $this->lines);
    }

    /** The fused film at a letter height in µm; where a single line's baseline begins is the origin. */
    public function set(Words $words, int $capHeight): Region
    {
        $setting = $words->setting;
        $set = match ($setting->arrangement) {
            Arrangement::Line, Arrangement::AllRound, Arrangement::Stack => $this->stack($words, $capHeight),
            Arrangement::Knockout => $this->knockedOut($words, $capHeight),
            Arrangement::ArcUp, Arrangement::ArcDown, Arrangement::Ring => Geos::union(
                $this->circle->letters($words, $capHeight, $this->lines->cut($capHeight)),
            ),
            Arrangement::Monogram => $this->monogram($words, $capHeight),
            Arrangement::Initial => $this->initial($words, $capHeight),
        };
        $set = Arrangement::Knockout === $setting->arrangement ? $set : $this->condensed($words, $set);

        return Frame::None === $setting->frame
            ? $set
            : Geos::union([
                $set,
                Frames::around(
                    $set,
                    $capHeight,
                    $setting->frame,
                    $setting->isRing() ? $this->circle->halves($words, $capHeight) : null,
                ),
            ]);
    }

    private function knockedOut(Words $words, int $capHeight): Region
    {
        return $words->setting->isRing()
            ? Frames::cutOutOfABand(
                Geos::union($this->circle->letters($words, $capHeight, $this->lines->cut($capHeight))),
                $capHeight,
                $this->circle->halves($words, $capHeight),
            )
            : Frames::knockedOut(
                $this->condensed($words, $this->stack($words, $capHeight)),
                $capHeight,
                $words->setting->shape,
            );
    }

    /** The radius of the circle as a share of the letter height, where the words decide it. */
    public function naturalBow(Words $words): float
    {
        return $this->circle->naturalBow($words);
    }

    private function condensed(Words $words, Region $set): Region
    {
        return 0.0 === $words->setting->condense ? $set : $set->widened(1 - $words->setting->condense / 100);
    }

    /**
     * Words without fusing their letters: quick, for looking at and for measuring them by their
     * corners. At the height of a sketch; letters may overlap. Frames, monograms and the like
     * are made of fused letters and have no sketch of their own.
     */
    public function sketch(Words $words): Region
    {
        $setting = $words->setting;
        $cap = Glyphs::SKETCH_HEIGHT;
        if (Frame::None !== $setting->frame || !$setting->isProportional()) {
            return $this->set($words, $cap);
        }
        $set = match ($setting->arrangement) {
            Arrangement::Line, Arrangement::AllRound, Arrangement::Stack => Lines::together(
                Lines::stacked($this->sketched($words), $setting, $cap, $this->lines->shares($words)),
            ),
            Arrangement::ArcUp, Arrangement::ArcDown, Arrangement::Ring => Lines::together(
                $this->circle->letters($words, $cap, $this->glyphs->sketch(...)),
            ),
            default => null,
        };

        return null === $set ? $this->set($words, $cap) : $this->condensed($words, $set);
    }

    /** From baseline to baseline of stacked lines, as a share of the letter height. */
    public function pitch(Words $words): float
    {
        $cap = Glyphs::SKETCH_HEIGHT;

        return Lines::pitch($this->sketched($words), $words->setting, $cap) / $cap;
    }

    /**
     * The letter height of each line as a share of the decal's.
     *
     * @return non-empty-list<float>
     */
    public function shares(Words $words): array
    {
        return $this->lines->shares($words);
    }

    /** @return list<Region> the lines of a sketch, each where its own baseline begins */
    private function sketched(Words $words): array
    {
        $shares = $this->lines->shares($words);

        return array_map(
            fn (int $nth): Region => $this->lines
                ->loose($words, $nth, Glyphs::SKETCH_HEIGHT, $this->glyphs->sketch(...))
                ->scaled($shares[$nth]),
            array_keys($words->lines),
        );
    }

    private function stack(Words $words, int $capHeight): Region
    {
        $shares = $this->lines->shares($words);
        $lines = array_map(
            fn (int $nth): Region => $this->lines->fused($words, $nth, max(1, (int) round($shares[$nth] * $capHeight))),
            array_keys($words->lines),
        );

        return 1 === \count($lines)
            ? $lines[0]
            : Geos::union(Lines::stacked($lines, $words->setting, $capHeight, $shares));
    }

    private function monogram(Words $words, int $capHeight): Region
    {
        /** @var array{int, int, int} $stand which of the lines stands where */
        $stand = $words->setting->order->put([0, 1, 2]);
        $side =
            MonogramOrder::Equal === $words->setting->order
                ? $capHeight
                : (int) round(Setting::MONOGRAM_SIDE * $capHeight);
        $gap = (int) round((self::MONOGRAM_GAP + $words->setting->tracking / 1000) * $capHeight);
        $left = 0;
        $letters = [];
        foreach ($stand as $place => $nth) {
            $height = 1 === $place ? $capHeight : $side;
            $letter = $this->lines->fused($words, $nth, $height);
            $box = $letter->box();
            $letters[] = $letter->moved($left - $box->left, -intdiv($capHeight - $height, 2));
            $left += $box->width() + $gap;
        }

        return Geos::union($letters);
    }

    private function initial(Words $words, int $capHeight): Region
    {
        $big = $this->lines->fused($words, 0, $capHeight);
        $name = $this->lines->fused($words, 1, (int) round(Setting::NAME_ACROSS * $capHeight));
        $bigBox = $big->box();
        $nameBox = $name->box();
        $name = $name->moved(
            intdiv($bigBox->left + $bigBox->right - $nameBox->left - $nameBox->right, 2),
            intdiv($bigBox->top + $bigBox->bottom, 2) + intdiv((int) round(Setting::NAME_ACROSS * $capHeight), 2),
        );
        $band = (int) round(self::NAME_BAND * $capHeight);
        $rest = array_filter(
            Geos::difference($big, Geos::grow($name, $band))->pieces(),
            static fn (Region $piece): bool => max($piece->box()->width(), $piece->box()->height()) >= 2 * $band,
        );

        return Geos::union([$name, ...$rest]);
    }
}
