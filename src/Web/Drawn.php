<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Orders\Design;
use Yelbo\Shop\Orders\Drawing;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Bench\Weeding;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Letterer;
use Yelbo\Trade\Lettering\Memory;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Time\Promise;
use Yelbo\Web\View\CheckView;
use Yelbo\Web\View\FitView;
use Yelbo\Web\View\LengthView;
use Yelbo\Web\View\SampleView;
use Yelbo\Web\View\SizeView;
use Yelbo\Web\View\SnagView;

/** Words drawn on an object, with the core's answers beside them. */
final readonly class Drawn
{
    public function __construct(
        private Drawing $drawing,
        private Letterer $letterer,
        private Faces $faces,
        private ShopRules $rules,
        private ClockInterface $clock,
        private Memory $memory,
    ) {
    }

    /**
     * @param list<string> $words
     *
     * @throws Refused
     */
    public function view(Thing $thing, array $words, Design $design, Film $film): FitView
    {
        $rules = $this->rules->current();
        $fitted = $this->drawing->of($thing, $words, $design);
        $top = $fitted->artwork->top();
        $box = $fitted->artwork->box();

        return new FitView(
            $words,
            $design->face(),
            LengthView::micrometres($fitted->capHeight),
            LengthView::micrometres($fitted->largest),
            LengthView::micrometres((int) round($this->letterer->xHeight($this->faces->named($design->face()), $fitted->capHeight))),
            new SizeView(LengthView::micrometres($box->width()), LengthView::micrometres($box->height())),
            LengthView::micrometres($fitted->at[0]),
            LengthView::micrometres($fitted->at[1]),
            $fitted->inside,
            SvgPath::write($fitted->safe),
            SvgPath::write($thing->surface()->outline()),
            SizeView::of($thing->size()),
            LengthView::micrometres($thing->surface()->clearance($rules)),
            SvgPath::write($top),
            \count($top->polygons),
            $top->holes(),
            round($top->area() / 100, 1),
            $film->life(),
            (new Promise($rules))->earliest($this->clock->now())->format(\DATE_ATOM),
        );
    }

    /**
     * What speaks against a drawing. It takes longer than drawing, so it is asked for by itself.
     *
     * @param list<string> $words
     *
     * @throws Refused
     */
    public function check(Thing $thing, array $words, Design $design, Film $film, UseOf $use): CheckView
    {
        $rules = $this->rules->current();
        $fitted = $this->drawing->of($thing, $words, $design);

        return new CheckView(
            array_map(SnagView::of(...), $this->snags($fitted, $film, $use)),
            (new Weeding($fitted->artwork->top(), $film, $rules))->minutes,
        );
    }

    /**
     * The words in one face at the largest size that fits.
     *
     * @param list<string> $words
     */
    public function sample(string $face, Thing $thing, array $words, Film $film, UseOf $use): SampleView
    {
        $named = $this->faces->named($face);
        try {
            $fitted = $this->drawing->of($thing, $words, new Design($face));
        } catch (Refused $refused) {
            return new SampleView($face, $named->name, $named->style, null, null, null, false, $refused->getMessage());
        }
        $box = $fitted->artwork->box();
        $path = SvgPath::write($fitted->artwork->top());
        $stops = array_values(array_filter(
            $this->snags($fitted, $film, $use),
            static fn (Snag $snag): bool => Snag::STOP === $snag->severity,
        ));
        usort($stops, static fn (Snag $a, Snag $b): int => $a->found / max(1, $a->limit) <=> $b->found / max(1, $b->limit));
        $worst = $stops[0] ?? null;

        return new SampleView($face, $named->name, $named->style, $path,
            new SizeView(LengthView::micrometres($box->width()), LengthView::micrometres($box->height())),
            LengthView::micrometres($fitted->capHeight), null === $worst, null === $worst ? 'cuts well' : $this->short($worst));
    }

    /**
     * A design from what was typed.
     *
     * @throws Refusals
     */
    public static function design(string $face, string $capHeight, string $left, string $top, string $units): Design
    {
        $system = Units::tryFrom($units) ?? Units::Metric;
        $read = static function (string $field, string $typed) use ($system): ?int {
            if ('' === trim($typed)) {
                return null;
            }
            $negative = str_starts_with(trim($typed), '-');
            try {
                $length = Length::read(ltrim(trim($typed), '-'), $system)->micrometres;
            } catch (Refused $refused) {
                throw Refusals::at($field, $refused->getMessage());
            }

            return $negative ? -$length : $length;
        };
        $height = $read('capHeight', $capHeight);
        if (null !== $height && ($height < 500 || $height > 20_000_000)) {
            throw Refusals::at('capHeight', 'A letter height goes from 0.5 mm to 20 m.');
        }
        $at = [$read('left', $left), $read('top', $top)];

        return new Design($face, $height, null === $at[1] ? null : $at[0], null === $at[0] ? null : $at[1]);
    }

    /** @return list<Snag> */
    private function snags(Fitted $fitted, Film $film, UseOf $use): array
    {
        $key = hash('xxh128', serialize([$fitted->artwork, $fitted->inside, $fitted->largest, $film, $use, $this->rules->current()]));

        return $this->memory->recall("snags.$key", fn (): array => $this->drawing->snags($fitted, $film, $use));
    }

    private function short(Snag $snag): string
    {
        $found = Length::micrometres($snag->found)->inMetric();

        return match ($snag->code) {
            'thin-stroke' => "strokes of $found mm, too thin here",
            'small-island' => "a part of $found mm would get lost",
            'small-counter' => "an inside of $found mm cannot be weeded",
            default => $snag->message,
        };
    }
}
