<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * Words that are to fill a box of both sides: proportions are locked, so it is looked for a little tracking, then a
 * little condensing, then another face. What is left over is the misfit. Source: handbook section 4, "Proportions are
 * locked"; section 3, "a box of both".
 */
final readonly class BoxFitting
{
    /** Thousandths of the em: closer, and wider, letters fall into one or fall apart. */
    private const TRACKING = [-20, 120];
    /** Thousandths of the em: what the width is measured at. */
    private const TRIED = 100;
    /** Of the proportions: a misfit under this is none. */
    private const NOTHING = 0.002;

    public function __construct(private Typesetter $typesetter, private Rules $rules)
    {
    }

    /**
     * The words set as near to the proportions of the box as tracking and condensing bring them.
     *
     * @return array{Words, float} and the misfit that stays, a share of the side that is left over
     *
     * @throws Refused where they cannot be set
     */
    public function near(Words $words, Box $box): array
    {
        $wanted = $box->width() / $box->height();
        if (null !== $words->art) {
            return [$words, self::misfit($this->proportion($words), $wanted)];
        }
        $setting = $words->setting->condensed(0);
        $least = $this->proportion($words->with($setting->tracked(0)));
        $more = ($this->proportion($words->with($setting->tracked(self::TRIED))) - $least) / self::TRIED;
        $tracking = $more > 0 ? (int) round(($wanted - $least) / $more) : 0;
        $tracking = max(self::TRACKING[0], min(self::TRACKING[1], $tracking));
        $tracked = $setting->tracked($tracking);
        $condense = 100 * (1 - $wanted / $this->proportion($words->with($tracked)));
        $most = $this->rules->value(Rule::CondenseMost);
        $condense = max(-$most, min($most, round($condense, 1)));
        $near = $words->with(abs($condense) < 100 * self::NOTHING ? $tracked : $tracked->condensed($condense));

        return [$near, self::misfit($this->proportion($near), $wanted)];
    }

    private function proportion(Words $words): float
    {
        $box = $this->typesetter->sketch($words)->box();

        return $box->width() / max(1, $box->height());
    }

    private static function misfit(float $has, float $wanted): float
    {
        $misfit = 1 - min($has / $wanted, $wanted / $has);

        return $misfit < self::NOTHING ? 0.0 : $misfit;
    }
}
