<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Check\FilmInHand;
use Yelbo\Trade\Check\Judgement;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Memory;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Rules;

/** Everything that speaks against a drawing, and what of it stops a proof. */
final readonly class Inspection
{
    /** Of a long set the members with least to spare are looked at exactly: if they pass, all do. */
    public const MOST_EXACTLY = 6;
    /** Shares of a limit: more than anybody has to spare. */
    private const OUTSIDE = 1000;

    private Rules $rules;

    public function __construct(ShopRules $rules, private FaceMeasures $measures, private Memory $memory, private Shelf $shelf)
    {
        $this->rules = $rules->current();
    }

    /**
     * @param FilmOnShelf|null $kept the film itself, where it is known, for what its colour and its sheets say
     *
     * @return list<SnagGroup> stops first
     */
    public function of(Fitted $fitted, Thing $thing, Film $film, UseOf $use, ?FilmOnShelf $kept = null): array
    {
        $inHand = new FilmInHand($this->rules);
        $shelf = null === $kept ? [] : [...$inHand->shelf($fitted, $this->shelf->largest($kept), $this->shelf->widestTape()), ...$inHand->colour($film, $kept->swatch(), $kept->liner(), $kept->hasDirection()), ...$inHand->outdoors($use, $kept->outdoors())];

        return SnagGroup::all([...$this->snags($fitted, $thing, $film, $use, $kept), ...$shelf]);
    }

    public function limits(Film $film, UseOf $use, ?FilmOnShelf $kept = null): Limits
    {
        return ($kept?->limits() ?? $film->limits())->in($use, $this->rules);
    }

    /** @return list<Snag> */
    public function snags(Fitted $fitted, Thing $thing, Film $film, UseOf $use, ?FilmOnShelf $kept = null): array
    {
        $limits = $kept?->limits() ?? $film->limits();
        $key = hash('xxh128', serialize([$fitted->artwork, $fitted->inside, $fitted->largest, $fitted->capHeight, $fitted->droop, $fitted->strain, $thing->readFrom(), $thing->material(), $thing->isInside(), $film, $limits, $use, $this->rules]));

        return $this->memory->recall("snags.$key", fn (): array => (new Judgement($this->rules))->of($fitted, $film, $use, $thing->readFrom(), $thing->material(), $thing->isInside(), $limits));
    }

    /**
     * What stops a proof of one decal or a whole set, each kind once.
     *
     * @param non-empty-list<Fitted> $decals
     *
     * @return list<SnagGroup>
     */
    public function stops(array $decals, Thing $thing, FilmOnShelf $film, UseOf $use): array
    {
        $stops = [];
        foreach ($this->tightest($decals, $film, $use) as $fitted) {
            foreach (SnagGroup::all($this->snags($fitted, $thing, $film->grade(), $use, $film)) as $group) {
                if (Snag::STOP === $group->severity && (!isset($stops[$group->code]) || $group->found < $stops[$group->code]->found)) {
                    $stops[$group->code] = $group;
                }
            }
        }

        return array_values($stops);
    }

    /** How much words have to spare of what can be cut, as a share of the limit; who does not fit at all has least. */
    public function spare(Words $words, int $capHeight, bool $inside, FilmOnShelf $film, UseOf $use): float
    {
        return $this->measures->of($words)->worst((int) round($capHeight * $words->setting->smallestLetters()), $this->limits($film->grade(), $use, $film))[0] - ($inside ? 0 : self::OUTSIDE);
    }

    /**
     * @param non-empty-list<Fitted> $decals
     *
     * @return list<Fitted>
     */
    private function tightest(array $decals, FilmOnShelf $film, UseOf $use): array
    {
        if (\count($decals) <= self::MOST_EXACTLY) {
            return $decals;
        }
        $ranked = [];
        foreach ($decals as $fitted) {
            $ranked[$fitted->words->key()] = [$this->spare($fitted->words, $fitted->capHeight, $fitted->inside, $film, $use), $fitted];
        }
        usort($ranked, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column(\array_slice($ranked, 0, self::MOST_EXACTLY), 1);
    }
}
