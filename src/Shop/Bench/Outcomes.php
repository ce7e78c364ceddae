<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Bench\Part;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Learn\ComebackLearning;
use Yelbo\Trade\Learn\Comebacks;
use Yelbo\Trade\Learn\Outcome;
use Yelbo\Trade\Plan\StepMinutes;

/** Keeps what came of what was cut, and learns from it which parts, films and faces come back. */
final readonly class Outcomes
{
    /** So many are looked back at. */
    private const LAST = 3000;

    public function __construct(
        private EntityManagerInterface $records,
        private PieceWeeding $weeding,
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    /** Keeps what a move tells; to be asked before it. Film that was not at the bench yet tells nothing. */
    public function keep(Piece $piece, PieceMove $move, string $reason): void
    {
        if (
            !\in_array($move, [PieceMove::Weeded, PieceMove::Spoil], true)
            || $piece->state()->rank() < PieceState::Weeding->rank()
        ) {
            return;
        }
        $known = $this->records
            ->getRepository(CutOutcome::class)
            ->findOneBy(['piece' => $piece->id(), 'nth' => $piece->recuts()]);
        $outcome = $known ?? $this->begun($piece);
        if (PieceMove::Spoil === $move) {
            $outcome->comesBack(trim($reason), $this->lost($piece), $this->clock->now());
        }
        $this->records->persist($outcome);
    }

    /** What was learned of it. */
    public function comebacks(): Comebacks
    {
        return (new ComebackLearning($this->rules->own()))->learned(
            array_map(
                static fn (CutOutcome $one): Outcome => $one->outcome(),
                $this->records->getRepository(CutOutcome::class)->findBy([], ['id' => 'DESC'], self::LAST),
            ),
        );
    }

    private function begun(Piece $piece): CutOutcome
    {
        $size = $piece->drawn()->cutSize();

        return new CutOutcome(
            $piece,
            min([
                $size->width->toMillimetres(),
                ...array_map(static fn (Part $part): float => $part->narrow(), $this->weeding->weeding($piece)->keeps),
            ]),
            $size->width->toMillimetres() * $size->height->toMillimetres(),
            $this->clock->now(),
        );
    }

    /** Minutes of hands that were put into it so far, by the figures. */
    private function lost(Piece $piece): float
    {
        $size = $piece->drawn()->cutSize();
        $tape = (new StepMinutes($this->rules->current()))
            ->tape(max($size->width->micrometres, $size->height->micrometres));

        return $this->weeding->weeding($piece)->minutes +
            ($piece->state()->rank() > PieceState::Applying->rank() ? $tape : 0.0);
    }
}
