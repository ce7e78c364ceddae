<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/**
 * In which order the three letters of a monogram stand. Given are always the two given names
 * first and the family name last. Source: handbook section 4, "Monogram order".
 */
enum MonogramOrder: string
{
    /** Given, FAMILY, middle name: the family name larger in the middle. */
    case FamilyCentre = 'family-centre';
    /** Given, middle, family: all the same size. */
    case Equal = 'equal';
    /** Given name, SHARED FAMILY, given name. */
    case Couple = 'couple';

    /**
     * @template T
     *
     * @param array{T, T, T} $letters given, middle or second given, family
     *
     * @return array{T, T, T} as they stand from left to right
     */
    public function put(array $letters): array
    {
        return self::Equal === $this ? $letters : [$letters[0], $letters[2], $letters[1]];
    }

    /** As it is shown. */
    public function label(): string
    {
        return match ($this) {
            self::FamilyCentre => 'given name, FAMILY name larger, middle name',
            self::Equal => 'given, middle, family name, all the same size',
            self::Couple => 'given name, shared FAMILY name larger, given name',
        };
    }

    /** As it is chosen: the larger name in capitals. */
    public function choice(): string
    {
        return match ($this) {
            self::FamilyCentre => 'Given, FAMILY, middle name',
            self::Equal => 'Given, middle, family, all alike',
            self::Couple => 'Given, shared FAMILY, given',
        };
    }
}
