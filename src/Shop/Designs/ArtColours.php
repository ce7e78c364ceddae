<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/**
 * The colours of a drawing that was brought: which are cut, from what, and what of them is left out.
 *
 * @phpstan-import-type Art from Design
 */
final readonly class ArtColours
{
    /** @param Art|null $art */
    public function __construct(private ?array $art)
    {
    }

    /**
     * A film for each colour of the drawing that is cut: `own` for the order's.
     *
     * @return array<string, string>
     */
    public function films(): array
    {
        $films = [];
        foreach ($this->art['layers'] ?? [] as $layer) {
            if (0 !== $layer['film']) {
                $films[$layer['colour']] = (string) ($layer['film'] ?? 'own');
            }
        }

        return $films;
    }

    /**
     * Parts of the drawing that are left out, by their place among the outlines of each colour, from 0.
     *
     * @return array<string, list<int>>
     */
    public function without(): array
    {
        $out = [];
        foreach ($this->art['layers'] ?? [] as $layer) {
            $out[$layer['colour']] = array_map(static fn (int $part): int => $part - 1, $layer['out'] ?? []);
        }

        return $out;
    }
}
