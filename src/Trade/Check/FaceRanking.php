<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;

/**
 * The customer's own words in every face at the largest size that fits, ranked by whether and
 * how well they can be cut. Source: handbook section 4.
 */
final readonly class FaceRanking
{
    /** Beyond twice its limit nothing is cut any better. */
    private const ENOUGH = 2.0;
    /** Shares of a limit: with this much to spare it cuts well. */
    private const WELL = 1.3;

    public function __construct(
        private Fitting $fitting,
        private Typesetter $typesetter,
        private FaceMeasures $measures,
    ) {
    }

    /**
     * @param non-empty-list<Face>  $faces
     * @param \Closure(Face): Words $set     the words in a face; it may refuse
     * @param list<int>             $offsets widths of the layers underneath, µm
     * @param int                   $thicken what outlines grow by when they are mended, µm
     *
     * @return list<FaceSample> the best first
     *
     * @throws Refused where the object leaves no room
     */
    public function rank(
        Surface $surface,
        array $faces,
        \Closure $set,
        Limits $limits,
        array $offsets = [],
        int $thicken = 0,
    ): array {
        $this->shapeAll($faces, $set);
        $room = $this->fitting->sketchRoom($surface, $offsets, $thicken);
        $samples = array_map(
            fn (Face $face): FaceSample => $this->sample($face, $surface, $room, $set, $limits),
            $faces,
        );
        usort(
            $samples,
            static fn (FaceSample $a, FaceSample $b): int => [
                !$a->canBeCut(),
                -min(self::ENOUGH, $a->spare),
                -($a->capHeight ?? 0),
            ] <=> [!$b->canBeCut(), -min(self::ENOUGH, $b->spare), -($b->capHeight ?? 0)],
        );

        return $samples;
    }

    /**
     * @param non-empty-list<Face>  $faces
     * @param \Closure(Face): Words $set
     */
    private function shapeAll(array $faces, \Closure $set): void
    {
        try {
            $this->typesetter->shapeInAll(array_map($set, $faces));
        } catch (Refused) {
            // Each is shaped by itself then, and says what is wrong with it.
        }
    }

    /** @param \Closure(Face): Words $set */
    private function sample(Face $face, Surface $surface, Room $room, \Closure $set, Limits $limits): FaceSample
    {
        try {
            $words = $set($face);
            [$capHeight, $film] = $this->fitting->sketch($surface, $room, $words);
        } catch (Refused $refused) {
            return new FaceSample($face, null, null, 0.0, $refused->getMessage());
        }
        [$spare, $code, $found] = $this->measures->worst($words, $capHeight, $limits);
        $box = $film->box();

        return new FaceSample(
            $face,
            $film->moved(-$box->left, -$box->top),
            $capHeight,
            $spare,
            match (true) {
                $spare >= self::WELL => 'cuts well',
                $spare >= 1 => 'can just be cut',
                default => self::tooSmall($code, Length::micrometres($found)->inMetric()),
            },
        );
    }

    private static function tooSmall(string $code, string $mm): string
    {
        return match ($code) {
            'thin-stroke' => "strokes of $mm mm, too thin here",
            'small-island' => "a part of $mm mm would get lost",
            default => "an inside of $mm mm cannot be weeded",
        };
    }
}
