<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\ElementShape;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\SketchFitting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ball;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceKind;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/** Sets a design's words on an object by the shop's rules. */
final readonly class DesignFitter
{
    /** µm: what is told is told in tenths of a millimetre, and fits as it is told. */
    public const STEP = 100;
    /** µm over all: what is typed lies between. */
    public const SMALLEST = Typesetter::SMALLEST;
    public const LARGEST = Typesetter::LARGEST;
    /** Of the size in the middle: less more is not worth being off it. */
    private const WORTH = 1.02;

    public function __construct(
        private Typesetter $typesetter,
        private DesignWords $words,
        private ShopRules $rules,
        private Cache $cache,
        private BroughtArts $arts,
    ) {
    }

    /**
     * One decal.
     *
     * @param list<string> $lines
     *
     * @throws Refused where the object leaves no room, or the words cannot be set
     */
    public function fit(MeasuredObject $object, array $lines, Design $design): Fitted
    {
        $key = $this->key($object, $lines, $design);

        return $this->cache->recall(
            "fitted.$key",
            fn (): Fitted => $this->covering($object, $design, DesignWords::motif($lines, $design), Region::none()) ??
                $this->first($object, $this->words->of($lines, $design), $design),
        );
    }

    /**
     * A pattern in the place of words, parted for what lies in it.
     *
     * @param Region $in what lies in it, in the object's frame, µm
     *
     * @return Fitted|null none of what is no pattern, and has a size of its own
     *
     * @throws Refused where nothing of it fits any more
     */
    public function parted(MeasuredObject $object, Design $design, Region $in): ?Fitted
    {
        return $this->covering($object, $design, $design->motif(), $in);
    }

    /** A pattern over all that is safe; none of what has a size of its own. */
    private function covering(MeasuredObject $object, Design $design, ?DesignElement $motif, Region $in): ?Fitted
    {
        $pattern = $motif?->pattern();
        if (null === $motif || null === $pattern) {
            return null;
        }
        $surface = $object->kept($this->rules->current());
        $fitting = $this->fitting();
        $spot = $this->words->plain(ElementShape::Disc->film(Size::millimetres(1, 1)), $design);
        $safe = $fitting->fit($surface, $spot, Typesetter::SMALLEST)->safe;
        $film = DesignWords::ofMotif(static fn (): Region => PlainFilm::pattern($pattern, $motif, $safe, $in));
        $box = $film->box();
        $words = $this->words->plain($film->atOrigin(), $design);

        return $fitting->fit($surface, $words, $box->height(), $design->offsets(), at: [$box->left, $box->top]);
    }

    /**
     * What there is room on for a design: film may go over an edge where that is wanted, letters stay on the front.
     *
     * @param list<string> $lines
     *
     * @throws Refused where the object leaves no room
     */
    public function surface(MeasuredObject $object, array $lines, Design $design): Surface
    {
        $isSolid = null !== $design->art() || null !== DesignWords::motif($lines, $design);

        return $this->roomFor($object, !$isSolid && Arrangement::Knockout !== $design->arrangement());
    }

    /** What there is room on for words as they are set. @throws Refused where the object leaves none */
    public function room(MeasuredObject $object, Words $words): Surface
    {
        return $this->roomFor(
            $object,
            null === $words->art && Arrangement::Knockout !== $words->setting->arrangement,
        );
    }

    private function roomFor(MeasuredObject $object, bool $areLetters): Surface
    {
        $rules = $this->rules->current();

        return $areLetters ? $object->front($rules) : $object->kept($rules);
    }

    /**
     * One member of a set, as `RosterFitter::members()` gives it.
     *
     * @throws Refused where the object leaves no room, or the words cannot be set
     */
    public function fitMember(MeasuredObject $object, Words $words, Design $design): Fitted
    {
        $key = hash('xxh128', serialize([$object, $words->key(), $design, $this->rules->current()]));

        return $this->cache->recall("fitted.$key", fn (): Fitted => $this->first($object, $words, $design));
    }

    /**
     * What a drawing is remembered by.
     *
     * @param list<string> $lines
     */
    public function key(MeasuredObject $object, array $lines, Design $design, ?Limits $limits = null): string
    {
        $drawn = $this->arts->contents($design);

        return hash('xxh128', serialize([$object, $lines, $design, $drawn, $limits, $this->rules->current()]));
    }

    /** The size that was typed, or the first one: the largest, but on a vehicle what people put on a car. */
    private function first(MeasuredObject $object, Words $words, Design $design): Fitted
    {
        $rules = $this->rules->current();
        $surface = $this->room($object, $words);
        $fitting = $this->fitting();
        $fitted = $fitting->fit($surface, $words, $design->capHeight(), $design->offsets(), at: $design->at());
        $usual = $rules->micrometres(Rule::VehicleFirst);
        $box = $fitted->artwork->box();
        if (
            SurfaceKind::Panel !== $object->kind()
            || null !== $design->capHeight()
            || max($box->width(), $box->height()) <= $usual
        ) {
            return $fitted;
        }
        $offsets = $design->offsets();
        $smaller = $fitting->fitTo($surface, $words, $usual, $usual, $offsets, at: $design->at())->capHeight;

        return $fitting
            ->fit($surface, $words, intdiv($smaller, self::STEP) * self::STEP, $offsets, at: $design->at())
            ->upTo($fitted->largest);
    }

    /**
     * A larger place off the middle, where there is one worth the name.
     *
     * @param list<string> $lines
     *
     * @return LargerPlace|null nothing where its place or its size is typed, or the middle is as good
     *
     * @throws Refused where the object leaves no room, or the words cannot be set
     */
    public function elsewhere(MeasuredObject $object, array $lines, Design $design): ?LargerPlace
    {
        if (
            null !== $design->at()
            || null !== $design->capHeight()
            || Arrangement::AllRound === $design->arrangement()
            || null !== DesignWords::motif($lines, $design)?->pattern()
        ) {
            return null;
        }
        $key = $this->key($object, $lines, $design);
        $found = $this->cache->recall(
            "elsewhere.$key",
            fn (): Fitted => $this->fitting()->fit(
                $this->surface($object, $lines, $design),
                $this->words->of($lines, $design),
                null,
                $design->offsets(),
                centred: false,
            ),
        );

        $middle = $this->fit($object, $lines, $design);

        return $found->capHeight > self::WORTH * $middle->largest
            ? new LargerPlace($found->capHeight, $found->at[0], $found->at[1], $found->moreThan($middle))
            : null;
    }

    /**
     * How large letters may be where the object is a ball.
     *
     * @param list<string> $lines
     *
     * @return OnBall|null none where it is no ball
     *
     * @throws Refused where the object leaves no room, or the words cannot be set
     */
    public function onBall(MeasuredObject $object, array $lines, Design $design): ?OnBall
    {
        if (SurfaceKind::Ball !== $object->kind() || null !== DesignWords::motif($lines, $design)?->pattern()) {
            return null;
        }
        $words = $this->words->of($lines, $design);
        $surface = $this->room($object, $words);
        $upTo = fn (Rule $strain): int => $this->fitting()
            ->fit(
                $surface,
                $words,
                null,
                $design->offsets(),
                at: $design->at(),
                strain: $this->rules->current()->share($strain),
            )
            ->largest;

        return new OnBall($upTo(Rule::BallFlat), $upTo(Rule::BallSnips));
    }

    /**
     * The letter height at which the art's box is so wide, so high, or just inside of both, µm.
     *
     * @param list<string> $lines
     * @param int|null     $width  µm
     * @param int|null     $height µm
     *
     * @throws Refused where there is no such size
     */
    public function heightFor(MeasuredObject $object, array $lines, Design $design, ?int $width, ?int $height): int
    {
        return $this->fitting()
            ->fitTo(
                $this->surface($object, $lines, $design),
                $this->words->of($lines, $design),
                $width,
                $height,
                $design->offsets(),
                at: $design->at(),
            )
            ->capHeight;
    }

    /** Words at the size at which they are just inside a box. @throws Refused where there is no such size */
    public function fitBox(MeasuredObject $object, Words $words, Design $design, Box $box): Fitted
    {
        $surface = $this->room($object, $words);

        return $this->fitting()->fitTo($surface, $words, $box->width(), $box->height(), $design->offsets());
    }

    /** A fitting by the shop's figures, in the steps that sizes are told in. */
    public function fitting(): Fitting
    {
        return new Fitting($this->typesetter, $this->rules->current(), self::STEP);
    }

    /** Fits for a look at many, by the shop's figures. */
    public function sketches(): SketchFitting
    {
        return new SketchFitting($this->typesetter, $this->rules->current());
    }
}
