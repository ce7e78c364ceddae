<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

/** What the object is made of where the film goes. Source: handbook section 6. */
enum Material: string
{
    case Smooth = 'smooth';
    case OilyPlastic = 'oily-plastic';
    case Vehicle = 'vehicle';
    case Painted = 'painted';
    case Raw = 'raw';
    case Wall = 'wall';
    case Fabric = 'fabric';

    public function says(): string
    {
        return match ($this) {
            self::Smooth => 'Glass, glazed ceramic, metal, acrylic',
            self::OilyPlastic => 'Oily plastic: polypropylene, polyethylene, silicone',
            self::Vehicle => 'Vehicle or boat paint',
            self::Painted => 'Painted wood or metal',
            self::Raw => 'Raw wood, canvas, card',
            self::Wall => 'Painted wall',
            self::Fabric => 'Fabric',
        };
    }

    /** Does it hold at all? */
    public function refuses(Film $film): bool
    {
        return self::Fabric === $this || (self::Wall === $this && Film::Removable !== $film);
    }

    /** What to know before film goes on it; nothing where it simply holds. */
    public function warning(Film $film): ?string
    {
        return match ($this) {
            self::Smooth, self::Vehicle => null,
            self::OilyPlastic => 'Film holds badly on oily plastics. Warn the customer and test a scrap first.',
            self::Painted => 'The paint has to be cured, not just dry: overnight at least.',
            self::Raw => 'On raw or rough surfaces film may lift. Warn the customer.',
            self::Wall => Film::Removable === $film ? null : 'Painted walls take removable film only: anything else brings the paint off.',
            self::Fabric => 'Adhesive film does not hold on fabric. That needs heat-applied film, which is another material.',
        };
    }
}
