<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Designs\BroughtArts;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Designs\StillWanted;
use Yelbo\Shop\Designs\WholeDecal;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Art\PlacedPicture;
use Yelbo\Trade\Film\Cautions;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Rule;

/**
 * Freezes the drawing of a thing as a page of its order's next proof.
 *
 * @phpstan-import-type Part from ProofPage
 */
final readonly class ProofMaker
{
    public function __construct(
        private EntityManagerInterface $records,
        private ShopRules $rules,
        private BroughtArts $arts,
        private Outlines $outlines,
        private CareCard $care,
        private ClockInterface $clock,
        private StillWanted $wanted,
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
            $this->parts($decals),
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
        $rules = $this->rules->current();
        $object = $item->object();
        $own = $item->ownFilm();
        $films = array_map(
            fn (?int $film): FilmOnShelf => null === $film
                ? $own
                : $this->records->find(FilmOnShelf::class, $film) ?? $own,
            array_column($whole->layers(), 'film'),
        );

        return new FrozenFacts(
            $item->asked(),
            $this->object($object, $whole),
            array_map(
                static fn (FilmOnShelf $film): array => [
                    'name' => $film->name(),
                    'swatch' => $film->swatch(),
                    'life' => $film->life($rules),
                ],
                $films,
            ),
            new FrozenNotes(
                $this->care->of($item, $own, false),
                Cautions::all($rules, $own->grade(), $item->useOf(), $object->material(), $object->isDrunkFrom()),
                (new ProofRemarks($item, $design, $whole, $rules))->all(),
            ),
            $object->isInside(),
            new FrozenPrice(),
            $item->quantity(),
            $item->useOf()->value,
            $item->docket()->neededAt()?->format('Y-m-d') ?? '',
            $item->isAppliedHere(),
            null === $design->art()
                ? $design->motif()?->called() ?? ''
                : $this->arts->numbered($design->art()['id'])->name(),
        );
    }

    private function object(MeasuredObject $object, WholeDecal $whole): FrozenObject
    {
        $surface = $object->kept($this->rules->current());

        return new FrozenObject(
            $object->name(),
            $object->material()?->label() ?? '',
            $surface->size()->width->micrometres,
            $surface->size()->height->micrometres,
            $surface->wall()->width->micrometres,
            $surface->wall()->height->micrometres,
            SvgPath::write($surface->outline()),
            SvgPath::write($whole->main->safe),
            $surface instanceof SurfaceLessKeepOuts ? SvgPath::write($surface->keepOuts) : '',
            $object->panes(),
            $object->colour() ?? '',
            $object->photo() ?? '',
        );
    }

    /**
     * @param non-empty-list<array{list<string>, WholeDecal}> $decals
     *
     * @return non-empty-list<Part>
     */
    private function parts(array $decals): array
    {
        $parts = [];
        foreach ($decals as $nth => [$lines, $whole]) {
            $this->wanted->orStopAt('outlines written', $nth, \count($decals));
            $parts[] = $this->part($lines, $whole);
        }

        return $parts;
    }

    /**
     * @param list<string> $lines
     *
     * @return Part
     */
    private function part(array $lines, WholeDecal $whole): array
    {
        $box = $whole->box();
        $picture = $whole->picture()?->moved(-$box->left, -$box->top);
        $layers = [];
        foreach ($whole->layers() as $layer) {
            $region = $layer['region']->moved(-$box->left, -$box->top);
            $own = $region->box();
            $layers[] = [
                'role' => $layer['role'],
                'film' => $layer['film'],
                'outline' => $this->outlines->store($region),
                'width' => $own->width(),
                'height' => $own->height(),
                'area' => round($region->area() / 100, 1),
                'group' => $layer['group'],
                'left' => $own->left,
                'top' => $own->top,
                ...null === $picture || Layer::TOP !== $layer['role'] ? [] : ['picture' => self::told($picture)],
            ];
        }
        $cut = self::cutLetters($whole->main->words);

        return [
            'lines' => $lines,
            // A monogram is read out as what is cut.
            ...[] === $cut ? [] : ['cut' => $cut],
            'capHeight' => $whole->main->capHeight,
            'width' => $box->width(),
            'height' => $box->height(),
            'left' => $box->left,
            'top' => $box->top,
            'layers' => $layers,
        ];
    }

    /** @return array{int, int, int, int, int} its number, and where it lies, µm */
    private static function told(PlacedPicture $picture): array
    {
        $box = $picture->box;

        return [$picture->id, $box->left, $box->top, $box->right, $box->bottom];
    }

    /** @return list<string> the letters that are cut, where they are not the words as they were given */
    private static function cutLetters(Words $words): array
    {
        $letters = $words->lines;

        return match (true) {
            null !== $words->art => [],
            Arrangement::Monogram === $words->setting->arrangement && 3 === \count($letters) => [
                implode(' ', $words->setting->order->put([$letters[0], $letters[1], $letters[2]])),
            ],
            Arrangement::Initial === $words->setting->arrangement => $letters,
            default => [],
        };
    }
}
