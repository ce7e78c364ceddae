<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Check\SnagCode;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Artwork;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Offset;
use Yelbo\Trade\Lettering\Placing;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Round;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Refused;

/** Draws a design on its object, with the core's answers beside it. */
final readonly class DesignDrawer
{
    /** µm: at which cases are drawn beside each other. */
    private const CASE_HEIGHT = 20_000;
    /** Of the art's longer side: what is shown round it on a large round object. */
    private const ROUND_THE_ART = 12;

    public function __construct(
        private DesignFitter $fitter,
        private ElementLayout $elements,
        private DesignCheck $check,
        private Typesetter $typesetter,
        private Faces $faces,
        private FaceMeasures $measures,
        private ShopRules $rules,
    ) {
    }

    /**
     * @param list<string>     $lines
     * @param FilmOnShelf|null $kept  the film itself, where it is known
     * @param list<DesignElement> $elements what lies on the object beside the words
     *
     * @throws Refused where the object leaves no room, or the words cannot be set
     */
    public function draw(
        MeasuredObject $object,
        array $lines,
        Design $design,
        Film $film,
        Usage $use,
        ?FilmOnShelf $kept = null,
        array $elements = [],
    ): DrawnDesign {
        $rules = $this->rules->current();
        $whole = $this->elements->whole(
            $object,
            $this->fitter->fit($object, $lines, $design),
            $design,
            $elements,
        );
        $fitted = $whole->main;
        $setting = $fitted->words->setting;

        return new DrawnDesign(
            $lines,
            $design,
            $whole,
            $this->object($object, $lines, $design, $whole),
            $this->placing($object, $fitted)->distances($fitted->at),
            null !== $fitted->words->art
                ? $fitted->capHeight
                : (int) round($this->typesetter->xHeight($this->faces->named($design->face()), $fitted->capHeight)),
            $setting->isRound() && null === $setting->bowDown
                ? $setting->radius ?? (int) round($fitted->capHeight * $this->typesetter->bow($fitted->words))
                : null,
            Offset::suggested($fitted->capHeight),
            $this->before($fitted),
            $this->tooLong($fitted, $this->check->limits($film, $use, $kept)),
            $kept?->life($rules) ?? $film->life($rules),
        );
    }

    /** @param list<string> $lines */
    private function object(MeasuredObject $object, array $lines, Design $design, WholeDecal $whole): DrawnObject
    {
        $surface = $this->fitter->surface($object, $lines, $design);
        $base = $surface instanceof SurfaceLessKeepOuts ? $surface->surface : $surface;
        $keepOuts = $surface instanceof SurfaceLessKeepOuts ? $surface->keepOuts : null;

        return new DrawnObject(
            $surface,
            $keepOuts,
            $surface->wall(),
            self::focus($surface, $base, $whole->main),
            $surface->clearance($this->rules->current()),
            $object->panes(),
            $base instanceof Round ? self::fromFront($base, $keepOuts, $whole) : null,
        );
    }

    private static function fromFront(Round $round, ?Region $keepOuts, WholeDecal $whole): FromFront
    {
        $seen = static fn (array $layer): array => [$layer['film'], $round->seen($layer['region'])];

        return new FromFront(
            $round->front(),
            array_map($seen, $whole->layers()),
            null === $keepOuts ? null : $round->seen($keepOuts),
        );
    }

    /**
     * Left and top of the art where it is put by a distance.
     *
     * @param list<string> $lines
     * @param string       $from     as `Placing::put()` names it
     * @param int          $distance µm
     *
     * @return array{int, int} µm
     *
     * @throws Refused for an edge or a part the object does not have
     */
    public function place(MeasuredObject $object, array $lines, Design $design, string $from, int $distance): array
    {
        $fitted = $this->fitter->fit($object, $lines, $design);

        return $this->placing($object, $fitted)->put($fitted->at, $from, $distance);
    }

    /**
     * Each word as it is typed and in its other cases: in some faces a capital reads better, in others the small
     * letter.
     *
     * @param list<string> $lines
     *
     * @return list<array{line: int, word: int, cases: non-empty-list<array{string, Artwork}>}>
     *
     * @throws Refused
     */
    public function cases(array $lines, Design $design): array
    {
        $words = [];
        foreach ($lines as $line => $text) {
            foreach (preg_split('~\s+~u', $text, -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $nth => $word) {
                $spellings = array_values(
                    array_unique([
                        $word,
                        mb_convert_case($word, \MB_CASE_TITLE),
                        mb_strtoupper($word),
                        mb_strtolower($word),
                    ]),
                );
                $words[] = [
                    'line' => $line,
                    'word' => $nth,
                    'cases' => array_map(
                        fn (string $spelling): array => [
                            $spelling,
                            $this->typesetter->artwork(
                                Words::set($this->faces->named($design->face()), [$spelling], Arrangement::Line),
                                self::CASE_HEIGHT,
                            ),
                        ],
                        $spellings,
                    ),
                ];
            }
        }

        return $words;
    }

    private function placing(MeasuredObject $object, Fitted $fitted): Placing
    {
        return new Placing($object->surface()->size(), $fitted->artwork->box(), $object->features());
    }

    /** The art as it was before it was mended, laid over it; bent art is not told apart. */
    private function before(Fitted $fitted): ?Region
    {
        if ($fitted->words->setting->mending->isNothing() || $fitted->bent) {
            return null;
        }
        $plain = $this->typesetter->top($fitted->words, $fitted->capHeight);
        $mended = $this->typesetter->films->mended($fitted->words, $plain)->box();
        $now = $fitted->artwork->top()->box();

        return $plain->moved($now->left - $mended->left, $now->top - $mended->top);
    }

    /** Where the words fit at no size that can be cut: what they would need, and what they have. */
    private function tooLong(Fitted $fitted, Limits $limits): ?string
    {
        [$spare, $code] = $this->measures->worst($fitted->words, $fitted->largest, $limits);
        // Thin strokes of letters that are cut out are gaps in film: minded, and no stop.
        $isGap = SnagCode::SmallCounter === $code
            && Arrangement::Knockout === $fitted->words->setting->arrangement;
        if ($spare >= 1 || $spare <= 0 || $isGap) {
            return null;
        }
        $needed = Length::micrometres($fitted->largest / $spare)->inMetric();
        $has = Length::micrometres($fitted->largest)->inMetric();

        return "Too long for this object: in this face and film letters have to be $needed mm high to be cut, and "
            ."these fit at $has mm. Break the words into lines, or take a bolder or narrower face.";
    }

    /** All of a flat object; of a round one laid flat the part that can carry a decal. */
    private static function focus(Surface $surface, Surface $base, Fitted $fitted): Box
    {
        $whole = $surface->outline()->box();
        $safe = $fitted->safe->box();

        return $base instanceof Round && 2 * $safe->width() < $whole->width()
            ? $safe->grown(intdiv(max($safe->width(), $safe->height()), self::ROUND_THE_ART))
            : $whole;
    }
}
