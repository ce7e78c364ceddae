<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Measure\Length;

/** A spot on the art, mm from the top left of its box. */
final readonly class SpotView
{
    /**
     * @param float $x mm from the left of the drawing
     * @param float $y mm from the top of the drawing
     */
    public function __construct(public float $x, public float $y)
    {
    }

    public static function micrometres(int $x, int $y): self
    {
        return new self(Length::micrometres($x)->toMillimetres(), Length::micrometres($y)->toMillimetres());
    }
}
