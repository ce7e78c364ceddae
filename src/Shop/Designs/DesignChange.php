<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** What a cure changes of a drawing, as it could be typed; none leaves a field as it is. */
final readonly class DesignChange
{
    /**
     * @param string|null           $capHeight   empty for the largest that fits
     * @param string|null           $film        by its number on the shelf
     * @param bool                  $toTheMiddle whether the art goes back to the middle
     * @param array<string, string> $setting     by the field's name
     */
    public function __construct(
        public ?string $capHeight = null,
        public ?string $face = null,
        public ?string $film = null,
        public bool $toTheMiddle = false,
        public array $setting = [],
    ) {
    }
}
