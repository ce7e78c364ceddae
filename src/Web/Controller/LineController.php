<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Orders\DocketSummaries;
use Yelbo\Shop\Orders\DocketSummary;
use Yelbo\Shop\Orders\DocketWords;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Journey\Station;
use Yelbo\Web\Guard\Polled;
use Yelbo\Web\View\DocketRow;
use Yelbo\Web\View\DocketsView;
use Yelbo\Web\View\LineView;
use Yelbo\Web\View\StationView;
use Yelbo\Web\View\TickView;

/** The line across the top, and the dockets behind it. */
final readonly class LineController
{
    /** Ticks at a station: more are drawn nowhere. */
    private const TICKS = 200;
    private const FOUND = 12;
    private const MOST = 200;

    public function __construct(
        private DocketSummaries $standings,
        private DocketWords $words,
        private Shelf $shelf,
    ) {
    }

    /** Lists the stations with what stands at each and what is late. */
    #[Polled]
    #[Route('/api/line', name: 'line', methods: ['GET'])]
    public function line(): LineView
    {
        $stations = $this->standings->stations(self::TICKS);

        return new LineView(
            array_map(static function (Station $station) use ($stations): StationView {
                $here = $stations[$station->value] ?? ['many' => 0, 'late' => 0, 'first' => []];

                return new StationView(
                    $station,
                    $station->number(),
                    $here['late'],
                    $here['many'],
                    array_map(TickView::from(...), $here['first']),
                );
            }, Station::cases()),
        );
    }

    /** Lists dockets: those at one station, some of them where there are many, or those found by words or a number. */
    #[Polled]
    #[Route('/api/dockets', name: 'dockets', methods: ['GET'])]
    public function dockets(
        #[MapQueryParameter] ?Station $station = null,
        #[MapQueryParameter] ?string $find = null,
        #[MapQueryParameter] int $from = 0,
        #[MapQueryParameter] int $most = self::MOST,
    ): DocketsView {
        if (null !== $find && '' !== trim($find)) {
            $found = $this->standings->of($this->words->find(mb_substr($find, 0, 80), self::FOUND));

            return new DocketsView($this->rows($found), 0, \count($found));
        }
        $here = $this->standings->part($station, $from, $most);

        return new DocketsView($this->rows($here['part']), $here['from'], $here['many']);
    }

    /**
     * @param list<DocketSummary> $dockets
     *
     * @return list<DocketRow>
     */
    private function rows(array $dockets): array
    {
        $films = [];
        foreach ($this->shelf->films() as $film) {
            $films[$film->id()] = $film;
        }

        return array_map(
            static fn (DocketSummary $docket): DocketRow => DocketRow::from($docket, $films[$docket->film] ?? null),
            $dockets,
        );
    }
}
