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
}
