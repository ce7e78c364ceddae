<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Designs\DesignCheck;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Designs\WholeDecal;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Trade\Check\SnagCode;
use Yelbo\Trade\Check\SnagGroup;

/** The next proof of an order: what stands against it, and its pages. */
final readonly class NextProof
{
    public function __construct(
        private DrawnItems $drawn,
        private DesignCheck $check,
        private ProofMaker $proofs,
        private QuoteTeller $quotes,
        private OrderSize $size,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /**
     * What every thing of the order is frozen from: the one in hand as it is drawn now, the others as they were kept;
     * of what is being made the page it is made by.
     *
     * @param non-empty-list<array{list<string>, WholeDecal}> $decals of the one in hand
     *
     * @return list<ProofPage|array{Item, Draft, non-empty-list<array{list<string>, WholeDecal}>}>
     *
     * @throws Refusals
     */
    public function pages(Item $inHand, Draft $draft, array $decals): array
    {
        $docket = $inHand->docket();
        $pages = [];
        $pieces = 0;
        foreach ($docket->items() as $item) {
            $made = $docket->isBeingMade($item) ? $docket->proofs()->pageOf($item) : null;
            if (null !== $made) {
                $pages[] = $made;
                $pieces += $made->drawing()->members() * \count($made->drawing()->layers()) * $item->copies();
                continue;
            }
            $own = $item === $inHand;
            try {
                $of = $own ? $draft : $item->draft();
                $drawn = $own ? $decals : $this->drawn->decals($item, $of);
                $this->refuseStops($item, $drawn, $of);
            } catch (Refusals $refusals) {
                throw $own ? $refusals : self::elsewhere($item, $refusals);
            }
            $pages[] = [$item, $of, $drawn];
            $pieces += \count($drawn) * \count($drawn[0][1]->layers()) * $item->copies();
        }
        $this->size->refuseTooMany($pieces, 1, 'roster');

        return $pages;
    }

    /**
     * @param list<ProofPage|array{Item, Draft, non-empty-list<array{list<string>, WholeDecal}>}> $pages
     *
     * @return int which version of the proof it is
     */
    public function freeze(Docket $docket, array $pages): int
    {
        $nth = 1 + \count($docket->proofs()->all());
        $quote = $this->quoted($docket);
        $docket->freeze(
            ...array_map(
                fn (array|ProofPage $page): ProofPage => $page instanceof ProofPage
                    ? $page->again(
                        $nth,
                        $this->clock->now(),
                        $page->frozen()->charged($docket->price(), $quote, $this->proofs->taxShare()),
                    )
                    : $this->proofs->freeze($nth, $quote, ...$page),
                $pages,
            ),
        );

        return $nth;
    }

    /**
     * How the price comes about; it is the order's as long as nobody set another.
     *
     * @return list<array{what: string, says: string, minor: int}>
     */
    private function quoted(Docket $docket): array
    {
        $quote = $this->quotes->lines($docket);
        $before = ($docket->proofs()->newest()[0] ?? null)?->frozen();
        $isOwn = null !== $docket->price()
            && (true !== $before?->isAsQuoted() || $before->charged->price !== $docket->price());
        $total = array_sum(array_column($quote, 'minor'));
        if ([] !== $quote && !$isOwn && $total !== $docket->price()) {
            $docket->askPrice($total);
            $this->book->note('price', 'Price as quoted: '.number_format($total / 100, 2, '.', ' '), $docket->number());
        }

        return $quote;
    }

    /** What is wrong with a thing that is not in hand stands where the proof is made, and says which it is. */
    private static function elsewhere(Item $item, Refusals $refusals): Refusals
    {
        $says = $refusals->fields;

        return Refusals::at('items', "{$item->label()} on {$item->object()->name()}: ".reset($says));
    }

    /**
     * @param non-empty-list<array{list<string>, WholeDecal}> $decals
     *
     * @throws Refusals for a stop that the owner has not let pass
     */
    private function refuseStops(Item $item, array $decals, Draft $draft): void
    {
        foreach ($this->stops($item, $decals, $draft) as $stop) {
            if (null === $item->waivers()->reason($stop)) {
                throw Refusals::at(
                    SnagCode::OutsideSafeArea === $stop->code ? 'capHeight' : 'snags',
                    "No proof yet. {$stop->message} Take a cure, or let the owner pass it with a reason.",
                );
            }
        }
    }

    /**
     * @param non-empty-list<array{list<string>, WholeDecal}> $decals
     *
     * @return list<SnagGroup>
     */
    public function stops(Item $item, array $decals, Draft $draft): array
    {
        return $this->check->stopsOfWhole(
            array_column($decals, 1),
            $item->object(),
            $draft->film ?? $item->ownFilm(),
            $item->useOf(),
        );
    }
}
