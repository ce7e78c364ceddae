<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Orders\Design;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Drawing;
use Yelbo\Shop\Orders\Inspection;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Bench\Weeding;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Lettering\Letterer;
use Yelbo\Trade\Lettering\Offset;
use Yelbo\Trade\Lettering\Spelling;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\KeptClear;
use Yelbo\Trade\Object\Round;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Time\Promise;
use Yelbo\Web\View\BeforeView;
use Yelbo\Web\View\BoxView;
use Yelbo\Web\View\CheckView;
use Yelbo\Web\View\FeatureView;
use Yelbo\Web\View\FitView;
use Yelbo\Web\View\FrontView;
use Yelbo\Web\View\LayerView;
use Yelbo\Web\View\LengthView;
use Yelbo\Web\View\PlacedView;
use Yelbo\Web\View\SizeView;
use Yelbo\Web\View\SnagGroupView;

/** Words drawn on an object, with the core's answers beside them. */
final readonly class Drawn
{
    public function __construct(
        private Drawing $drawing,
        private Letterer $letterer,
        private Faces $faces,
        private ShopRules $rules,
        private ClockInterface $clock,
        private FaceMeasures $measures,
        private Inspection $inspection,
    ) {
    }

    /**
     * @param list<string> $words
     *
     * @throws Refused
     */
    public function view(Thing $thing, array $words, Design $design, Film $film, UseOf $use, ?FilmOnShelf $kept = null): FitView
    {
        return $this->fitted($thing, $words, $design, $film, $use, $this->drawing->of($thing, $words, $design), $kept);
    }

    /** @param list<string> $words */
    private function fitted(Thing $thing, array $words, Design $design, Film $film, UseOf $use, Fitted $fitted, ?FilmOnShelf $kept): FitView
    {
        $rules = $this->rules->current();
        $top = $fitted->artwork->top();
        $surface = $thing->kept($rules);
        $setting = $fitted->words->setting;
        $isArt = null !== $fitted->words->art;

        [$right, $bottom, $across, $down, $features] = $this->distances($thing, $surface, $fitted);

        return new FitView(
            $words,
            $design->face(),
            LengthView::micrometres($fitted->capHeight),
            LengthView::micrometres($fitted->largest),
            LengthView::micrometres($isArt ? $fitted->capHeight : (int) round($this->letterer->xHeight($this->faces->named($design->face()), $fitted->capHeight))),
            SizeView::box($fitted->artwork->box()),
            LengthView::micrometres($fitted->at[0]),
            LengthView::micrometres($fitted->at[1]),
            $right,
            $bottom,
            $across,
            $down,
            $features,
            $fitted->inside,
            SvgPath::write($fitted->safe),
            SvgPath::write($surface->outline()),
            $surface instanceof KeptClear ? SvgPath::write($surface->keepOuts) : '',
            SizeView::of($surface->size()),
            SizeView::of($surface->wall()),
            BoxView::of($this->focus($surface, $fitted)),
            LengthView::micrometres($surface->clearance($rules)),
            SvgPath::write($top),
            array_map(static fn (Layer $layer, int $nth): LayerView => new LayerView($layer->role, SvgPath::write($layer->region), $design->films()[$nth] ?? null), $fitted->artwork->layers, array_keys($fitted->artwork->layers)),
            $this->front($surface, $fitted),
            $setting->arrangement->value,
            $setting->arrangement->isRound() ? LengthView::micrometres($setting->radius ?? (int) round($fitted->capHeight * $this->letterer->bow($fitted->words))) : null,
            $setting->condense,
            LengthView::micrometres(Offset::suggested($fitted->capHeight)),
            null === $fitted->droop ? null : LengthView::micrometres($fitted->droop),
            $fitted->bent,
            null === $fitted->strain ? null : round(100 * $fitted->strain, 2),
            $thing->panes(),
            $this->tooLong($fitted, $this->inspection->limits($film, $use, $kept)),
            \count($top->polygons),
            $top->holes(),
            $top->corners(),
            $this->before($fitted),
            round($top->area() / 100, 1),
            $kept?->life() ?? $film->life(),
            (new Promise($rules))->earliest($this->clock->now())->format(\DATE_ATOM),
        );
    }

    /**
     * What speaks against a drawing. It takes longer than drawing, so it is asked for by itself.
     *
     * @param list<string>      $words
     * @param Docket|null       $docket whose order it is: what was asked for, and what the owner lets pass
     * @param FilmOnShelf|null  $kept   the film itself, where it is known
     *
     * @throws Refused
     */
    public function check(Thing $thing, array $words, Design $design, Film $film, UseOf $use, ?Docket $docket = null, ?FilmOnShelf $kept = null): CheckView
    {
        $fitted = $this->drawing->of($thing, $words, $design);

        return new CheckView(
            array_map(static fn (SnagGroup $group): SnagGroupView => SnagGroupView::of($group, $docket?->overrulings()->of($group->code, $group->found)), $this->inspection->of($fitted, $thing, $film, $use, $kept)),
            null !== $fitted->words->art ? [] : array_column([...(null === $docket ? [] : Spelling::differences($docket->asked(), $words)), ...Spelling::doubts($words)], 'says'),
            (new Weeding($fitted->artwork->top(), $film, $this->rules->current()))->minutes,
        );
    }

    /** The art as it was before it was mended, laid over it; bent art is not told apart. */
    private function before(Fitted $fitted): ?BeforeView
    {
        if ($fitted->words->setting->mending->isNothing() || $fitted->bent) {
            return null;
        }
        $plain = $this->letterer->top($fitted->words, $fitted->capHeight);
        $mended = $this->letterer->mended($fitted->words, $plain)->box();
        $now = $fitted->artwork->top()->box();

        return new BeforeView(SvgPath::write($plain->moved($now->left - $mended->left, $now->top - $mended->top)), \count($plain->polygons), $plain->holes(), $plain->corners());
    }

    /** @return array{LengthView, LengthView, LengthView, LengthView, list<FeatureView>} */
    private function distances(Thing $thing, Surface $surface, Fitted $fitted): array
    {
        [$width, $height] = [$surface->size()->width->micrometres, $surface->size()->height->micrometres];
        $box = $fitted->artwork->box();
        [$x, $y] = [$fitted->at[0] + intdiv($box->width(), 2), $fitted->at[1] + intdiv($box->height(), 2)];

        return [
            LengthView::micrometres($width - $fitted->at[0] - $box->width()),
            LengthView::micrometres($height - $fitted->at[1] - $box->height()),
            LengthView::micrometres($x - intdiv($width, 2)),
            LengthView::micrometres($y - intdiv($height, 2)),
            array_map(static fn (array $feature): FeatureView => new FeatureView($feature['says'], LengthView::micrometres($x - $feature['x']), LengthView::micrometres($y - $feature['y'])), $thing->features()),
        ];
    }

    /**
     * @param list<string> $words
     *
     * @throws Refused for an edge or a feature the object does not have
     */
    public function placed(Thing $thing, array $words, Design $design, string $from, int $distance): PlacedView
    {
        $fitted = $this->drawing->of($thing, $words, $design);
        $size = $thing->surface()->size();
        $box = $fitted->artwork->box();
        [$edge, $nth] = explode('/', $from.'/');
        $feature = '' === $nth ? null : ($thing->features()[(int) $nth] ?? throw new Refused('no-feature', 'There is no such part on this object.', '/from'));
        $middleX = $feature['x'] ?? intdiv($size->width->micrometres, 2);
        $middleY = $feature['y'] ?? intdiv($size->height->micrometres, 2);
        [$left, $top] = $fitted->at;
        match ($edge) {
            'left' => $left = $distance,
            'right' => $left = $size->width->micrometres - $distance - $box->width(),
            'across' => $left = $middleX + $distance - intdiv($box->width(), 2),
            'top' => $top = $distance,
            'bottom' => $top = $size->height->micrometres - $distance - $box->height(),
            'down' => $top = $middleY + $distance - intdiv($box->height(), 2),
            default => throw new Refused('no-feature', 'Place it from an edge, the middle or a part of the object.', '/from'),
        };

        return new PlacedView(LengthView::micrometres($left), LengthView::micrometres($top));
    }

    /** Where the words fit at no size that can be cut: what they would need, and what they have. */
    private function tooLong(Fitted $fitted, Limits $limits): ?string
    {
        $share = $fitted->words->setting->smallestLetters();
        [$margin] = $this->measures->of($fitted->words)->worst((int) round($fitted->largest * $share), $limits);
        if ($margin >= 1 || $margin <= 0) {
            return null;
        }
        $needed = Length::micrometres($fitted->largest / $margin)->inMetric();
        $has = Length::micrometres($fitted->largest)->inMetric();

        return "Too long for this object: in this face and film letters have to be $needed mm high to be cut, and these fit at $has mm. Break the words into lines, or take a bolder or narrower face.";
    }

    /** All of a flat thing; of a round one laid flat the part that can carry a decal. */
    private function focus(Surface $surface, Fitted $fitted): Box
    {
        $whole = $surface->outline()->box();
        $base = $surface instanceof KeptClear ? $surface->surface : $surface;
        $safe = $fitted->safe->box();

        return $base instanceof Round && 2 * $safe->width() < $whole->width() ? $safe->grown(intdiv(max($safe->width(), $safe->height()), 12)) : $whole;
    }

    /** A round thing as it is seen, with what is seen of the art on it. */
    private function front(Surface $surface, Fitted $fitted): ?FrontView
    {
        $base = $surface instanceof KeptClear ? $surface->surface : $surface;
        if (!$base instanceof Round) {
            return null;
        }
        $outline = $base->front();

        return new FrontView(
            SvgPath::write($outline),
            SizeView::box($outline->box()),
            array_map(static fn (Layer $layer): string => SvgPath::write($base->seen($layer->region->moved(...$fitted->at))), $fitted->artwork->layers),
            $surface instanceof KeptClear ? SvgPath::write($base->seen($surface->keepOuts)) : '',
        );
    }
}
