<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Trade\Journey\PieceState;

/** Pieces by the things they go on, and what of them rests. */
final class RestingThings
{
    private function __construct()
    {
    }

    /**
     * Until when all that can be gone on with rests or dries; none where something can be gone on with.
     *
     * @param list<Piece> $pieces
     */
    public static function restsUntil(array $pieces): ?\DateTimeImmutable
    {
        $until = null;
        foreach (self::things($pieces) as $thing) {
            $waits = PieceState::Curing === $thing->state() ? $thing->restsUntil() : $thing->progress()->driesUntil;
            if (null === $waits && $thing->state()->rank() < PieceState::Ready->rank()) {
                return null;
            }
            $until = max($until, $waits);
        }

        return $until;
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return list<Thing> they go on, each once
     */
    public static function things(array $pieces): array
    {
        $things = [];
        foreach ($pieces as $piece) {
            $things[$piece->thing()->id()] = $piece->thing();
        }

        return array_values($things);
    }
}
