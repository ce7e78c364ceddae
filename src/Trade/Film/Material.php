<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

/** What the object is made of where the film goes. Source: handbook section 6. */
enum Material: string
{
    case Smooth = 'smooth';
    case Glass = 'glass';
    case TintedGlass = 'tinted-glass';
    case PaintedBehind = 'painted-behind';
    case OilyPlastic = 'oily-plastic';
    case Vehicle = 'vehicle';
    case Painted = 'painted';
    case Raw = 'raw';
    case Wall = 'wall';
    case Fabric = 'fabric';

    /** As it is shown. */
    public function label(): string
    {
        return match ($this) {
            self::Smooth => 'Glazed ceramic, metal, acrylic, hard plastic',
            self::Glass => 'Clear glass',
            self::TintedGlass => 'Tinted glass',
            self::PaintedBehind => 'Clear acrylic, painted behind',
            self::OilyPlastic => 'Oily plastic: polypropylene, polyethylene, silicone',
            self::Vehicle => 'Vehicle or boat paint',
            self::Painted => 'Painted wood or metal',
            self::Raw => 'Raw wood, canvas, card',
            self::Wall => 'Painted wall',
            self::Fabric => 'Fabric',
        };
    }

    /** Can film be stuck inside and read from outside? Then it is cut mirrored, always. */
    public function hasInside(): bool
    {
        return self::Glass === $this || self::TintedGlass === $this;
    }

    /** Does film go on paint, which has to be cured? */
    public function isPainted(): bool
    {
        return self::Painted === $this || self::Wall === $this;
    }

    /** Does it hold at all? */
    public function refuses(Film $film, bool $inside = false): bool
    {
        return null !== $this->refusal($film, $inside);
    }

    /** Why it cannot be done, and what would; nothing where it can. */
    public function refusal(Film $film, bool $inside = false): ?string
    {
        return match (true) {
            self::Fabric === $this => 'Adhesive film does not hold on fabric. That needs heat-applied film, which is '
                .'another material.',
            self::Wall === $this && Film::Removable !== $film => 'Painted walls take removable film only: anything '
                .'else brings the paint off.',
            self::TintedGlass === $this && $inside => 'Not inside tinted glass: pulling it off can take the tint '
                .'with it. Put it on the outside, not mirrored.',
            default => null,
        };
    }

    /** What to know before film goes on it; nothing where it simply holds. */
    public function warning(Film $film, bool $inside = false): ?string
    {
        return $this->refusal($film, $inside) ??
            match ($this) {
                self::OilyPlastic => 'Film holds badly on oily plastics. Warn the customer and test a scrap first.',
                self::Painted => 'The paint has to be cured, not just dry: overnight at least.',
                self::PaintedBehind => 'Film goes on the smooth side and paint on the back. Leave the protective '
                    .'sheet on the face until the paint is dry.',
                self::Raw => 'On raw or rough surfaces film may lift. Warn the customer.',
                default => null,
            };
    }
}
