<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Thing;

/** What is drawn as art in the picture of a step: the films that are in hand then. */
final readonly class StepArt
{
    /**
     * @param list<array{string, string}> $films outline and colour of each, from bottom to top: a hash, and #rrggbb
     * @param array{int, int}             $from  of those the left top corner of what is put on, µm
     */
    private function __construct(public array $films, public array $from)
    {
    }

    /**
     * Of films that are lifted as one.
     *
     * @param list<Piece> $layers the top one first
     * @param Piece       $piece  the one whose step it is
     */
    public static function of(array $layers, Piece $piece): self
    {
        return new self(self::drawn($layers), [
            $piece->drawn()->joinedLeft()->micrometres - $piece->drawn()->left()->micrometres,
            $piece->drawn()->joinedTop()->micrometres - $piece->drawn()->top()->micrometres,
        ]);
    }

    /**
     * Of all that is on a thing.
     *
     * @param list<Piece> $layers of its first decal, the top one first
     */
    public static function whole(array $layers, Thing $thing): self
    {
        $piece = $thing->first();
        $box = $thing->films()->box();

        return new self(self::drawn($layers), [
            $box->left - $piece->drawn()->left()->micrometres,
            $box->top - $piece->drawn()->top()->micrometres,
        ]);
    }

    /**
     * @param list<Piece> $layers
     *
     * @return list<array{string, string}>
     */
    private static function drawn(array $layers): array
    {
        return array_map(
            static fn (Piece $layer): array => [$layer->drawn()->outline(), $layer->film()->swatch()],
            array_reverse($layers),
        );
    }
}
