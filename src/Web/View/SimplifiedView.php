<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\Simplified;
use Yelbo\Shop\Designs\SimplifiedStep;

/** How a drawing that is too fine to cut is made simpler, step by step. */
final readonly class SimplifiedView
{
    /**
     * @param list<SimplifiedStepView> $steps   in their order; none where no mending helps
     * @param int                      $left    stops that no step takes away
     * @param list<SettingPartView>    $setting what all of them together change of how it is set
     */
    public function __construct(public array $steps, public int $left, public array $setting)
    {
    }

    public static function from(Simplified $simplified): self
    {
        return new self(
            array_map(
                static fn (SimplifiedStep $step): SimplifiedStepView => new SimplifiedStepView(
                    $step->says,
                    $step->before,
                    $step->after,
                    $step->gone,
                    $step->come,
                ),
                $simplified->steps,
            ),
            $simplified->left,
            array_map(
                static fn (string $field, string $value): SettingPartView => new SettingPartView($field, $value),
                array_keys($simplified->change),
                $simplified->change,
            ),
        );
    }
}
