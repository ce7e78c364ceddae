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

    public function number(): int
    {
        return 1 + (int) array_search($this, self::cases(), true);
    }
}
