<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Settings\Overlay;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Learned minutes stand over the shop's figures, so that every estimate is told by them. */
final readonly class PaceOverRules implements Overlay
{
    /** What grows with a station's minutes; what is a speed shrinks. */
    private const MINUTES = [
        'weed' => [Rule::WeedStart, Rule::WeedPiece],
        'apply' => [Rule::ApplyMinutes, Rule::ApplyLong],
        'tape' => [Rule::TapeMinutes, Rule::TapeLong],
    ];
    private const SPEEDS = ['weed' => [Rule::WeedCut]];

    public function __construct(private EntityManagerInterface $records)
    {
    }

    /** The figures at this shop's own pace. */
    public function over(Rules $rules): Rules
    {
        /** @var list<LearnedPace> $newest */
        $newest = $this->records
            ->createQuery(
                'SELECT p FROM '.LearnedPace::class.' p WHERE p.id IN
                 (SELECT MAX(q.id) FROM '.LearnedPace::class.' q WHERE q.who = \'\' GROUP BY q.station)',
            )
            ->getResult();
        foreach ($newest as $pace) {
            [$station, $times] = [$pace->station(), $pace->times()];
            if (1.0 === $times || $times <= 0.0) {
                continue;
            }
            foreach (self::MINUTES[$station->value] ?? [] as $rule) {
                $rules = self::put($rules, $rule, $rules->value($rule) * $times);
            }
            foreach (self::SPEEDS[$station->value] ?? [] as $rule) {
                $rules = self::put($rules, $rule, $rules->value($rule) / $times);
            }
        }

        return $rules;
    }

    /** What makes no sense any more is left as it is. */
    private static function put(Rules $rules, Rule $rule, float $value): Rules
    {
        try {
            return $rules->with($rule, round($value, 4));
        } catch (Refused) {
            return $rules;
        }
    }
}
