<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Orders\Design;
use Yelbo\Shop\Orders\Drawing;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Letterer;
use Yelbo\Trade\Lettering\Memory;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;
use Yelbo\Web\View\LengthView;
use Yelbo\Web\View\SampleView;
use Yelbo\Web\View\SizeView;

/**
 * The customer's own words in every face at the largest size that fits, ranked by whether and
 * how well they can be cut. Source: handbook section 4.
 */
final readonly class Sampler
{
    /** Beyond twice its limit nothing is cut any better. */
    private const ENOUGH = 2.0;
    /** Shares of a limit: with this much to spare it cuts well. */
    private const WELL = 1.3;

    public function __construct(private Drawing $drawing, private Faces $faces, private Letterer $letterer, private FaceMeasures $measures, private ShopRules $rules, private Memory $memory)
    {
    }

    /**
     * @param list<string> $words
     *
     * @return list<SampleView>
     */
    public function all(Thing $thing, array $words, Design $design, FilmOnShelf $film, UseOf $use): array
    {
        $rules = $this->rules->current();
        $limits = $film->limits()->in($use, $rules);
        $key = hash('xxh128', serialize([$thing, $words, $design, $limits, $rules]));

        return $this->memory->recall("samples.$key", function () use ($thing, $words, $design, $limits): array {
            $this->shapeAll($words, $design);
            $surface = $thing->kept($this->rules->current());
            $room = $this->drawing->sketchRoom($surface, $design);
            $samples = array_map(fn (Face $face): SampleView => $this->one($face, $surface, $room, $words, $design->inFace($face->slug), $limits), $this->faces->all());
            usort($samples, static fn (SampleView $a, SampleView $b): int => [!$a->canBeCut, -min(self::ENOUGH, $a->margin), -($a->largest->mm ?? 0)] <=> [!$b->canBeCut, -min(self::ENOUGH, $b->margin), -($b->largest->mm ?? 0)]);

            return $samples;
        });
    }

    /** @param list<string> $words */
    private function shapeAll(array $words, Design $design): void
    {
        $many = [];
        foreach ($this->faces->all() as $face) {
            try {
                $many[] = $this->drawing->words($words, $design->inFace($face->slug));
            } catch (Refused) {
                return;
            }
        }
        $this->letterer->shapeInAll($many);
    }

    /** @param list<string> $words */
    private function one(Face $face, Surface $surface, Room $room, array $words, Design $design, Limits $limits): SampleView
    {
        try {
            $set = $this->drawing->words($words, $design);
            [$capHeight, $film] = $this->drawing->sketch($surface, $room, $set);
        } catch (Refused $refused) {
            return new SampleView($face->slug, $face->name, $face->style, null, null, null, false, 0.0, $refused->getMessage());
        }
        [$margin, $code, $found] = $this->measures->of($set)->worst((int) round($capHeight * $set->setting->smallestLetters()), $limits);
        $says = match (true) {
            $margin >= self::WELL => 'cuts well',
            $margin >= 1 => 'can just be cut',
            default => self::short($code, $found),
        };
        $box = $film->box();

        return new SampleView($face->slug, $face->name, $face->style, SvgPath::write($film->moved(-$box->left, -$box->top)), SizeView::box($box), LengthView::micrometres($capHeight), $margin >= 1, round($margin, 3), $says);
    }

    private static function short(string $code, int $found): string
    {
        $mm = Length::micrometres($found)->inMetric();

        return match ($code) {
            'thin-stroke' => "strokes of $mm mm, too thin here",
            'small-island' => "a part of $mm mm would get lost",
            default => "an inside of $mm mm cannot be weeded",
        };
    }
}
