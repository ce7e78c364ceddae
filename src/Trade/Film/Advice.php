<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

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
    public static function all(
        Rules $rules,
        Usage $use,
        ?Material $material = null,
        bool $inside = false,
        bool $round = false,
    ): array {
        $all = array_map(
            static fn (Film $film): self => self::about($rules, $film, $use, $material, $inside, $round),
            Film::cases(),
        );
        usort(
            $all,
            static fn (self $a, self $b): int => [
                self::RANKS[$a->verdict],
                self::place($a->film, $use, $material, $round),
            ] <=> [self::RANKS[$b->verdict], self::place($b->film, $use, $material, $round)],
        );

        return $all;
    }

    /** What speaks for or against one film. */
    public static function about(
        Rules $rules,
        Film $film,
        Usage $use,
        ?Material $material = null,
        bool $inside = false,
        bool $round = false,
    ): self {
        $refusal = $material?->refusal($film, $inside);
        if (null !== $refusal) {
            return new self($film, self::REFUSED, $refusal);
        }
        $warning = Suitability::warning($film, $use) ?? self::onGlassOnly($film, $material);
        if (null !== $warning) {
            return new self($film, self::AGAINST, $warning);
        }
        $reason = self::reason($rules, $film, $use, $material, $round);

        return new self($film, null === $reason ? self::WILL_DO : self::BEST, $reason ?? $film->life($rules));
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
    private static function reason(Rules $rules, Film $film, Usage $use, ?Material $material, bool $round): ?string
    {
        return match (true) {
            Material::Wall === $material => Film::Removable === $film
                ? 'The only one that comes off a painted wall again.'
                : null,
            Usage::Vehicle === $use => Film::Cast === $film
                ? 'Conforms best and lasts about '.self::figure($rules, Rule::CastLife).' years on vehicles.'
                : null,
            $round => Film::Cast === $film
                ? 'Conforms best to a curve.'
                : (Film::Permanent === $film
                    ? 'Holds about '.
                        self::figure($rules, Rule::PermanentLife).
                        ' years; take cast where the curve is tight.'
                    : null),
            Usage::Washed === $use => Film::Permanent === $film ? 'Stands hand washing. Never the dishwasher.' : null,
            Usage::Outdoor === $use => match ($film) {
                Film::Permanent => 'About '.self::figure($rules, Rule::PermanentLife).' years outdoors.',
                Film::Cast => 'About '.self::figure($rules, Rule::CastLife).' years outdoors; the dearest.',
                default => null,
            },
            Material::Glass === $material && Film::Frosted === $film => 'Looks etched on glass; about '.
                self::figure($rules, Rule::GlassLife).
                ' years.',
            Material::Glass === $material && Film::Cling === $film => 'No glue: it can be moved and taken off.',
            default => match ($film) {
                Film::Permanent => 'Stands handling and hand washing; about '.
                    self::figure($rules, Rule::PermanentLife).
                    ' years.',
                Film::Removable => 'Comes off clean; about '.
                    self::figure($rules, Rule::RemovableLife).
                    ' years indoors.',
                default => null,
            },
        };
    }

    private static function figure(Rules $rules, Rule $rule): string
    {
        return (string) $rules->value($rule);
    }

    /** Among films of the same verdict. */
    private static function place(Film $film, Usage $use, ?Material $material, bool $round): int
    {
        $order = match (true) {
            Usage::Vehicle === $use || $round => [Film::Cast, Film::Permanent],
            Material::Wall === $material => [Film::Removable],
            default => [Film::Permanent, Film::Cast, Film::Removable],
        };
        $at = array_search($film, $order, true);

        return false === $at ? \count($order) + (int) array_search($film, Film::cases(), true) : (int) $at;
    }
}
