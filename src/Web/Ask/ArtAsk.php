<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

use Yelbo\Shop\Orders\Design;

/** A drawing that was brought, by its number, and the film each of its colours is cut from. */
final readonly class ArtAsk
{
    /** @param list<ArtLayerAsk> $layers */
    public function __construct(public int $id = 0, public array $layers = [])
    {
    }

    public static function of(Design $design): ?self
    {
        $art = $design->art();

        return null === $art ? null : new self($art['id'], array_map(static fn (array $layer): ArtLayerAsk => new ArtLayerAsk($layer['colour'], null === $layer['film'] ? '' : (string) $layer['film']), $art['layers']));
    }
}
