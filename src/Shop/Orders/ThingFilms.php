<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Plan\WorkPlan;
use Yelbo\Trade\Refused;

/** The films on a thing: which they are, what they are called, and how far each is. */
final readonly class ThingFilms
{
    /**
     * @param string      $tag    what the thing is called, `Y-0412/3`
     * @param int         $nth    the number of the first decal on it
     * @param list<Piece> $pieces every film on it, by decal and layer
     */
    public function __construct(private string $tag, private int $nth, private array $pieces)
    {
    }

    /** @return list<string> the films on it, each once */
    public function names(): array
    {
        return array_values(
            array_unique(array_map(static fn (Piece $piece): string => $piece->film()->name(), $this->pieces)),
        );
    }

    /**
     * What goes on it as one, in the order in which it is laid: decal by decal, the largest first.
     *
     * @return non-empty-list<Piece> of what is joined the top one
     */
    public function tops(): array
    {
        $tops = array_values(array_filter($this->pieces, static fn (Piece $piece): bool => $piece->drawn()->isOnTop()));
        $area = static fn (Piece $of): int => $of->drawn()->joinedSize()->width->micrometres *
            $of->drawn()->joinedSize()->height->micrometres;
        usort(
            $tops,
            static fn (Piece $a, Piece $b): int => [$a->nth(), -$area($a), $a->layer()] <=> [
                $b->nth(),
                -$area($b),
                $b->layer(),
            ],
        );

        return $tops ?: throw new \LogicException("$this->tag has no piece.");
    }

    /** What the steps of a piece are told apart by: empty for the letters of the first decal, else `b`, `2`, `2b`. */
    public function nameOf(Piece $piece): string
    {
        $decal = 1 + $piece->nth() - $this->nth;

        return (1 === $decal ? '' : $decal).(0 === $piece->layer() ? '' : $piece->letter());
    }

    /** The piece whose steps bear a name; none where there is none. */
    public function pieceNamed(string $name): ?Piece
    {
        foreach ($this->pieces as $piece) {
            if ($this->nameOf($piece) === $name) {
                return $piece;
            }
        }

        return null;
    }

    /**
     * What of it is not weeded yet.
     *
     * @return list<Piece>
     */
    public function missing(): array
    {
        return array_values(
            array_filter(
                $this->pieces,
                static fn (Piece $piece): bool => $piece->state()->rank() < PieceState::Applying->rank(),
            ),
        );
    }

    /**
     * What is not weeded yet and some steps cannot be done without: of film on the mat itself, of the rest all.
     *
     * @param list<string> $steps by their names in its plan of work
     *
     * @return list<Piece>
     */
    public function missingFor(WorkPlan $plan, array $steps): array
    {
        $missing = $this->missing();
        $readied = [];
        foreach ($steps as $name) {
            if (!$plan->isPreparing($name)) {
                return $missing;
            }
            $readied[] = explode('/', $name)[1] ?? '';
        }

        return array_values(
            array_filter(
                $missing,
                fn (Piece $piece): bool => \in_array($this->nameOf($piece), $readied, true),
            ),
        );
    }

    /**
     * What of it was cut.
     *
     * @return list<Piece>
     */
    public function cut(): array
    {
        return array_values(
            array_filter(
                $this->pieces,
                static fn (Piece $piece): bool => $piece->state()->rank() >= PieceState::Weeding->rank(),
            ),
        );
    }

    /** The box round all its films: of what has panes that of the first. */
    public function box(): Box
    {
        $box = null;
        foreach ($this->pieces as $piece) {
            if ($piece->nth() === $this->nth) {
                $there = $piece->drawn()->there();
                $box = null === $box ? $there : $box->around($there);
            }
        }

        return $box ?? throw new \LogicException("$this->tag has no piece.");
    }

    /** Of all its films together: of what has panes of the first. */
    public function size(): Size
    {
        $box = $this->box();

        return new Size(Length::micrometres($box->width()), Length::micrometres($box->height()));
    }

    /** How often something of it was cut again. */
    public function recuts(): int
    {
        return array_sum(array_map(static fn (Piece $piece): int => $piece->recuts(), $this->pieces));
    }

    /**
     * What is one thing goes together: nothing of it is applied, packed or handed over before all of it is ready for
     * that.
     *
     * @throws Refused
     */
    public function refuseApart(PieceMove $move): void
    {
        foreach ($this->pieces as $piece) {
            if (Journey::holdsBack($move, $piece->state())) {
                throw new Refused(
                    'not-yet',
                    "{$piece->tag()} belongs to it and is not that far: it is {$piece->state()->inWords()}. What is "
                        .'one thing goes together.',
                );
            }
        }
    }
}
