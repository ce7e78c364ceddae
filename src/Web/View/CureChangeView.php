<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DesignChange;

/** Fields of the drawing as they could be typed; nothing leaves a field as it is. */
final readonly class CureChangeView
{
    /**
     * @param list<SettingPartView> $setting how the words are set then
     * @param string|null $capHeight the letter height it changes to
     * @param string|null $face the typeface it changes to
     * @param string|null $film the short name of the film it changes to
     * @param bool $toTheMiddle whether the art goes to the middle of the safe area
     */
    public function __construct(
        public ?string $capHeight,
        public ?string $face,
        public ?string $film,
        public bool $toTheMiddle,
        public array $setting,
    ) {
    }

    public static function from(DesignChange $change): self
    {
        return new self(
            $change->capHeight,
            $change->face,
            $change->film,
            $change->toTheMiddle,
            array_map(
                static fn (string $field, string $value): SettingPartView => new SettingPartView($field, $value),
                array_keys($change->setting),
                $change->setting,
            ),
        );
    }
}
