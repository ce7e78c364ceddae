<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Trade\Journey\Station;
use Yelbo\Web\Guard\Polled;
use Yelbo\Web\RecordViews;
use Yelbo\Web\View\DocketRow;
use Yelbo\Web\View\DocketsView;
use Yelbo\Web\View\LineView;
use Yelbo\Web\View\StationView;
use Yelbo\Web\View\TickView;

/** The line across the top, and the dockets behind it. */
final readonly class LineController
{
    public function __construct(private Dockets $dockets, private RecordViews $records)
    {
    }

    /** Lists the stations with what stands at each and what is late. */
    #[Polled]
    #[Route('/api/line', name: 'line', methods: ['GET'])]
    public function line(): LineView
    {
        $waiting = [];
        foreach ($this->dockets->open() as $docket) {
            $row = $this->records->row($docket);
            $waiting[$row->station->value ?? ''][] = new TickView(
                $row->number,
                $row->tag,
                $row->label,
                $row->customer,
                $row->late,
                $row->neededAt,
            );
        }

        return new LineView(
            array_map(static function (Station $station) use ($waiting): StationView {
                $ticks = $waiting[$station->value] ?? [];

                return new StationView(
                    $station,
                    $station->number(),
                    \count(array_filter($ticks, static fn (TickView $tick): bool => $tick->late)),
                    $ticks,
                );
            }, Station::cases()),
        );
    }

    /** Lists dockets: those at one station, or those found by a word. */
    #[Polled]
    #[Route('/api/dockets', name: 'dockets', methods: ['GET'])]
    public function dockets(
        #[MapQueryParameter] ?Station $station = null,
        #[MapQueryParameter] ?string $find = null,
    ): DocketsView {
        if (null !== $find && '' !== trim($find)) {
            return new DocketsView(array_map($this->records->row(...), $this->dockets->find(mb_substr($find, 0, 80))));
        }
        $rows = array_map($this->records->row(...), $this->dockets->open());

        return new DocketsView(
            array_values(
                array_filter(
                    $rows,
                    static fn (DocketRow $row): bool => null === $station || $row->station === $station,
                ),
            ),
        );
    }
}
