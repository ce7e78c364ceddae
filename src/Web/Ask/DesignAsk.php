<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** A drawing to keep, or to make a proof of; lengths as typed. */
final readonly class DesignAsk
{
    public function __construct(
        public int $version,
        public string $words,
        public string $face,
        public string $capHeight = '',
        public string $left = '',
        public string $top = '',
        public string $units = 'metric',
        public bool $proof = false,
        public SettingAsk $setting = new SettingAsk(),
        public string $roster = '',
        public string $film = '',
        public ?ArtAsk $art = null,
    ) {
    }
}
