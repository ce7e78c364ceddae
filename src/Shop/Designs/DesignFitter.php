<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Art\VectorArt;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Check\FaceRanking;
use Yelbo\Trade\Check\FaceSample;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Artwork;
use Yelbo\Trade\Lettering\ElementShape;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\FittedSet;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\LineStyle;
use Yelbo\Trade\Lettering\SetFitting;
use Yelbo\Trade\Lettering\SetFrame;
use Yelbo\Trade\Lettering\SetMember;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ball;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceKind;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Object\Taper;
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
    /** µm: a shape is drawn so high where nothing is said, and then made as large as it can be. */
    private const ANY_HIGH = 100_000;
    /** Of the size in the middle: less more is not worth being off it. */
    private const WORTH = 1.02;
    /** Members of a set that are fitted exactly while it is typed, where each has a height of its own. */
    private const MOST_EXACT = 60;

    public function __construct(
        private Typesetter $typesetter,
        private Faces $faces,
        private FaceMeasures $measures,
        private ShopRules $rules,
        private Cache $cache,
        private BroughtArts $arts,
        private StillWanted $wanted,
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
            fn (): Fitted => $this->covering($object, $design, self::motif($lines, $design), Region::none()) ??
                $this->first($object, $this->words($lines, $design), $design),
        );
    }

    /**
     * What stands in the place of words that are not there.
     *
     * @param list<string> $lines
     */
    private static function motif(array $lines, Design $design): ?DesignElement
    {
        return [] === $lines ? $design->motif() : null;
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
        $spot = $this->plain(ElementShape::Disc->film(Size::millimetres(1, 1)), $design);
        $safe = $fitting->fit($surface, $spot, Typesetter::SMALLEST)->safe;
        $film = self::ofMotif(static fn (): Region => PlainFilm::pattern($pattern, $motif, $safe, $in));
        $box = $film->box();
        $words = $this->plain($film->atOrigin(), $design);

        return $fitting->fit($surface, $words, $box->height(), $design->offsets(), at: [$box->left, $box->top]);
    }

    /**
     * What is refused of it belongs to its own figures.
     *
     * @param \Closure(): Region $film
     *
     * @throws Refused at `/motif/…`
     */
    private static function ofMotif(\Closure $film): Region
    {
        try {
            return $film();
        } catch (Refused $refused) {
            throw $refused->under('/motif');
        }
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
        $isSolid = null !== $design->art() || null !== self::motif($lines, $design);

        return $this->roomFor($object, !$isSolid && Arrangement::Knockout !== $design->arrangement());
    }

    private function room(MeasuredObject $object, Words $words): Surface
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

    /** Film as it is, in the place of words. */
    private function plain(Region $film, Design $design, bool $sized = false): Words
    {
        return Words::brought(
            $this->faces->named($design->face()),
            VectorArt::fromLayers(['#000000' => $film], [], $sized),
            $design->setting(1),
        );
    }

    /**
     * One member of a set, as `members()` gives it.
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
    private function key(MeasuredObject $object, array $lines, Design $design, ?Limits $limits = null): string
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
            || null !== self::motif($lines, $design)?->pattern()
        ) {
            return null;
        }
        $key = $this->key($object, $lines, $design);
        $found = $this->cache->recall(
            "elsewhere.$key",
            fn (): Fitted => $this->fitting()->fit(
                $this->surface($object, $lines, $design),
                $this->words($lines, $design),
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
        if (SurfaceKind::Ball !== $object->kind() || null !== self::motif($lines, $design)?->pattern()) {
            return null;
        }
        $words = $this->words($lines, $design);
        $surface = $this->room($object, $words);
        $upTo = fn (float $strain): int => $this->fitting()
            ->fit($surface, $words, null, $design->offsets(), at: $design->at(), strain: $strain)
            ->largest;

        return new OnBall($upTo(Ball::FLAT), $upTo(Ball::SNIPS));
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
                $this->words($lines, $design),
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

    /**
     * A roster at one letter height.
     *
     * @param list<list<string>> $roster the lines of each member
     *
     * @throws Refused at `/set/…`
     */
    public function fitSet(MeasuredObject $object, array $roster, Design $design): FittedSet
    {
        $members = $this->members($roster, $design);

        return $this->sets()->fit(
            $this->room($object, $members[0]),
            $members,
            $design->setSize(),
            $design->offsets(),
        );
    }

    /**
     * A set to look at while it is typed: quickly where that can be, else the whole way.
     *
     * @param list<list<string>> $roster
     *
     * @return array{list<int>, list<int>, list<array{Artwork, array{int, int}, bool}>} letter heights, heights alone
     *     (µm), and each decal with its place and whether it fits
     *
     * @throws Refused at `/set/…`
     */
    public function sketchSet(MeasuredObject $object, array $roster, Design $design): array
    {
        $members = $this->members($roster, $design);
        $surface = $this->room($object, $members[0]);
        $base = $surface instanceof SurfaceLessKeepOuts ? $surface->surface : $surface;
        $size = $design->setSize();
        $isQuick = [] === $design->layers() && !($base instanceof Taper);
        // Heights of their own are told one by one: they are exact as long as that is quick.
        if ($isQuick && (!$size->each || \count($roster) > self::MOST_EXACT)) {
            return $this->sets()->sketch($surface, $members, $size);
        }
        $set = $this->fitSet($object, $roster, $design);

        return [
            array_map(static fn (SetMember $member): int => $member->fitted->capHeight, $set->members),
            array_map(static fn (SetMember $member): int => $member->alone, $set->members),
            array_map(
                static fn (SetMember $member): array => [
                    $member->fitted->artwork,
                    $member->fitted->at,
                    $member->fitted->inside,
                ],
                $set->members,
            ),
        ];
    }

    /**
     * The words in every face, the best first.
     *
     * @param list<string> $lines
     *
     * @return list<FaceSample>
     *
     * @throws Refused where the object leaves no room
     */
    public function rankFaces(MeasuredObject $object, array $lines, Design $design, Limits $limits): array
    {
        $key = $this->key($object, $lines, $design, $limits);
        $faces = $this->faces->all();

        return [] === $faces
            ? []
            : $this->cache->recall(
                "samples.$key",
                fn (): array => (new FaceRanking(
                    $this->fitting(),
                    $this->typesetter,
                    $this->measures,
                ))->rank(
                    $this->surface($object, $lines, $design),
                    $faces,
                    fn (Face $face): Words => $this->words($lines, $design->inFace($face->slug)),
                    $limits,
                    $design->offsets(),
                    $design->mending()->thicken,
                    $this->wanted->orStop(...),
                ),
            );
    }

    /**
     * The members of a set, those with a line in common lined up.
     *
     * @param list<list<string>> $roster
     *
     * @return non-empty-list<Words>
     *
     * @throws Refused at `/set/…`
     */
    public function members(array $roster, Design $design): array
    {
        $members = [];
        foreach ($roster as $nth => $lines) {
            try {
                $members[] = $this->words($lines, $design);
            } catch (Refused $refused) {
                throw $refused->under("/set/$nth");
            }
        }

        return (new SetFrame($this->typesetter))->linedUp($members) ?:
            throw new Refused('no-words', 'The roster is empty. Write one name on each line.', '/set');
    }

    /**
     * @param list<string> $lines
     *
     * @throws Refused where they cannot be set so
     */
    public function words(array $lines, Design $design): Words
    {
        $art = $design->art();
        if (null !== $art) {
            $drawing = $this->arts->drawing($art['id'])->withoutParts($design->artWithout());

            return Words::brought(
                $this->faces->named($design->face()),
                $drawing->inFilms($design->artFilms()),
                $design->setting(1),
            );
        }
        $motif = self::motif($lines, $design);
        if (null !== $motif?->pattern()) {
            throw new Refused('pattern-covers', 'A pattern covers all that is safe: it has no size of its own.');
        }

        return null === $motif
            ? Words::set(
                $this->faces->named($design->face()),
                $lines,
                $this->styled($design->setting(\count($lines)), $design),
            )
            : $this->plain(
                self::ofMotif(static fn (): Region => PlainFilm::shape($motif, self::ANY_HIGH)),
                $design,
                null !== $motif->high,
            );
    }

    private function styled(Setting $setting, Design $design): Setting
    {
        $signs = $design->signs();

        return $setting->withSigns('' === $signs ? null : $this->faces->named($signs))->styled(
            array_map(
                fn (array $style): LineStyle => new LineStyle(
                    '' === $style['face'] ? null : $this->faces->named($style['face']),
                    $style['height'],
                ),
                $design->lineStyles(),
            ),
            $design->isJustified(),
        );
    }

    private function fitting(): Fitting
    {
        return new Fitting($this->typesetter, $this->rules->current(), self::STEP);
    }

    private function sets(): SetFitting
    {
        return new SetFitting($this->typesetter, $this->rules->current(), self::STEP);
    }
}
