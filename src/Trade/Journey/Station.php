<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

/** The stations of the work, in order. */
enum Station: string
{
    case Ask = 'ask';
    case Size = 'size';
    case Proof = 'proof';
    case Batch = 'batch';
    case Cut = 'cut';
    case Weed = 'weed';
    case Apply = 'apply';
    case Send = 'send';

    /** Its place in the line, from 1. */
    public function number(): int
    {
        return 1 + (int) array_search($this, self::cases(), true);
    }

    /** As it is named on screen. */
    public function label(): string
    {
        return match ($this) {
            self::Ask => 'Ask',
            self::Size => 'Size',
            self::Proof => 'Proof',
            self::Batch => 'Batch',
            self::Cut => 'Cut',
            self::Weed => 'Weed',
            self::Apply => 'Apply',
            self::Send => 'Send',
        };
    }
}
