<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

/** Where everything goes, and what did not go anywhere and why. */
final readonly class Plan
{
    /**
     * @param list<Sheet>                                          $sheets
     * @param list<array{piece: string, count: int, why: string}> $left
     */
    public function __construct(public array $sheets, public array $left)
    {
    }

    /**
     * What found no place, each kind once.
     *
     * @param list<NestPiece>            $waiting
     * @param \Closure(NestPiece): string $why     asked once of each kind
     *
     * @return list<array{piece: string, count: int, why: string}>
     */
    public static function unplaced(array $waiting, \Closure $why): array
    {
        $left = [];
        foreach ($waiting as $piece) {
            $left[$piece->id] ??= ['piece' => $piece->id, 'count' => 0, 'why' => $why($piece)];
            ++$left[$piece->id]['count'];
        }

        return array_values($left);
    }
}
