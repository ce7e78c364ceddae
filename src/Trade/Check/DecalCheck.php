<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Everything that speaks against a fitted decal as it stands. */
final readonly class DecalCheck
{
    /** µm of letter height that the reading distances are given for. */
    private const READ_BY = 25_000;

    public function __construct(private Rules $rules)
    {
    }

    /**
     * @param float|null $readFrom metres from which it has to be read, where that was asked
     * @param bool       $inside   stuck inside a window and read from outside
     * @param Limits|null $limits  of the film itself, where its maker says more than its grade does
     *
     * @return list<Snag>
     */
    public function judge(
        Fitted $fitted,
        Film $film,
        Usage $use,
        ?float $readFrom = null,
        ?Material $material = null,
        bool $inside = false,
        ?Limits $limits = null,
    ): array {
        $check = new Cutability(($limits ?? $film->limits($this->rules))->in($use, $this->rules));

        return [
            ...$this->place($fitted),
            ...(new CurveCheck($this->rules))->curve($fitted),
            ...UseCheck::filmAndUse($film, $use),
            ...UseCheck::filmAndSurface($film, $material, $inside),
            ...$this->reading($fitted, $use, $readFrom),
            ...$this->machine($fitted),
            ...$this->register($fitted),
            ...GuideCheck::guide($fitted),
            ...(new PrintedCheck($this->rules))->snags($fitted, $film),
            ...LooseInsides::of($fitted, $limits ?? $film->limits($this->rules)),
            ...array_map(
                static fn (Snag $snag): Snag => self::possible($snag, $fitted->largest),
                $this->layers($check, $fitted),
            ),
        ];
    }

    /** @return list<Snag> of every film; of a rim the insides, since it is wide enough everywhere else */
    private function layers(Cutability $check, Fitted $fitted): array
    {
        $snags = [];
        foreach ($fitted->artwork->layers as $layer) {
            $rim = Layer::OFFSET === $layer->role || Layer::BASE === $layer->role;
            array_push(
                $snags,
                ...$rim ? $check->insides($layer->region) : $check->snags($layer->region, $fitted->capHeight),
            );
        }

        return $snags;
    }

    /** Larger letters than fit cure nothing, where something else does. */
    private static function possible(Snag $snag, int $largest): Snag
    {
        $cures = array_values(
            array_filter(
                $snag->cures,
                static fn (array $cure): bool => Remedy::Enlarge !== $cure['do']
                    || ($cure['capHeight'] ?? 0) <= $largest,
            ),
        );

        return [] === $cures ? $snag : $snag->curedBy($cures);
    }

    /** @return list<Snag> */
    private function place(Fitted $fitted): array
    {
        if ($fitted->inside) {
            return [];
        }
        $largest = Length::micrometres($fitted->largest);
        if ($fitted->capHeight <= $fitted->largest) {
            return [
                new Snag(
                    SnagCode::OutsideSafeArea,
                    Severity::Stop,
                    $fitted->largest,
                    $fitted->capHeight,
                    null,
                    'Where it lies the art reaches beyond the safe area. Moved inwards it fits.',
                    [['do' => Remedy::Centre]],
                    $fitted->beyond(),
                ),
            ];
        }

        return [
            new Snag(
                SnagCode::OutsideSafeArea,
                Severity::Stop,
                $fitted->largest,
                $fitted->capHeight,
                null,
                "The art reaches beyond the safe area. At a letter height of {$largest->inBothDown()} or less it fits.",
                [['do' => Remedy::Reduce, 'capHeight' => $fitted->largest], ['do' => Remedy::Centre]],
                $fitted->beyond(),
            ),
        ];
    }

    /** @return list<Snag> a rim narrower than layers can be laid */
    private function register(Fitted $fitted): array
    {
        $top = $fitted->artwork->top()->box();
        $narrow = $this->rules->micrometres(Rule::NarrowRim);
        foreach (\array_slice($fitted->artwork->layers, 1) as $layer) {
            $rim = $top->left - $layer->region->box()->left;
            if ($rim > 0 && $rim < $narrow) {
                return [
                    new Snag(
                        SnagCode::Register,
                        Severity::Warn,
                        $narrow,
                        $rim,
                        null,
                        'The rim is '.
                            Length::micrometres($rim)->inMetric().
                            ' mm. Layers are laid to about 1 mm, and under '.
                            Length::micrometres($narrow)->inMetric().
                            ' mm that shows.',
                        [['do' => Remedy::WidenRim, 'by' => $narrow]],
                    ),
                ];
            }
        }

        return [];
    }

    /** @return list<Snag> */
    private function reading(Fitted $fitted, Usage $use, ?float $readFrom): array
    {
        $limit = Usage::Vehicle === $use ? $this->rules->micrometres(Rule::VehicleLetter) : 0;
        if (null !== $readFrom) {
            $limit = max($limit, (int) round((self::READ_BY * $readFrom) / $this->rules->value(Rule::ReadJust)));
        }
        $over = Usage::Vehicle === $use ? $this->overAll($fitted) : [];
        $smallest = $fitted->smallest();
        if ($smallest >= $limit) {
            return $over;
        }
        $found = Length::micrometres($smallest)->inMetric();
        $wanted = Length::micrometres($limit)->inMetric();
        $why = null === $readFrom ? 'on a vehicle' : "from $readFrom m";
        $what = null === $fitted->words->art ? 'Letters' : 'Parts';

        return [
            ...$over,
            new Snag(
                SnagCode::TooSmallToRead,
                Severity::Warn,
                $limit,
                $smallest,
                null,
                "$what of $found mm cannot be read $why. They need $wanted mm at the least.",
                [
                    [
                        'do' => Remedy::Enlarge,
                        'capHeight' => (int) ceil(($fitted->capHeight * $limit) / max(1, $smallest)),
                    ],
                ],
            ),
        ];
    }

    /** @return list<Snag> */
    private function overAll(Fitted $fitted): array
    {
        $box = $fitted->artwork->box();
        [$found, $limit] = [max($box->width(), $box->height()), $this->rules->micrometres(Rule::VehicleOverAll)];

        return $found >= $limit
            ? []
            : [
                new Snag(
                    SnagCode::TooSmallToRead,
                    Severity::Warn,
                    $limit,
                    $found,
                    null,
                    'It is '.
                        Length::micrometres($found)->inMetric().
                        ' mm over all. On the back of a vehicle nothing under '.
                        Length::micrometres($limit)->inMetric().
                        ' mm is seen.',
                    [
                        [
                            'do' => Remedy::Enlarge,
                            'capHeight' => 100 * (int) ceil(($fitted->capHeight * $limit) / $found / 100),
                        ],
                    ],
                ),
            ];
    }

    /** @return list<Snag> */
    private function machine(Fitted $fitted): array
    {
        $box = $fitted->artwork->box();
        [$width, $length] = [$this->rules->micrometres(Rule::CutWidth), $this->rules->micrometres(Rule::CutLength)];
        $short = min($box->width(), $box->height());
        $long = max($box->width(), $box->height());
        if ($short <= min($width, $length) && $long <= max($width, $length)) {
            return [];
        }
        $over = $long > max($width, $length) ? [max($width, $length), $long] : [min($width, $length), $short];
        $share = min(max($width, $length) / $long, min($width, $length) / $short);

        return [
            new Snag(
                SnagCode::TooLargeForMachine,
                Severity::Warn,
                $over[0],
                $over[1],
                null,
                'The machine cuts '.
                    Length::micrometres($width)->inMetric().
                    ' × '.
                    Length::micrometres($length)->inMetric().
                    ' mm; this is larger and has to be cut in panels.',
                [
                    ['do' => Remedy::Reduce, 'capHeight' => (int) floor($fitted->capHeight * $share)],
                    ['do' => Remedy::Panels],
                ],
            ),
        ];
    }
}
