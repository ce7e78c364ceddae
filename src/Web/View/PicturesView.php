<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Figures of the shop to be drawn. */
final readonly class PicturesView
{
    /**
     * @param list<LoadView> $load minutes of hands by day
     * @param list<FilmUseView> $film film off the shelf and back on it by week
     * @param list<RecutView> $recuts why pieces were cut again, and what that cost
     * @param list<DeliveredView> $delivered orders by how early they were handed over
     * @param list<TimedView> $minutes told against real minutes
     * @param list<MarginView> $margins what orders brought and cost, by kind of object, face and film
     * @param list<PaceView> $paces what told minutes are off by, by station
     * @param int $reckoning orders whose cost is still being reckoned in the background
     * @param list<WorthView> $shelf what the shelf is worth by film
     */
    public function __construct(
        public array $load,
        public array $film,
        public array $recuts,
        public array $delivered,
        public array $minutes,
        public array $shelf,
        public array $margins,
        public array $paces,
        public int $reckoning,
    ) {
    }
}
