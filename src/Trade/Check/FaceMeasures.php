<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Cache;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Frame;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;

/**
 * What is smallest in words, glyph by glyph, as shares of the letter height: measured once for
 * the faces that ship and else when it is first asked for. Quick enough to judge every face
 * while somebody types; the whole outline is judged when one is chosen.
 */
final class FaceMeasures
{
    /** µm: at which glyphs are measured. */
    private const MEASURED_AT = 20_000;
    /** Letters are put beside each other as they are. */
    private const LETTER_BY_LETTER = [
        Arrangement::Line,
        Arrangement::Stack,
        Arrangement::AllRound,
        Arrangement::ArcUp,
        Arrangement::ArcDown,
        Arrangement::Ring,
    ];

    /** @var array<string, array<int, array{float, float|null, float|null, float}>>|null */
    private ?array $shipped = null;

    public function __construct(
        private readonly Faces $faces,
        private readonly Typesetter $typesetter,
        private readonly Cache $cache,
    ) {
    }

    /**
     * The worst of what is smallest in words at a letter height, mended as they are to be.
     *
     * @param int $capHeight µm
     *
     * @return array{float, SnagCode, int} as `Measures::worst()`
     */
    public function worst(Words $words, int $capHeight, Limits $limits): array
    {
        return $this->ofWords($words)->mended($words->setting->mending, $capHeight)->worst($capHeight, $limits);
    }

    /**
     * How much of its limit what is smallest has for sure, where letters stand apart as they are drawn in their face.
     *
     * @param int $capHeight µm
     *
     * @return float|null one and more is enough; nothing where only the check itself can tell
     */
    public function spare(Words $words, int $capHeight, Limits $limits): ?float
    {
        $setting = $words->setting;
        $isPlain =
            Frame::None === $setting->frame
            && 0.0 === $setting->condense
            && null === $setting->signs
            && \in_array($setting->arrangement, self::LETTER_BY_LETTER, true);

        return $isPlain && !$words->face->isJoined()
            ? $this->ofWords($words)->mended($setting->mending, $capHeight)->spare($capHeight, $limits)
            : null;
    }

    /** What is smallest in words, as shares of the letter height. */
    public function ofWords(Words $words): Measures
    {
        $this->shipped ??= $this->cache->recall('face-measures', $this->faces->measures(...));
        $all = null;
        foreach ($this->typesetter->shares($words) as $nth => $share) {
            $known = $this->shipped[$words->faceOf($nth)->slug] ?? [];
            foreach ($this->typesetter->glyphs($words, $nth) as $glyph) {
                $one = isset($known[$glyph])
                    ? new Measures(...$known[$glyph])
                    : $this->measured($words->faceOf($nth), $glyph);
                $one = $one?->times($share);
                $all = null === $all || null === $one ? $one ?? $all : $all->and($one);
            }
        }

        $all = ($all ?? new Measures(1.0, null, null, 1.0))->times($words->setting->smallestLetters());

        return Arrangement::Knockout === $words->setting->arrangement
            ? $all->knockedOut($words->setting->mending->bridge > 0)
            : $all;
    }

    private function measured(Face $face, int $glyph): ?Measures
    {
        return $this->cache->recall("measured.$face->slug.$glyph", function () use ($face, $glyph): ?Measures {
            $film = $this->typesetter->glyph($face, $glyph, self::MEASURED_AT);

            return $film->isEmpty() ? null : Measures::ofRegion($film, self::MEASURED_AT);
        });
    }
}
