<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Learn\Entry;
use Yelbo\Trade\Learn\Learning;
use Yelbo\Trade\Learn\Station;

/**
 * What this shop's own minutes are against the handbook's: learned from what was timed, nightly and when somebody asks,
 * and used wherever an estimate stands.
 */
final readonly class Paces
{
    /** Of each station the last so many. */
    private const LAST = 600;
    private const STATIONS = [Station::Weed, Station::Apply, Station::Tape];

    public function __construct(
        private EntityManagerInterface $records,
        private ShopRules $rules,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<LearnedPace> the newest of each station there is one of */
    public function all(): array
    {
        return array_values(array_filter(array_map($this->of(...), self::STATIONS)));
    }

    /** Learns anew from what was timed; what there was before is kept with its day. */
    public function learn(): void
    {
        $log = [];
        foreach (self::STATIONS as $station) {
            $log[$station->value] = array_map(
                static fn (TimedWork $one): Entry => $one->entry(),
                array_reverse(
                    $this->records
                        ->getRepository(TimedWork::class)
                        ->findBy(['station' => $station], ['id' => 'DESC'], self::LAST),
                ),
            );
        }
        $this->records->wrapInTransaction(function () use ($log): void {
            foreach (self::STATIONS as $station) {
                $this->records->persist($this->learned($station, $log[$station->value]));
            }
            $this->book->note('learned', 'Minutes were learned anew from what was timed');
        });
    }

    /** @param list<Entry> $log */
    private function learned(Station $station, array $log): LearnedPace
    {
        $rules = $this->rules->own();
        $learning = new Learning($log, $rules);
        $ratios = [];
        foreach ($log as $entry) {
            $told = $learning->tell($entry);
            if ($told->isLearned) {
                $ratios[] = $told->minutes / max(0.01, $station->minutes($entry, $rules));
            }
        }
        sort($ratios);

        return new LearnedPace(
            $station,
            [] === $ratios ? 1.0 : round($ratios[intdiv(\count($ratios), 2)], 3),
            \count($log),
            \count($learning->outliers),
            $learning->handbookError,
            $learning->learnedError,
            $this->clock->now(),
        );
    }

    private function of(Station $station): ?LearnedPace
    {
        return $this->records->getRepository(LearnedPace::class)->findOneBy(['station' => $station], ['id' => 'DESC']);
    }
}
