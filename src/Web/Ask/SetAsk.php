<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** A roster to be drawn at one letter height on a docket's object. */
final readonly class SetAsk
{
    public function __construct(
        public int $docket,
        public string $roster,
        public string $face,
        public string $capHeight = '',
        public string $units = 'metric',
        public SettingAsk $setting = new SettingAsk(),
        public string $film = '',
    ) {
    }
}
