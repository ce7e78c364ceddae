<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

/**
 * What must be done before what, whatever the decal. Steps of one kind keep the order they were told in. Source:
 * handbook section 10, "In order".
 */
final class Precedence
{
    /** @var list<array{StepKind, StepKind}> */
    private const BEFORE = [
        [StepKind::Burnish, StepKind::LayParts],
        [StepKind::Burnish, StepKind::Tape],
        [StepKind::LayParts, StepKind::Tape],
        [StepKind::Burnish, StepKind::LayUnder],
        [StepKind::LayParts, StepKind::LayUnder],
        [StepKind::Tape, StepKind::BurnishTape],
        [StepKind::BurnishTape, StepKind::JoinLayer],
        [StepKind::BurnishTape, StepKind::Trim],
        [StepKind::JoinLayer, StepKind::Trim],
        [StepKind::Trim, StepKind::MarkMiddle],
        [StepKind::MarkMiddle, StepKind::PeelLiner],
        [StepKind::MarkMiddle, StepKind::LeaveOnLiner],
        [StepKind::Trim, StepKind::LeaveOnLiner],
        // The object is not touched before the decal is ready for it, nor while its paint cures.
        [StepKind::MarkMiddle, StepKind::PaintCures],
        [StepKind::LayParts, StepKind::PaintCures],
        [StepKind::Burnish, StepKind::PaintCures],
        [StepKind::PaintCures, StepKind::Clean],
        [StepKind::MarkMiddle, StepKind::Clean],
        [StepKind::Burnish, StepKind::Clean],
        [StepKind::Clean, StepKind::MarkPlace],
        [StepKind::Clean, StepKind::Wet],
        [StepKind::MarkPlace, StepKind::Position],
        [StepKind::Clean, StepKind::Position],
        // What lies lowest goes on first, and the rest by its marks.
        [StepKind::Clean, StepKind::SetDown],
        [StepKind::MarkPlace, StepKind::SetDown],
        [StepKind::SetDown, StepKind::Position],
        [StepKind::Position, StepKind::Hinge],
        [StepKind::Hinge, StepKind::PeelLiner],
        [StepKind::Position, StepKind::PeelLiner],
        // Water dries: it is the last thing before the film.
        [StepKind::Position, StepKind::Wet],
        [StepKind::Hinge, StepKind::Wet],
        [StepKind::Wet, StepKind::PeelLiner],
        [StepKind::PeelLiner, StepKind::CountLoose],
        [StepKind::CountLoose, StepKind::Snip],
        [StepKind::CountLoose, StepKind::RubDown],
        [StepKind::PeelLiner, StepKind::Snip],
        [StepKind::Snip, StepKind::RubDown],
        [StepKind::PeelLiner, StepKind::RubDown],
        [StepKind::RubDown, StepKind::ReliefCut],
        // Film is cut where one sees it: its tape is off.
        [StepKind::PeelTape, StepKind::Seam],
        [StepKind::Seam, StepKind::LookOver],
        [StepKind::RubDown, StepKind::PeelTape],
        [StepKind::ReliefCut, StepKind::PeelTape],
        [StepKind::RubDown, StepKind::DabPaint],
        [StepKind::PeelTape, StepKind::TrimEdge],
        [StepKind::RubDown, StepKind::TrimEdge],
        [StepKind::TrimEdge, StepKind::DabPaint],
        [StepKind::TrimEdge, StepKind::LookOver],
        [StepKind::PeelTape, StepKind::DabPaint],
        [StepKind::DabPaint, StepKind::LiftStencil],
        [StepKind::LiftStencil, StepKind::LookOver],
        [StepKind::PeelTape, StepKind::LookOver],
        [StepKind::RubDown, StepKind::LookOver],
        [StepKind::LookOver, StepKind::PaintBehind],
        [StepKind::LookOver, StepKind::Coat],
        [StepKind::PaintBehind, StepKind::Coat],
        [StepKind::Coat, StepKind::Rest],
        [StepKind::PaintBehind, StepKind::Rest],
        [StepKind::LookOver, StepKind::Rest],
        [StepKind::LeaveOnLiner, StepKind::TestScrap],
        [StepKind::TestScrap, StepKind::PackFlat],
        [StepKind::LeaveOnLiner, StepKind::PackFlat],
        [StepKind::PackFlat, StepKind::CareCard],
    ];

    private function __construct()
    {
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<Step> in an order that keeps to all of it; where nothing decides, in that of the kinds
     *
     * @throws \LogicException where it runs in a circle
     */
    public static function ordered(array $steps): array
    {
        $rank = array_flip(array_map(static fn (StepKind $kind): string => $kind->value, StepKind::cases()));
        $ordered = [];
        while ([] !== $steps) {
            $waiting = array_map(static fn (Step $step): StepKind => $step->kind, $steps);
            $next = null;
            foreach ($steps as $nth => $step) {
                if (
                    !self::isHeldUp($step->kind, $waiting)
                    && (null === $next || $rank[$step->kind->value] < $rank[$steps[$next]->kind->value])
                ) {
                    $next = $nth;
                }
            }
            if (null === $next) {
                throw new \LogicException('What must be done before what runs in a circle.');
            }
            $ordered[] = $steps[$next];
            array_splice($steps, $next, 1);
        }

        return $ordered;
    }

    /** @return list<array{StepKind, StepKind}> each with what it comes before */
    public static function all(): array
    {
        return self::BEFORE;
    }

    /** @param list<StepKind> $waiting */
    private static function isHeldUp(StepKind $kind, array $waiting): bool
    {
        foreach (self::BEFORE as [$first, $then]) {
            if ($then === $kind && \in_array($first, $waiting, true)) {
                return true;
            }
        }

        return false;
    }
}
