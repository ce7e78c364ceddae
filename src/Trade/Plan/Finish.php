<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Time\Duration;

/** What goes over or behind a decal once it is on. Source: handbook section 12. */
enum Finish: string
{
    case None = 'none';
    case Brushed = 'brushed';
    case Sprayed = 'sprayed';
    case Resin = 'resin';
    case Dishwasher = 'dishwasher';
    case PaintedBehind = 'painted-behind';

    /** What a coat would be seen on beside the film. */
    private const NO_COATS = [Material::Vehicle, Material::Wall, Material::Glass, Material::TintedGlass];

    /** As it is asked. */
    public function label(): string
    {
        return match ($this) {
            self::None => 'None',
            self::Brushed => 'Brushed sealer',
            self::Sprayed => 'Sprayed sealer',
            self::Resin => 'Resin',
            self::Dishwasher => 'Dishwasher-grade sealer',
            self::PaintedBehind => 'Painted behind, clear plastic',
        };
    }

    /** What it stands and takes, in a sentence or two. */
    public function says(Rules $rules): string
    {
        $coats = $this->coats();
        if (null === $coats) {
            return $this->stands();
        }
        $of = (int) $rules->value($coats[0]);
        $wait = Duration::inWords((int) $rules->value($coats[1]));

        return $this->stands().' '.(1 === $of ? "One coat, dries $wait." : "$of coats, $wait each.");
    }

    private function stands(): string
    {
        return match ($this) {
            self::None => 'For single use and for what is not touched much.',
            self::Brushed, self::Sprayed => 'For regular use.',
            self::Resin => 'For hard use: coasters, trays.',
            self::Dishwasher => 'It cures for weeks: advise against it.',
            self::PaintedBehind => 'The paint lies behind the film, on the rough side.',
        };
    }

    /**
     * Why it cannot be done; nothing where it can.
     *
     * @param Material|null $on   none where nobody said
     * @param bool          $here the shop puts the decal on
     */
    public function refusal(?Material $on, bool $here): ?string
    {
        return match (true) {
            self::None === $this => null,
            !$here => 'What the customer puts on gets no coats here: choose none, or that the shop applies it.',
            self::PaintedBehind === $this && Material::PaintedBehind !== $on => 'Paint goes behind clear acrylic '
                .'only: say so under what it is made of, or choose another finish.',
            \in_array($on, self::NO_COATS, true) => 'Nothing goes over it there: a coat would show on the paint or the '
                .'glass round it.',
            default => null,
        };
    }

    /** @return array{Rule, Rule}|null how many coats, and what each waits; none where there is none */
    public function coats(): ?array
    {
        return match ($this) {
            self::None => null,
            self::Brushed, self::Sprayed => [Rule::SealerCoats, Rule::SealerDries],
            self::Resin => [Rule::ResinCoats, Rule::ResinDries],
            self::Dishwasher => [Rule::DishwasherCoats, Rule::DishwasherDries],
            self::PaintedBehind => [Rule::BehindCoats, Rule::BehindDries],
        };
    }
}
