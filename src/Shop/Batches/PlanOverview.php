<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Sheet\Parts;
use Yelbo\Trade\Sheet\PlanFigures;
use Yelbo\Trade\Sheet\PlannedPiece;
use Yelbo\Trade\Sheet\PlannedSheet;

/**
 * What plans take, so that they can be held against each other.
 *
 * @phpstan-import-type PlanPlace from NestPlan
 * @phpstan-import-type PlanSheet from NestPlan
 * @phpstan-type Known array{minutes: float, outline: float, width: int, height: int}
 */
final readonly class PlanOverview
{
    public function __construct(
        private NestParts $parts,
        private PlanRelease $release,
        private PieceWeeding $weeding,
        private Outlines $outlines,
        private Shelf $shelf,
        private ShopRules $rules,
        private Cache $cache,
    ) {
    }

    /** @param array<int, Piece> $pieces by id */
    public function figures(NestPlan $plan, array $pieces): ?PlanFigures
    {
        $laid = $plan->laid();
        if (null === $laid) {
            return null;
        }
        $rules = $this->rules->current();
        $planned = function (array $sheet) use ($plan, $pieces, $rules): PlannedSheet {
            $stock = $this->shelf->item($sheet['stock']);
            [$above, $below] = $stock->parted($sheet['length']);

            return new PlannedSheet(
                $stock->width(),
                FilmToCut::usableLength($stock, $rules),
                $sheet['length'],
                StockItem::OFFCUT === $stock->kind(),
                $above,
                $below,
                $rules->micrometres(Rule::ShortestOffcut),
                $this->onSheet($sheet['places'], $plan->nesting(), $pieces, $rules),
            );
        };
        $price = $plan->nesting()->film()->price();

        return PlanFigures::forSheets(array_map($planned, $laid['sheets']), $rules, $price);
    }

    /**
     * @param list<PlanPlace>   $places
     * @param array<int, Piece> $pieces by id
     *
     * @return list<PlannedPiece>
     */
    private function onSheet(array $places, Nesting $nesting, array $pieces, Rules $rules): array
    {
        $planned = [];
        foreach ($places as $at) {
            if (!isset($pieces[$at['piece']])) {
                continue;
            }
            $known = $this->known($pieces[$at['piece']], $nesting, $at['part'], $rules);
            [$width, $height] = 0.0 === fmod($at['turn'], 180)
                ? [$known['width'], $known['height']]
                : [$known['height'], $known['width']];
            $box = Box::sized($width, $height)->moved($at['x'], $at['y']);
            $planned[] = new PlannedPiece($at['piece'], $box, $known['outline'], $known['minutes']);
        }

        return $planned;
    }

    /**
     * Weed boxes of a planned sheet.
     *
     * @param PlanSheet         $sheet
     * @param array<int, Piece> $pieces by id
     *
     * @return list<Box>
     */
    public function boxes(Nesting $nesting, array $sheet, array $pieces): array
    {
        if (Nesting::NO_BOXES === $nesting->boxes()) {
            return [];
        }

        return $this->cache->recall(
            'boxes.'.
                hash(
                    'xxh128',
                    serialize([
                        $sheet,
                        $nesting->boxes(),
                        $nesting->split(),
                        array_column($sheet['places'], 'piece'),
                        $this->rules->current(),
                    ]),
                ),
            fn (): array => $this->release->boxes(
                $nesting,
                $this->shelf->item($sheet['stock']),
                $this->release->lie($nesting, $sheet['places'], $pieces),
            ),
        );
    }

    /**
     * Decals with much empty film, which could be cut in parts: how many parts, the film saved (cm²) and the minutes
     * added.
     *
     * @param array<int, Piece> $pieces by id
     *
     * @return list<array{piece: Piece, parts: int, saved: float, minutes: float, split: bool}>
     */
    public function splits(Nesting $nesting, array $pieces): array
    {
        $rules = $this->rules->current();
        $gap = $rules->micrometres(Rule::GapInsideOrder);
        $splits = [];
        foreach ($pieces as $piece) {
            /** @var array{int, float} $found */
            $found = $this->cache->recall(
                'split.'.hash(
                    'xxh128',
                    serialize(
                        [
                            $piece->drawn()->outline(),
                            $piece->proof()->frozen()->mirrored,
                            $piece->drawn()->isJoined(),
                            $gap,
                        ],
                    ),
                ),
                function () use ($piece, $gap): array {
                    $region = $this->outlines->forKnife($piece);
                    $parts = Parts::apart($region, $gap);

                    return [\count($parts), Parts::saved($region, $parts, $gap)];
                },
            );
            if ($found[0] > 1) {
                $splits[] = [
                    'piece' => $piece,
                    'parts' => $found[0],
                    'saved' => round($found[1] / 100, 1),
                    'minutes' => ($found[0] - 1) * $rules->value(Rule::JoinPart),
                    'split' => \in_array($piece->id(), $nesting->split(), true),
                ];
            }
        }

        return $splits;
    }

    /**
     * What is known of a piece or a part of it without drawing it again.
     *
     * @return Known
     */
    private function known(Piece $piece, Nesting $nesting, int $part, Rules $rules): array
    {
        $split = \in_array($piece->id(), $nesting->split(), true);

        return $this->cache->recall(
            'plan-figures.'.
                hash('xxh128', serialize([
                    $piece->drawn()->outline(),
                    $piece->proof()->frozen()->mirrored,
                    $piece->drawn()->isJoined(),
                    $part,
                    $split,
                    $rules,
                ])),
            function () use ($piece, $part, $split, $rules): array {
                $whole = $this->outlines->forKnife($piece);
                $parts = $part < 0 ? [$whole] : $this->parts->ofPiece($piece, $split, $rules);
                $region = $parts[max(0, $part)] ?? $whole;
                $box = $region->box();

                return [
                    'minutes' => $this->weeding->weeding($piece)->minutes *
                        ($part < 0 ? 1.0 : $region->outlineLength() / max(1e-6, $whole->outlineLength())),
                    'outline' => $region->outlineLength(),
                    'width' => $box->width(),
                    'height' => $box->height(),
                ];
            },
        );
    }
}
