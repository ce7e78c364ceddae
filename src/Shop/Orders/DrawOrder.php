<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Designs\Backing;
use Yelbo\Shop\Designs\BroughtArt;
use Yelbo\Shop\Designs\BroughtArts;
use Yelbo\Shop\Designs\DesignElement;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Designs\PrintedPictures;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Refused;

/**
 * What is decided at Size: how the words are drawn, what the owner lets pass, the price; and the proof that freezes it.
 */
final readonly class DrawOrder
{
    /** Minor units. */
    private const HIGHEST_PRICE = 100_000_00;
    private const LONGEST_REASON = 300;

    public function __construct(
        private DrawnItems $drawn,
        private NextProof $next,
        private PapersFollow $papers,
        private BroughtArts $arts,
        private PrintedPictures $pictures,
        private Backing $backing,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Keeps a drawing of one of the things; with `$proof` all of them are frozen as the next proof at once.
     *
     * @throws Refusals for words that cannot be drawn, and for a stop the owner has not let pass
     * @throws Conflict
     */
    public function draw(Item $item, int $version, Draft $draft, bool $proof): void
    {
        $docket = $item->docket();
        self::expectSizing($docket);
        if ($docket->isBeingMade($item)) {
            throw new Refused(
                'illegal-move',
                "{$item->label()} was said yes to and is being made. Open it again first, from the docket.",
            );
        }
        if ([] === $draft->lines && !$draft->design->isWithoutWords()) {
            throw Refusals::at(
                'words',
                'There are no words to set. Write at least one letter, or choose what stands in their place.',
            );
        }
        if ($proof && DesignElement::DRAWING === $draft->design->motif()?->kind) {
            throw Refusals::at('art', 'The drawing is still to come: bring it, or choose a shape instead.');
        }
        $this->arts->refuseForeign($draft, $docket->number());
        $decals = $this->drawn->decals($item, $draft);
        $pages = $proof ? $this->next->pages($item, $draft, $decals) : [];
        $this->change->apply($docket, $version, function () use ($docket, $item, $draft, $pages): void {
            if (null !== $draft->film && $draft->film !== $item->film()) {
                $this->book->note('film', "Film changed to {$draft->film->name()}", $docket->number());
            }
            $docket->draw($item, $draft);
            if ([] === $pages) {
                $this->book->noteOnce('drawn', 'Drawing changed', $docket->number());

                return;
            }
            $nth = $this->next->freeze($docket, $pages);
            $sizes = implode(
                '; ',
                array_map(
                    static fn (ProofPage $page): string => $page->drawing()->size()->in(Units::Metric),
                    $docket->proofs()->newest(),
                ),
            );
            $this->book->note('proof', "Proof $nth made, $sizes", $docket->number());
        });
    }

    /**
     * A drawing the customer brought, for this order.
     *
     * @throws Refusals|Refused
     */
    public function bring(Docket $docket, string $name, string $svg): BroughtArt
    {
        self::expectSizing($docket);

        return $this->arts->bring($docket->number(), $name, $svg);
    }

    /**
     * A picture the customer brought, to be printed and cut round what is on it.
     *
     * @param int $high how high what is on it is, µm
     * @param int $away from that to the cut, µm
     *
     * @throws Refusals|Refused
     */
    public function bringPicture(Docket $docket, string $name, string $bytes, int $high, int $away): BroughtArt
    {
        self::expectSizing($docket);

        return $this->pictures->bring($docket->number(), $name, $bytes, $high, $away);
    }

    /**
     * A piece like the object's outline less so much, as a drawing of this order.
     *
     * @param int|null $less µm; the object's clearance where left out
     *
     * @throws Refusals|Refused
     */
    public function back(Item $item, ?int $less): BroughtArt
    {
        return $this->bring($item->docket(), 'backing.svg', $this->backing->svg($item->object(), $less));
    }

    private static function expectSizing(Docket $docket): void
    {
        if (DocketState::Sizing !== $docket->state()) {
            throw new Refused('illegal-move', "{$docket->tag()} is not at Size any more.");
        }
    }

    /**
     * A stop of the drawing as it is kept is let pass by the owner, with a reason that stays with the order. It holds
     * for what is no worse than it is now.
     *
     * @throws Refusals|Refused|Conflict
     */
    public function waive(Item $item, int $version, string $code, string $reason, string $by): void
    {
        if (mb_strlen(trim($reason)) < 3) {
            throw Refusals::at('reason', 'Why may it pass? A few words that stand on the docket and at the bench.');
        }
        $docket = $item->docket();
        if (!\in_array($docket->state(), [DocketState::Sizing, DocketState::Proofing], true)) {
            throw new Refused('illegal-move', "{$docket->tag()} is not at Size any more.");
        }
        $draft = $item->draft();
        $found = array_filter(
            $this->next->stops($item, $this->drawn->decals($item, $draft), $draft),
            static fn (SnagGroup $stop): bool => $stop->code->value === $code,
        );
        if ([] === $found) {
            throw Refusals::at('code', 'The drawing as it is kept has no such stop.');
        }
        $excess = max(array_map(static fn (SnagGroup $stop): float => $stop->excess, $found));
        $this->change->apply($docket, $version, function () use ($item, $docket, $code, $excess, $reason, $by): void {
            $item
                ->waivers()
                ->add($code, $excess, mb_substr(trim($reason), 0, self::LONGEST_REASON), $by, $this->clock->now());
            $docket->changed();
            $this->book->note('waived', "“{$code}” let pass by $by: ".trim($reason), $docket->number());
        });
    }

    /**
     * What the customer pays for all of it. A proof that is out keeps what it says: at Proof another version of it is
     * made at once, the same but for the price.
     *
     * @param string $typed an amount; empty where it is as quoted
     *
     * @throws Refusals|Conflict
     */
    public function price(Docket $docket, int $version, string $typed): void
    {
        $fields = new Fields();
        $price = Fields::isEmpty($typed) ? null : $fields->money('price', $typed, self::HIGHEST_PRICE);
        $fields->refuseIfWrong();
        $this->change->apply($docket, $version, function () use ($docket, $price): void {
            $docket->askPrice($price);
            $this->book->note(
                'price',
                null === $price ? 'Price as the figures tell it' : 'Price '.number_format($price / 100, 2, '.', ' '),
                $docket->number(),
            );
            if (DocketState::Proofing === $docket->state()) {
                $pages = $docket->proofs()->newest();
                $docket->move(DocketMove::Change);
                $nth = $this->next->freeze($docket, $pages);
                $this->book->note('proof', "Proof $nth made, at another price", $docket->number());
            }
        });
    }

    /**
     * Another move of a docket that has no pieces yet: back, changed, cancelled.
     *
     * @throws Refusals|Refused|Conflict
     */
    public function move(Docket $docket, int $version, DocketMove $move, string $reason): void
    {
        if (!\in_array($move, [DocketMove::AskAgain, DocketMove::Change, DocketMove::Cancel], true)) {
            throw new Refused('illegal-move', "“{$move->label()}” is done at its station.");
        }
        if (DocketMove::Cancel === $move && '' === trim($reason)) {
            throw Refusals::at('reason', 'Why is it cancelled? A few words for the book.');
        }
        foreach (DocketMove::Cancel === $move ? $docket->items() : [] as $item) {
            if ($docket->isBeingMade($item)) {
                throw new Refused(
                    'illegal-move',
                    "{$item->label()} is being made already: take what is made out first.",
                );
            }
        }
        $this->change->apply($docket, $version, function () use ($docket, $move, $reason): void {
            $docket->move($move);
            $this->book->note(
                $move->value,
                $move->label().('' === trim($reason) ? '' : ": $reason"),
                $docket->number(),
            );
        });
        if (DocketMove::Cancel === $move) {
            $this->papers->follow($docket);
        }
    }
}
