<?php

declare(strict_types=1);

namespace Yelbo\Shop\Report;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Bench\CutOutcome;
use Yelbo\Shop\Price\Sold;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Rule;

/**
 * What is left of what was agreed, by kind of object, face and film, and what cutting again costs.
 *
 * @phpstan-type Margin array{by: 'object'|'face'|'film', of: string, price: int, cost: int, orders: int, share: int}
 * @phpstan-type Lost array{reason: string, count: int, cost: int, soFar: int}
 */
final readonly class Margins
{
    private const BY = ['object', 'face', 'film'];
    /** Reasons that are told apart; the rest is put together. */
    private const REASONS = 8;

    public function __construct(
        private EntityManagerInterface $records,
        private Sold $sold,
        private Shelf $shelf,
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    /**
     * What is left of orders that are made; what several share each has by its area.
     *
     * @return array{list<Margin>, int} in minor units; and how many orders are still to be reckoned
     */
    public function margins(): array
    {
        $margins = [];
        [$sold, $left] = $this->sold->lately();
        foreach ($sold as [$sale, $figures]) {
            if (!$figures['isDone'] || null === $figures['cost']) {
                continue;
            }
            foreach (self::BY as $by) {
                $own = [];
                foreach ($figures['kinds'] as $kind) {
                    $own[$kind[$by]] = ($own[$kind[$by]] ?? 0.0) + $kind['share'];
                }
                foreach ($own as $of => $share) {
                    $known = $margins["$by $of"] ??
                        ['by' => $by, 'of' => (string) $of, 'price' => 0.0, 'cost' => 0.0, 'orders' => 0];
                    $margins["$by $of"] = [
                        'price' => $known['price'] + $share * $sale->price->minor,
                        'cost' => $known['cost'] + $share * $figures['cost'],
                        'orders' => 1 + $known['orders'],
                    ] + $known;
                }
            }
        }
        $told = array_map(
            static fn (array $one): array => [
                'by' => $one['by'],
                'of' => $one['of'],
                'price' => (int) round($one['price']),
                'cost' => (int) round($one['cost']),
                'orders' => $one['orders'],
                'share' => self::percent($one['price'] - $one['cost'], $one['price']),
            ],
            array_values($margins),
        );
        $keeps = static fn (array $one): int => $one['price'] - $one['cost'];
        usort($told, static fn (array $a, array $b): int => [$a['by'], $keeps($b)] <=> [$b['by'], $keeps($a)]);

        return [$told, $left];
    }

    /** @return list<Lost> why pieces were cut again, and what that cost in film and minutes, the dearest first */
    public function lost(): array
    {
        $lost = $this->byReason();
        usort($lost, static fn (array $a, array $b): int => [$b['cost'], $a['reason']] <=> [$a['cost'], $b['reason']]);
        $rest = \array_slice($lost, self::REASONS);
        if ([] !== $rest) {
            $lost = [
                ...\array_slice($lost, 0, self::REASONS),
                [
                    'reason' => 'anything else',
                    'count' => array_sum(array_column($rest, 'count')),
                    'cost' => array_sum(array_column($rest, 'cost')),
                ],
            ];
        }
        $all = array_sum(array_column($lost, 'cost'));
        $soFar = 0.0;
        $told = [];
        foreach ($lost as $one) {
            $soFar += $one['cost'];
            $told[] = [
                'reason' => $one['reason'],
                'count' => $one['count'],
                'cost' => (int) round($one['cost']),
                'soFar' => self::percent($soFar, $all),
            ];
        }

        return $told;
    }

    /** @return list<array{reason: string, count: int, cost: float}> costs in minor units */
    private function byReason(): array
    {
        $rules = $this->rules->current();
        $usual = 100 * $rules->value(Rule::FilmPrice);
        $hour = 100 * $rules->value(Rule::BenchHour);
        $load = (new StepMinutes($rules))->cut(0.0);
        $prices = $lost = [];
        foreach ($this->back() as $one) {
            $prices[$one->filmNumber()] ??= $this->shelf->filmNumbered($one->filmNumber())?->price() ?? $usual;
            $reason = mb_strtolower($one->because());
            $lost[$reason] ??= ['reason' => $reason, 'count' => 0, 'cost' => 0.0];
            ++$lost[$reason]['count'];
            $lost[$reason]['cost'] += ($one->area() / 1e6) * $prices[$one->filmNumber()]
                + (($one->minutes() + $load) / 60) * $hour;
        }

        return array_values($lost);
    }

    private static function percent(float $part, float $all): int
    {
        return $all > 0 ? (int) round((100 * $part) / $all) : 0;
    }

    /** @return list<CutOutcome> */
    private function back(): array
    {
        /** @var list<CutOutcome> $back */
        $back = $this->records
            ->createQuery(
                'SELECT o FROM '.CutOutcome::class.' o WHERE o.cameBack = true AND o.at >= :since ORDER BY o.id',
            )
            ->setParameter('since', $this->clock->now()->modify('-'.Sold::DAYS.' days'))
            ->getResult();

        return $back;
    }
}
