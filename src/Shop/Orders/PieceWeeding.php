<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Bench\Weeding;
use Yelbo\Trade\Cache;

/** What is to be weeded of a piece, worked out once for each outline. */
final readonly class PieceWeeding
{
    public function __construct(private Outlines $outlines, private ShopRules $rules, private Cache $cache)
    {
    }

    /** What stays of a piece, what comes out, and in which order. */
    public function weeding(Piece $piece): Weeding
    {
        $film = $piece->film()->grade();
        $rules = $this->rules->current();

        return $this->cache->recall(
            'weeding.'.hash(
                'xxh128',
                serialize([$piece->drawn()->outline(), $piece->proof()->frozen()->mirrored, $film, $rules]),
            ),
            fn (): Weeding => new Weeding($this->outlines->cut($piece), $film, $rules),
        );
    }
}
