<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Region;

/** A sheet on which pieces lie already that are not to be moved. */
final readonly class Fixed
{
    /** @var list<array{NestPiece, Region, Place}> */
    public array $laid;

    /**
     * @param int                       $stock  place in the list of stock
     * @param list<array{NestPiece, Place}> $places
     */
    public function __construct(public int $stock, array $places)
    {
        $this->laid = array_map(
            static fn (array $place): array => [$place[0], $place[1]->put($place[0]->region), $place[1]],
            $places,
        );
    }

    /** @return list<NestPiece> */
    public function pieces(): array
    {
        return array_column($this->laid, 0);
    }
}
