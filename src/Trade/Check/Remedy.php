<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Lettering\Mending;

/** What helps against a snag. Source: handbook section 5. */
enum Remedy: string
{
    case Enlarge = 'enlarge';
    case Reduce = 'reduce';
    case Centre = 'centre';
    case Move = 'move';
    case PlaceOnTheArc = 'place-on-the-arc';
    case Thicken = 'thicken';
    case Fuse = 'fuse';
    case Fill = 'fill';
    case Bridge = 'bridge';
    case Drop = 'drop';
    case Track = 'track';
    case LeaveOut = 'leave-out';
    case Rim = 'rim';
    case WidenRim = 'widen-rim';
    case Over = 'over';
    case BolderFace = 'bolder-face';
    case AnotherFilm = 'another-film';
    case AnotherMaterial = 'another-material';
    case Outside = 'outside';
    case Panels = 'panels';
    case Split = 'split';
    case Snip = 'snip';
    case TestFirst = 'test-first';

    /** Whether it is something done to outlines. */
    public function isMending(): bool
    {
        return \in_array($this->value, Mending::STEPS, true);
    }

    /** What is said of it where no drawing changes it; nothing where one does. */
    public function said(): ?string
    {
        return match ($this) {
            self::TestFirst => 'test a scrap first',
            self::Snip => 'snip the tape between letters',
            self::Split => 'split the decal',
            self::Panels => 'cut it in panels',
            self::AnotherMaterial => 'another material: heat-applied film',
            self::Outside => 'stick it on the outside, not mirrored',
            default => null,
        };
    }
}
