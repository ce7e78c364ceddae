<?php

declare(strict_types=1);

namespace Yelbo\Shop\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Bench\TimedWork;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Learn\Entry;
use Yelbo\Trade\Learn\TimedStation;

/** What work took in the weeks before the day the demo is started, so that there is something to learn from. */
final readonly class DemoHistory
{
    private const DAYS = 40;
    private const A_DAY = 3;
    /** So many times the handbook's minutes. */
    private const PACES = ['Ines' => 1.25, 'Tomas' => 0.95];
    private const FILMS = [Film::Permanent, Film::Permanent, Film::Removable, Film::Pearl];
    /** One in so many has a break in it. */
    private const BREAKS = 17;

    public function __construct(private EntityManagerInterface $records, private ShopRules $rules)
    {
    }

    /** Puts it on record. */
    public function fill(\DateTimeImmutable $now): void
    {
        $rules = $this->rules->own();
        for ($nth = 0; $nth < self::DAYS * self::A_DAY; ++$nth) {
            $at = $now->modify('-'.(self::DAYS - intdiv($nth, self::A_DAY)).' days');
            $who = array_keys(self::PACES)[$nth % 2];
            $station = [TimedStation::Weed, TimedStation::Weed, TimedStation::Tape, TimedStation::Apply][$nth % 4];
            $of = new Entry(
                $station,
                self::FILMS[self::spread("film $nth", 0, \count(self::FILMS) - 1)],
                (float) self::spread("waste $nth", 2, 36),
                (float) self::spread("cut $nth", 400, 6000),
                0.0,
                (float) self::spread("area $nth", 2_000, 60_000),
            );
            $took = $station->minutes($of, $rules) *
                self::PACES[$who] *
                (self::spread("took $nth", 82, 122) / 100) *
                (0 === $nth % self::BREAKS ? 5 : 1);
            $this->records->persist(
                new TimedWork(
                    new Entry($station, $of->film, $of->waste, $of->cut, 0.0, $of->area, round($took, 2)),
                    $who,
                    $at,
                ),
            );
        }
        $this->records->flush();
    }

    /** A whole number between two, the same each time, and no two days alike. */
    private static function spread(string $of, int $least, int $most): int
    {
        return $least + crc32($of) % ($most - $least + 1);
    }
}
