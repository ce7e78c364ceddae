<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Development;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What bent walls and balls do to a decal. Source: handbook section 3. */
final readonly class CurveCheck
{
    /** What rounding adds to a strain at its limit. */
    private const STRAIN_GRACE = 0.0001;

    public function __construct(private Rules $rules)
    {
    }

    /** @return list<Snag> what a round wall does to a flat decal */
    public function curve(Fitted $fitted): array
    {
        return [
            ...null !== $fitted->droop && $fitted->droop > Development::SHOWS
                ? [self::droop($fitted, $fitted->droop)]
                : [],
            ...null !== $fitted->strain && $fitted->strain > $this->rules->share(Rule::BallFlat) + self::STRAIN_GRACE
                ? [$this->strain($fitted, $fitted->strain)]
                : [],
        ];
    }

    /** @param int $droop µm */
    private static function droop(Fitted $fitted, int $droop): Snag
    {
        $told = Length::micrometres($droop)->inMetric();
        $height = (int) ($fitted->capHeight * sqrt(Development::SHOWS / $droop));

        return new Snag(
            SnagCode::Droop,
            $fitted->bent ? Severity::Note : Severity::Warn,
            Development::SHOWS,
            $droop,
            null,
            $fitted->bent
                ? "On this taper a straight line would hang $told mm in the middle; the art is bent along the arc to "
                    .'look straight.'
                : "On this taper the line hangs $told mm in the middle. Over 1 mm it shows.",
            [$fitted->bent ? ['do' => Remedy::PlaceOnTheArc] : ['do' => Remedy::Reduce, 'capHeight' => $height]],
        );
    }

    /** @param float $strain a share */
    private function strain(Fitted $fitted, float $strain): Snag
    {
        $percent = round(100 * $strain, 1);
        $stop = $strain > $this->rules->share(Rule::BallSnips) + self::STRAIN_GRACE;

        return new Snag(
            SnagCode::BallStrain,
            $stop ? Severity::Stop : Severity::Warn,
            (int) round(1000 * $this->rules->value($stop ? Rule::BallSnips : Rule::BallFlat)),
            (int) round(1000 * 100 * $strain),
            null,
            $stop
                ? "On this ball the edge of the largest part would have to shrink by $percent %: it will crease. Make "
                    .'it smaller, or split it.'
                : "On this ball the edge of the largest part has to shrink by $percent %: it needs relief snips.",
            [
                ['do' => Remedy::Reduce, 'capHeight' => $fitted->largest],
                ['do' => $stop ? Remedy::Split : Remedy::Snip],
            ],
        );
    }
}
