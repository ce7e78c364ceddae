<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Lettering\Words;

/**
 * Of a long set the members with least to spare are looked at exactly: if they pass, all do.
 * Source: handbook section 5.
 */
final readonly class SetCheck
{
    private const MOST_EXACTLY = 6;
    /** Shares of a limit: more than anybody has to spare. */
    private const OUTSIDE = 1000;

    public function __construct(private FaceMeasures $measures)
    {
    }

    /**
     * How much words have to spare of what can be cut; who does not fit at all has least.
     *
     * @param int  $capHeight µm
     * @param bool $inside    does every point lie in the safe area?
     *
     * @return float a share of the limit
     */
    public function spare(Words $words, int $capHeight, bool $inside, Limits $limits): float
    {
        return $this->measures->worst($words, $capHeight, $limits)[0] -
            ($inside ? 0 : self::OUTSIDE);
    }

    /**
     * The members to look at, those with least to spare first; all of a short set.
     *
     * @param non-empty-list<array{Words, int, bool}> $members each with its letter height (µm) and whether it lies
     *     inside
     *
     * @return non-empty-list<int> their places in the list, each different decal once
     */
    public function tightest(array $members, Limits $limits): array
    {
        if (\count($members) <= self::MOST_EXACTLY) {
            return array_keys($members);
        }
        $spare = $seen = [];
        foreach ($members as $nth => [$words, $capHeight, $inside]) {
            if (!isset($seen[$words->key()])) {
                $seen[$words->key()] = true;
                $spare[$nth] = $this->spare($words, $capHeight, $inside, $limits);
            }
        }
        asort($spare);

        return \array_slice(array_keys($spare), 0, self::MOST_EXACTLY) ?: [0];
    }
}
