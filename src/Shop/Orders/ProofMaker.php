<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Designs\BroughtArts;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Designs\WholeDecal;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Cautions;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Lettering\LineStyle;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Allowance;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\Overhang;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Freezes the drawing of a thing as a page of its order's next proof. */
final readonly class ProofMaker
{
    public function __construct(
        private EntityManagerInterface $records,
        private ShopRules $rules,
        private BroughtArts $arts,
        private Outlines $outlines,
        private CareCard $care,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Freezes a drawing as a page of the docket's next proof.
     *
     * @param int $nth which version of the proof, from 1
     * @param list<array{what: string, says: string, minor: int}> $quote how the price of the order came about
     * @param non-empty-list<array{list<string>, WholeDecal}> $decals every decal's lines, and how it lies
     */
    public function freeze(int $nth, array $quote, Item $item, Draft $draft, array $decals): ProofPage
    {
        $first = $decals[0][1]->main;

        return new ProofPage(
            $item->docket(),
            $item,
            $nth,
            $this->clock->now(),
            $draft->lines,
            $draft->design->face(),
            $first->capHeight,
            array_map(fn (array $decal): array => $this->part($decal[0], $decal[1]), $decals),
            $this->facts($item, $draft->design, $decals[0][1])->charged(
                $item->docket()->price(),
                $quote,
                $this->taxShare(),
            ),
        );
    }

    /** The share that holds for a price that is frozen now, %. */
    public function taxShare(): float
    {
        return $this->rules->current()->value(Rule::TaxShare);
    }

    private function facts(Item $item, Design $design, WholeDecal $whole): FrozenFacts
    {
        $fitted = $whole->main;
        $rules = $this->rules->current();
        $object = $item->object();
        $docket = $item->docket();
        $surface = $object->kept($rules);
        $own = $item->ownFilm();
        $films = array_map(
            fn (?int $film): FilmOnShelf => null === $film
                ? $own
                : $this->records->find(FilmOnShelf::class, $film) ?? $own,
            array_column($whole->layers(), 'film'),
        );

        return new FrozenFacts(
            $item->asked(),
            $object->name(),
            $object->material()?->label() ?? '',
            $surface->size()->width->micrometres,
            $surface->size()->height->micrometres,
            $surface->wall()->width->micrometres,
            $surface->wall()->height->micrometres,
            SvgPath::write($surface->outline()),
            SvgPath::write($fitted->safe),
            $surface instanceof SurfaceLessKeepOuts ? SvgPath::write($surface->keepOuts) : '',
            array_map(
                static fn (FilmOnShelf $film): array => [
                    'name' => $film->name(),
                    'swatch' => $film->swatch(),
                    'life' => $film->life($rules),
                ],
                $films,
            ),
            $this->care->of($item, $own, false),
            Cautions::all($rules, $own->grade(), $item->useOf(), $object->material(), $object->isDrunkFrom()),
            self::remarks($item, $design, $whole, $rules),
            $object->isInside(),
            null,
            $item->quantity(),
            $object->panes(),
            $item->useOf()->value,
            $docket->neededAt()?->format('Y-m-d') ?? '',
            $item->isAppliedHere(),
            null === $design->art()
                ? $design->motif()?->called() ?? ''
                : $this->arts->numbered($design->art()['id'])->name(),
            $object->colour() ?? '',
            $object->photo() ?? '',
        );
    }

    /** @return list<string> */
    private static function remarks(Item $item, Design $design, WholeDecal $whole, Rules $rules): array
    {
        $fitted = $whole->main;
        $setting = $fitted->words->setting;
        $remarks = [];
        if (Finish::None !== $item->finish()) {
            $remarks[] = "{$item->finish()->label()}. {$item->finish()->says($rules)}";
        }
        if (0.0 !== $setting->condense) {
            $remarks[] = ($setting->condense > 0 ? 'Condensed' : 'Expanded').
                ' by '.
                abs($setting->condense).
                ($setting->isStretched($rules)
                    ? " %, as you asked: more than the {$rules->value(Rule::CondenseMost)} % at which letters keep "
                        .'their looks.'
                    : ' %.');
        }
        $heights = $fitted->lineHeights();
        if ([] !== $heights) {
            $remarks[] = 'Letters of the lines: '.
                implode(', ', array_map(static fn (int $of): string => Length::micrometres($of)->inMetric(), $heights)).
                ' mm'.
                ($setting->justify ? ', all lines one width.' : '.');
        }
        if (null !== $setting->signs) {
            $remarks[] = "Signs that {$fitted->words->face->name} lacks are of {$setting->signs->name}.";
        }
        $others = array_filter(
            array_map(static fn (LineStyle $style): ?string => $style->face?->name, $setting->styles),
        );
        if ([] !== $others && $setting->hasStyles()) {
            $remarks[] = 'Lines in faces of their own: '.implode(', ', array_unique($others)).'.';
        }
        if (Arrangement::Monogram === $setting->arrangement) {
            $remarks[] = 'Order of the monogram: '.$setting->order->label().'.';
        }
        $done = $setting->mending->steps();
        if ([] !== $done) {
            $remarks[] = null === $design->art()
                ? ucfirst(implode(', ', $done)).'.'
                : 'Your drawing was changed so that it can be cut: '.implode(', ', $done).'.';
        }
        array_push($remarks, ...$item->waivers()->said());
        $over = Overhang::of(
            $whole->box(),
            $item->object()->surface()->size()->width->micrometres,
            $item->object()->surface()->size()->height->micrometres,
        );
        if ($item->object()->allowance()->goesOver() && $over->most() > 0) {
            $remarks[] = 'Hangs over by '.$over->inWords().
                (Allowance::Wrap === $item->object()->allowance() ? '; it is folded under.' : '; it is trimmed when '
                    .'it is on.');
        }
        if ($item->object()->isInside()) {
            $remarks[] = 'Stuck inside, read from outside: it is cut mirrored. Shown as it reads.';
        }

        return $remarks;
    }

    /**
     * @param list<string> $lines
     *
     * @return array{
     *     lines: list<string>,
     *     cut?: list<string>,
     *     capHeight: int,
     *     width: int,
     *     height: int,
     *     left: int,
     *     top: int,
     *     layers: list<array{
     *         role: string,
     *         film: int|null,
     *         outline: string,
     *         width: int,
     *         height: int,
     *         area: float,
     *         group: int,
     *         left: int,
     *         top: int,
     *         picture?: array{int, int, int, int, int},
     *     }>,
     * }
     */
    private function part(array $lines, WholeDecal $whole): array
    {
        $fitted = $whole->main;
        $box = $whole->box();
        $picture = $whole->picture()?->moved(-$box->left, -$box->top);

        $setting = $fitted->words->setting;
        $letters = $fitted->words->lines;
        $cut = match (true) {
            null !== $fitted->words->art => [],
            Arrangement::Monogram === $setting->arrangement && 3 === \count($letters) => [
                implode(' ', $setting->order->put([$letters[0], $letters[1], $letters[2]])),
            ],
            Arrangement::Initial === $setting->arrangement => $letters,
            default => [],
        };

        return [
            'lines' => $lines,
            // A monogram is read out as what is cut.
            ...[] === $cut ? [] : ['cut' => $cut],
            'capHeight' => $fitted->capHeight,
            'width' => $box->width(),
            'height' => $box->height(),
            'left' => $box->left,
            'top' => $box->top,
            'layers' => array_map(
                function (array $layer) use ($box, $picture): array {
                    $region = $layer['region']->moved(-$box->left, -$box->top);
                    $own = $region->box();

                    return [
                        'role' => $layer['role'],
                        'film' => $layer['film'],
                        'outline' => $this->outlines->store($region),
                        'width' => $own->width(),
                        'height' => $own->height(),
                        'area' => round($region->area() / 100, 1),
                        'group' => $layer['group'],
                        'left' => $own->left,
                        'top' => $own->top,
                        ...null === $picture || Layer::TOP !== $layer['role']
                            ? []
                            : [
                                'picture' => [
                                    $picture->id,
                                    $picture->box->left,
                                    $picture->box->top,
                                    $picture->box->right,
                                    $picture->box->bottom,
                                ],
                            ],
                    ];
                },
                $whole->layers(),
            ),
        ];
    }
}
