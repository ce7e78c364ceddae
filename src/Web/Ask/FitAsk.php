<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** Words to be drawn on a docket's object; lengths as typed, empty for the rule's own. */
final readonly class FitAsk
{
    public function __construct(
        public int $docket,
        public string $words,
        public string $face,
        public string $capHeight = '',
        public string $left = '',
        public string $top = '',
        public string $units = 'metric',
        public SettingAsk $setting = new SettingAsk(),
        public string $film = '',
        public ?ArtAsk $art = null,
    ) {
    }
}
