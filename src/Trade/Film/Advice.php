<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

/**
 * Which film for which surface and use, the best first, each with its reason.
 * Source: handbook section 6.
 */
final readonly class Advice
{
    public const BEST = 'best';
    public const WILL_DO = 'will-do';
    public const AGAINST = 'against';
    public const REFUSED = 'refused';

    private const RANKS = [self::BEST => 0, self::WILL_DO => 1, self::AGAINST => 2, self::REFUSED => 3];

    private function __construct(public Film $film, public string $verdict, public string $reason)
    {
    }

    /**
     * @param bool $inside stuck inside a window, read from outside
     * @param bool $round  on a wall that bends both ways or tapers
     *
     * @return non-empty-list<self>
     */
    public static function all(UseOf $use, ?Material $material = null, bool $inside = false, bool $round = false): array
    {
        $all = array_map(static fn (Film $film): self => self::of($film, $use, $material, $inside, $round), Film::cases());
        usort($all, static fn (self $a, self $b): int => [self::RANKS[$a->verdict], self::place($a->film, $use, $material, $round)] <=> [self::RANKS[$b->verdict], self::place($b->film, $use, $material, $round)]);

        return $all;
    }

    public static function of(Film $film, UseOf $use, ?Material $material = null, bool $inside = false, bool $round = false): self
    {
        $refusal = $material?->refusal($film, $inside);
        if (null !== $refusal) {
            return new self($film, self::REFUSED, $refusal);
        }
        $warning = Suitability::warning($film, $use) ?? self::onGlassOnly($film, $material);
        if (null !== $warning) {
            return new self($film, self::AGAINST, $warning);
        }
        $reason = self::reason($film, $use, $material, $round);

        return new self($film, null === $reason ? self::WILL_DO : self::BEST, $reason ?? $film->life());
    }

    private static function onGlassOnly(Film $film, ?Material $material): ?string
    {
        return match (true) {
            null === $material || Material::Glass === $material || Material::TintedGlass === $material => null,
            Film::Cling === $film => 'Cling holds on glass only.',
            Film::Frosted === $film => 'Frosted film is made for glass.',
            default => null,
        };
    }

    /** Why this film before the others; nothing where it is only one that will do. */
    private static function reason(Film $film, UseOf $use, ?Material $material, bool $round): ?string
    {
        return match (true) {
            Material::Wall === $material => Film::Removable === $film ? 'The only one that comes off a painted wall again.' : null,
            UseOf::Vehicle === $use => Film::Cast === $film ? 'Conforms best and lasts about 8 years on vehicles.' : null,
            $round => Film::Cast === $film ? 'Conforms best to a curve.' : (Film::Permanent === $film ? 'Holds about 6 years; take cast where the curve is tight.' : null),
            UseOf::Washed === $use => Film::Permanent === $film ? 'Stands hand washing. Never the dishwasher.' : null,
            UseOf::Outdoor === $use => match ($film) {
                Film::Permanent => 'About 6 years outdoors.',
                Film::Cast => 'About 8 years outdoors; the dearest.',
                default => null,
            },
            Material::Glass === $material && Film::Frosted === $film => 'Looks etched on glass; about 3 years.',
            Material::Glass === $material && Film::Cling === $film => 'No glue: it can be moved and taken off.',
            default => match ($film) {
                Film::Permanent => 'Stands handling and hand washing; about 6 years.',
                Film::Removable => 'Comes off clean; about 3 years indoors.',
                default => null,
            },
        };
    }

    /** Among films of the same verdict. */
    private static function place(Film $film, UseOf $use, ?Material $material, bool $round): int
    {
        $order = match (true) {
            UseOf::Vehicle === $use || $round => [Film::Cast, Film::Permanent],
            Material::Wall === $material => [Film::Removable],
            default => [Film::Permanent, Film::Cast, Film::Removable],
        };
        $at = array_search($film, $order, true);

        return false === $at ? \count($order) + (int) array_search($film, Film::cases(), true) : (int) $at;
    }
}
