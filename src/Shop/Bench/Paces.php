<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Learn\Entry;
use Yelbo\Trade\Learn\Learning;
use Yelbo\Trade\Learn\TimedStation;

/**
 * What this shop's own minutes are against the handbook's: learned from what was timed, nightly and when somebody asks,
 * and used wherever an estimate stands.
 */
final readonly class Paces
{
    /** Of each station the last so many. */
    private const LAST = 600;
    /** Pieces of work somebody has to have done for a pace of their own. */
    private const FEW = 20;
    private const STATIONS = [TimedStation::Weed, TimedStation::Apply, TimedStation::Tape];

    public function __construct(
        private EntityManagerInterface $records,
        private ShopRules $rules,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<LearnedPace> the newest of the shop's, of each station there is one of */
    public function all(): array
    {
        $newest = array_map(fn (TimedStation $one): ?LearnedPace => $this->of($one, ''), self::STATIONS);

        return array_values(array_filter($newest));
    }

    /**
     * The newest of each who has one: for the owner, and for planning.
     *
     * @return list<LearnedPace> by name and station
     */
    public function own(): array
    {
        /** @var list<LearnedPace> $own */
        $own = $this->records
            ->createQuery(
                'SELECT p FROM '.LearnedPace::class.' p WHERE p.who <> \'\' AND p.id IN
                 (SELECT MAX(q.id) FROM '.LearnedPace::class.' q GROUP BY q.station, q.who) ORDER BY p.who, p.station',
            )
            ->getResult();

        return $own;
    }

    /**
     * How many times as long as the shop's minutes hands take where they have a pace of their own.
     *
     * @param list<Worker> $hands
     *
     * @return array<string, array<int, float>> by station of the journey and the hand's place
     */
    public function ofHands(array $hands): array
    {
        $shop = array_column(
            array_map(static fn (LearnedPace $pace): array => [$pace->station()->value, $pace->times()], $this->all()),
            1,
            0,
        );
        $place = array_flip(array_map(static fn (Worker $hand): string => $hand->name(), $hands));
        $paces = [];
        foreach ($this->own() as $pace) {
            $station = $pace->station()->value;
            if (isset($place[$pace->who()]) && 1.0 !== $pace->times()) {
                $paces[$station][$place[$pace->who()]] = $pace->times() / ($shop[$station] ?? 1.0);
            }
        }

        return $paces;
    }

    /** Learns anew from what was timed; what there was before is kept with its day. */
    public function learn(): void
    {
        $log = [];
        foreach (self::STATIONS as $station) {
            $log[$station->value] = array_reverse(
                $this->records
                    ->getRepository(TimedWork::class)
                    ->findBy(['station' => $station], ['id' => 'DESC'], self::LAST),
            );
        }
        $this->records->wrapInTransaction(function () use ($log): void {
            foreach (self::STATIONS as $station) {
                $all = $log[$station->value];
                $this->records->persist($this->learned($station, $all, ''));
                foreach (self::people($all) as $who => $own) {
                    $this->records->persist($this->learned($station, $own, $who));
                }
            }
            $this->book->note('learned', 'Minutes were learned anew from what was timed');
        });
    }

    /**
     * @param list<TimedWork> $all
     *
     * @return array<string, list<TimedWork>> of each who did enough to have a pace, where more than one did
     */
    private static function people(array $all): array
    {
        $by = [];
        foreach ($all as $one) {
            $by[$one->who()][] = $one;
        }

        return \count($by) < 2
            ? []
            : array_filter($by, static fn (array $own): bool => \count($own) >= self::FEW);
    }

    /** @param list<TimedWork> $timed */
    private function learned(TimedStation $station, array $timed, string $who): LearnedPace
    {
        $rules = $this->rules->own();
        $log = array_map(static fn (TimedWork $one): Entry => $one->entry(), $timed);
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
            $who,
        );
    }

    private function of(TimedStation $station, string $who): ?LearnedPace
    {
        return $this->records
            ->getRepository(LearnedPace::class)
            ->findOneBy(['station' => $station, 'who' => $who], ['id' => 'DESC']);
    }
}
