<?php

declare(strict_types=1);

namespace Yelbo\Shop\Delivery;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\CareCard;
use Yelbo\Shop\Orders\Finishing;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Bench\Packing;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Refused;

/** What leaves the shop: what goes with it, how it goes, and that it arrived. */
final readonly class Delivery
{
    public const MOVES = [PieceMove::HandOver, PieceMove::Post, PieceMove::Deliver];
    private const LONGEST_TRACKING = 80;

    public function __construct(
        private EntityManagerInterface $records,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private ShopRules $rules,
        private CareCard $care,
        private Finishing $finishing,
    ) {
    }

    /** @return list<string> what goes into the parcel */
    public function contents(Thing $thing): array
    {
        $item = $thing->item();
        $films = array_unique(array_map(static fn (Piece $piece): int => $piece->film()->id(), $thing->pieces()));

        return (new Packing($this->rules->current()))->contents(
            $item->object()->name(),
            $item->isAppliedHere(),
            \count($thing->films()->tops()),
            \count($films),
        );
    }

    /** @return list<string> what the care card says */
    public function care(Thing $thing): array
    {
        return $this->care->ofThing($thing, true);
    }

    /**
     * Handed over, posted, or arrived. With its last thing the order is done.
     *
     * @param string $tracking number of the parcel, where it is posted with one
     * @param bool   $together the same of all things of the order that stand there: one parcel
     *
     * @throws Refusals|Refused|Conflict
     */
    public function move(
        Thing $thing,
        int $version,
        PieceMove $move,
        string $tracking,
        bool $together = false,
    ): void {
        if (!\in_array($move, self::MOVES, true)) {
            throw new Refused('illegal-move', "“{$move->label()}” is not done at Send.");
        }
        $tracking = trim($tracking);
        if (mb_strlen($tracking) > self::LONGEST_TRACKING) {
            throw Refusals::at('reason', 'At most '.self::LONGEST_TRACKING.' letters here.');
        }
        $all = [$thing, ...$together ? $thing->goingToo() : []];
        foreach ($all as $one) {
            $one->films()->refuseApart($move);
        }
        $versions = array_map(
            static fn (Thing $one): array => [$one, $one === $thing ? $version : $one->version()],
            $all,
        );
        $this->change->applyAll($versions, function () use ($all, $thing, $move, $tracking): void {
            // Two last things that leave at once decide one after the other whether the order is done.
            $this->records->lock($thing->docket(), LockMode::PESSIMISTIC_WRITE);
            $says =
                PieceMove::Post === $move
                    ? 'posted'.('' === $tracking ? '' : ", $tracking")
                    : lcfirst($move->label());
            foreach ($all as $one) {
                $one->move($move, $this->clock->now());
                if (PieceMove::Post === $move) {
                    $one->trackBy('' === $tracking ? null : $tracking);
                }
                $this->book->note($move->value, "{$one->tag()} $says", $one->docket()->number(), $one->nth());
            }
            $this->finishing->endIfDelivered($thing->docket());
        });
    }
}
