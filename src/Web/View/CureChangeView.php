<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Fields of the drawing as they could be typed; nothing leaves a field as it is. */
final readonly class CureChangeView
{
    /** @param list<SettingPartView> $setting */
    public function __construct(public ?string $capHeight, public ?string $face, public ?string $film, public bool $toTheMiddle, public array $setting)
    {
    }
}
