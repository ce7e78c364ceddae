<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One field of the setting, as it could be typed. */
final readonly class SettingPartView
{
    /**
     * @param string $name what is set
     * @param string $value to what, in words
     */
    public function __construct(public string $name, public string $value)
    {
    }
}
