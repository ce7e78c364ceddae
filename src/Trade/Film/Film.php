<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** The kinds of film. Source: handbook sections 5 and 6. */
enum Film: string
{
    case Removable = 'removable';
    case Permanent = 'permanent';
    case Cast = 'cast';
    case Holographic = 'holographic';
    case Chrome = 'chrome';
    case Glitter = 'glitter';
    case Pearl = 'pearl';
    case Patterned = 'patterned';
    case Printable = 'printable';
    case Frosted = 'frosted';
    case Cling = 'cling';
    case Chalkboard = 'chalkboard';
    case Stencil = 'stencil';

    /** Films that knife and hook take alike. */
    public function group(): FilmGroup
    {
        return match ($this) {
            self::Pearl, self::Chrome, self::Holographic => FilmGroup::Show,
            self::Glitter => FilmGroup::Glitter,
            self::Frosted, self::Cling => FilmGroup::Glass,
            self::Printable => FilmGroup::Printable,
            default => FilmGroup::Plain,
        };
    }

    /** What knife and hook can manage in it, by the shop's figures. */
    public function limits(Rules $rules): Limits
    {
        $group = $this->group();

        return new Limits(
            $rules->micrometres($group->stroke()),
            $rules->micrometres($group->island()),
            $rules->micrometres($group->counter()),
            $rules->micrometres($group->gap()),
        );
    }

    /** May pieces be turned on the sheet? */
    public function hasDirection(): bool
    {
        return self::Patterned === $this;
    }

    /** What it is good for and for how long by the shop's figures, in words a customer understands. */
    public function life(Rules $rules): string
    {
        $years = static fn (Rule $rule): string => self::years($rules->value($rule));

        return match ($this) {
            self::Removable => "About {$years(Rule::RemovableLife)} indoors.",
            self::Permanent => "About {$years(Rule::PermanentLife)} outdoors.",
            self::Cast => "About {$years(Rule::CastLife)}, also on curves and vehicles.",
            self::Holographic, self::Chrome => $rules->value(Rule::ShowLife) > 1
                ? '1 to '.$years(Rule::ShowLife).' outdoors.'
                : "About {$years(Rule::ShowLife)} outdoors.",
            self::Glitter => 'Indoors, for show.',
            self::Pearl => "About {$years(Rule::PearlLife)}.",
            self::Frosted, self::Cling => "About {$years(Rule::GlassLife)}.",
            self::Chalkboard => "About {$years(Rule::ChalkboardLife)}.",
            self::Patterned => "About {$years(Rule::PatternedLife)}.",
            self::Printable => "Under {$years(Rule::PrintableLife)} even sealed. Fades in sun.",
            self::Stencil => 'Hours only: take it off once the paint is on.',
        };
    }

    private static function years(float $years): string
    {
        return $years.(1.0 === $years ? ' year' : ' years');
    }

    /** As it is named on a shelf: `Permanent`. */
    public function label(): string
    {
        return ucfirst($this->value);
    }
}
