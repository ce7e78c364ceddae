<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Suitability;
use Yelbo\Trade\Film\Usage;

/** Film against what it is used for and what it goes on. Source: handbook section 6. */
final class UseCheck
{
    private function __construct()
    {
    }

    /** @return list<Snag> */
    public static function filmAndUse(Film $film, Usage $use): array
    {
        $warning = Suitability::warning($film, $use);

        return null === $warning
            ? []
            : [new Snag(SnagCode::FilmAndUse, Severity::Warn, 0, 0, null, $warning, [['do' => Remedy::AnotherFilm]])];
    }

    /** @return list<Snag> */
    public static function filmAndSurface(Film $film, ?Material $material, bool $inside): array
    {
        $warning = $material?->warning($film, $inside);
        if (null === $material || null === $warning) {
            return [];
        }

        return [
            new Snag(
                SnagCode::FilmAndSurface,
                $material->refuses($film, $inside) ? Severity::Stop : Severity::Warn,
                0,
                0,
                null,
                $warning,
                match (true) {
                    Material::Wall === $material => [['do' => Remedy::AnotherFilm, 'film' => Film::Removable->value]],
                    $material->refuses($film, $inside) => [
                        ['do' => Material::TintedGlass === $material ? Remedy::Outside : Remedy::AnotherMaterial],
                    ],
                    default => [['do' => Remedy::TestFirst]],
                },
            ),
        ];
    }
}
