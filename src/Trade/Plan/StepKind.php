<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

/** What is done with a decal at the bench, in the order in which it is told where nothing else decides. */
enum StepKind: string
{
    case PaintCures = 'paint-cures';
    case Burnish = 'burnish';
    case LayParts = 'lay-parts';
    case Tape = 'tape';
    case LayUnder = 'lay-under';
    case BurnishTape = 'burnish-tape';
    case JoinLayer = 'join-layer';
    case Trim = 'trim';
    case MarkMiddle = 'mark-middle';
    case MarkPlace = 'mark-place';
    case Clean = 'clean';
    case Wet = 'wet';
    case SetDown = 'set-down';
    case Position = 'position';
    case Hinge = 'hinge';
    case PeelLiner = 'peel-liner';
    case CountLoose = 'count-loose';
    case Snip = 'snip';
    case RubDown = 'rub-down';
    case Seam = 'seam';
    case ReliefCut = 'relief-cut';
    case PeelTape = 'peel-tape';
    case TrimEdge = 'trim-edge';
    case DabPaint = 'dab-paint';
    case LiftStencil = 'lift-stencil';
    case LookOver = 'look-over';
    case PaintBehind = 'paint-behind';
    case Coat = 'coat';
    case Rest = 'rest';
    case LeaveOnLiner = 'leave-on-liner';
    case TestScrap = 'test-scrap';
    case PackFlat = 'pack-flat';
    case CareCard = 'care-card';

    /** Whether it is of a film, of the thing before any film is on it, or of the thing once all are. */
    public function whose(): StepWhose
    {
        return match ($this) {
            self::PaintCures, self::Clean => StepWhose::Ground,
            self::LookOver,
            self::PaintBehind,
            self::Coat,
            self::Rest,
            self::TestScrap,
            self::PackFlat,
            self::CareCard => StepWhose::Thing,
            self::Burnish,
            self::LayParts,
            self::Tape,
            self::LayUnder,
            self::BurnishTape,
            self::JoinLayer,
            self::Trim,
            self::MarkMiddle => StepWhose::Mat,
            default => StepWhose::Film,
        };
    }

    /** Is the film seen by itself, on its tape or liner, and not where it goes? */
    public function isOnTape(): bool
    {
        return $this->isPreparing() || \in_array($this, [self::Snip, self::CountLoose], true);
    }

    /** Is it done with one film, and not with the thing as a whole? */
    public function isOfAFilm(): bool
    {
        return \in_array($this->whose(), [StepWhose::Mat, StepWhose::Film], true);
    }

    /** Is it done on the mat, before the thing itself is touched? */
    public function isPreparing(): bool
    {
        return StepWhose::Mat === $this->whose();
    }
}
