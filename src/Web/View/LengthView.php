<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Measure\Length;

/** A length in millimetres, and as it is shown in each system. */
final readonly class LengthView
{
    /**
     * @param float $mm millimetres
     * @param string $metric as it is shown in metric units
     * @param string $imperial as it is shown in inches and sixteenths
     */
    public function __construct(public float $mm, public string $metric, public string $imperial)
    {
    }

    public static function from(Length $length): self
    {
        return new self($length->toMillimetres(), $length->inMetric(), $length->inImperial());
    }

    /** A limit: what is shown of it, typed again, is inside it. */
    public static function atMost(int $micrometres): self
    {
        $length = Length::micrometres($micrometres);

        return new self($length->toMillimetres(), $length->inMetricDown(), $length->inImperialDown());
    }

    public static function micrometres(int $micrometres): self
    {
        return self::from(Length::micrometres($micrometres));
    }
}
