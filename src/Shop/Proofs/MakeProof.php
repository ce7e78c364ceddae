<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Art\Arts;
use Yelbo\Shop\Orders\Design;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Bench\Packing;
use Yelbo\Trade\Film\Cautions;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Object\KeptClear;

/** Freezes an order's drawing as its next proof. */
final readonly class MakeProof
{
    public function __construct(private EntityManagerInterface $records, private ShopRules $rules, private Arts $arts, private ClockInterface $clock)
    {
    }

    /**
     * @param list<string>                                   $words
     * @param non-empty-list<array{list<string>, Fitted}> $decals every decal's lines, and how it lies
     */
    public function of(Docket $docket, array $words, Design $design, array $decals): Proof
    {
        $parts = array_map(static fn (array $decal): array => self::part($decal[0], $decal[1], $design), $decals);
        $first = $decals[0][1];

        return new Proof($docket, 1 + \count($docket->proofs()), $this->clock->now(), $words, $design->face(), $first->capHeight,
            $parts[0]['width'], $parts[0]['height'], $parts[0]['left'], $parts[0]['top'], $parts[0]['layers'][0]['path'], $parts,
            $this->frozen($docket, $design, $first)->toArray());
    }

    private function frozen(Docket $docket, Design $design, Fitted $fitted): Frozen
    {
        $rules = $this->rules->current();
        $thing = $docket->thing();
        $surface = $thing->kept($rules);
        $own = $docket->film() ?? throw new \LogicException('Taken without film.');
        $films = array_map(fn (?int $film): FilmOnShelf => null === $film ? $own : $this->records->find(FilmOnShelf::class, $film) ?? $own, $design->films());

        return new Frozen(
            $docket->asked(),
            $thing->name(),
            $thing->material()?->says() ?? '',
            $surface->size()->width->micrometres,
            $surface->size()->height->micrometres,
            $surface->wall()->width->micrometres,
            $surface->wall()->height->micrometres,
            SvgPath::write($surface->outline()),
            SvgPath::write($fitted->safe),
            $surface instanceof KeptClear ? SvgPath::write($surface->keepOuts) : '',
            array_map(static fn (FilmOnShelf $film): array => ['name' => $film->name(), 'swatch' => $film->swatch(), 'life' => $film->life()], $films),
            (new Packing($rules))->care($own->life(), false),
            Cautions::of($own->grade(), $docket->useOf(), $thing->material()),
            self::remarks($docket, $design, $fitted),
            $thing->isInside(),
            $docket->price(),
            $docket->quantity(),
            $thing->panes(),
            $docket->useOf()->value,
            $docket->neededAt()?->format('Y-m-d') ?? '',
            $docket->isAppliedHere(),
            null === $design->art() ? '' : $this->arts->numbered($design->art()['id'])->name(),
        );
    }

    /** @return list<string> */
    private static function remarks(Docket $docket, Design $design, Fitted $fitted): array
    {
        $setting = $fitted->words->setting;
        $remarks = [];
        if (0.0 !== $setting->condense) {
            $remarks[] = ($setting->condense > 0 ? 'Condensed' : 'Expanded').' by '.abs($setting->condense).' %.';
        }
        if (Arrangement::Monogram === $setting->arrangement) {
            $remarks[] = 'Order of the monogram: '.$setting->order->says().'.';
        }
        $done = $setting->mending->says();
        if ([] !== $done) {
            $remarks[] = ucfirst(implode(', ', $done)).'.';
        }
        array_push($remarks, ...$docket->overrulings()->said());
        if ($docket->thing()->isInside()) {
            $remarks[] = 'Stuck inside, read from outside: it is cut mirrored. Shown as it reads.';
        }

        return $remarks;
    }

    /**
     * @param list<string> $lines
     *
     * @return array{lines: list<string>, width: int, height: int, left: int, top: int, layers: list<array{role: string, film: int|null, path: string}>}
     */
    private static function part(array $lines, Fitted $fitted, Design $design): array
    {
        $box = $fitted->artwork->box();

        return [
            'lines' => $lines, 'width' => $box->width(), 'height' => $box->height(), 'left' => $fitted->at[0], 'top' => $fitted->at[1],
            'layers' => array_map(static fn (Layer $layer, int $nth): array => [
                'role' => $layer->role, 'film' => $design->films()[$nth] ?? null, 'path' => SvgPath::write($layer->region),
            ], $fitted->artwork->layers, array_keys($fitted->artwork->layers)),
        ];
    }
}
