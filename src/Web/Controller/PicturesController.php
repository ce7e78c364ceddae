<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Yelbo\Shop\Bench\Paces;
use Yelbo\Shop\Price\Sold;
use Yelbo\Shop\Report\Margins;
use Yelbo\Shop\Report\Pictures;
use Yelbo\Trade\Price\Money;
use Yelbo\Web\Guard\Polled;
use Yelbo\Web\View\DeliveredView;
use Yelbo\Web\View\FilmUseView;
use Yelbo\Web\View\LoadView;
use Yelbo\Web\View\MarginView;
use Yelbo\Web\View\MoneyView;
use Yelbo\Web\View\PaceView;
use Yelbo\Web\View\PicturesView;
use Yelbo\Web\View\PriceTestView;
use Yelbo\Web\View\RecutView;
use Yelbo\Web\View\TimedView;
use Yelbo\Web\View\WorthView;

/** Figures of the shop to be drawn, and what other ways of charging would have brought. */
final readonly class PicturesController
{
    public function __construct(
        private Pictures $pictures,
        private Margins $margins,
        private Sold $sold,
        private Paces $paces,
        #[Autowire('%money.format%')] private string $money,
    ) {
    }

    /** Gives the figures of all pictures. */
    #[Polled(kept: true)]
    #[Route('/api/pictures', name: 'pictures', methods: ['GET'])]
    public function all(): PicturesView
    {
        [$margins, $left] = $this->margins->margins();

        return new PicturesView(
            array_map(static fn (array $one): LoadView => new LoadView(...$one), $this->pictures->load()),
            array_map(static fn (array $one): FilmUseView => new FilmUseView(...$one), $this->pictures->film()),
            array_map(fn (array $one): RecutView => RecutView::from($one, $this->money), $this->margins->lost()),
            array_map(
                static fn (array $one): DeliveredView => new DeliveredView(...$one),
                $this->pictures->delivered(),
            ),
            array_map(static fn (array $one): TimedView => new TimedView(...$one), $this->pictures->minutes()),
            array_map(
                fn (array $one): WorthView => new WorthView(
                    $one['film'],
                    $one['area'],
                    MoneyView::from(Money::minor($one['worth']), $this->money),
                    $one['since'],
                ),
                $this->pictures->shelf(),
            ),
            array_map(
                fn (array $one): MarginView => MarginView::from($one, $this->money),
                $margins,
            ),
            array_map(PaceView::from(...), $this->paces->all()),
            $left,
        );
    }

    /** Tells what the orders of the last months would have paid by letter height, by area and by minutes. */
    #[IsGranted('ROLE_OWNER')]
    #[Route('/api/price-test', name: 'price-test', methods: ['GET'])]
    public function test(): PriceTestView
    {
        [$test, $left] = $this->sold->test();

        return PriceTestView::from($test, $left, Sold::DAYS, $this->money);
    }
}
