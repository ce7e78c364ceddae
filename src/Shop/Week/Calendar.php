<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Access\People;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Measure\TypedDay;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Week\Hours;

/** When the shop works and who is there: weekly hours, those of one date, days off. Source: handbook section 16. */
final readonly class Calendar
{
    private const MOST_DAYS_OFF = 400;
    /** Of the handbook: minutes of the day. */
    private const WEEKDAYS = [1, 2, 3, 4, 5];
    private const MORNING = [540, 750];
    private const AFTERNOON = [795, 1050];
    private const SATURDAY = [6, 540, 780];

    public function __construct(
        private EntityManagerInterface $records,
        private People $people,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<array{int, int, int}> day of the week, from, to: minutes of the day; the handbook's until set */
    public function weekly(): array
    {
        $weekly = array_map(
            static fn (OpenHours $one): array => [(int) $one->day(), $one->opens(), $one->closes()],
            $this->kept(true),
        );
        if ([] !== $weekly) {
            return $weekly;
        }
        foreach (self::WEEKDAYS as $day) {
            array_push($weekly, [$day, ...self::MORNING], [$day, ...self::AFTERNOON]);
        }

        return [...$weekly, self::SATURDAY];
    }

    /** @return list<OpenHours> of one date alone */
    public function extra(): array
    {
        return $this->kept(false);
    }

    /** @return list<OpenHours> */
    private function kept(bool $weekly): array
    {
        return array_values(
            array_filter(
                $this->records
                    ->getRepository(OpenHours::class)
                    ->findBy([], ['date' => 'ASC', 'day' => 'ASC', 'opens' => 'ASC']),
                static fn (OpenHours $one): bool => $weekly === (null !== $one->day()),
            ),
        );
    }

    /** @return list<DayOff> those to come, the soonest first */
    public function daysOff(): array
    {
        /** @var list<DayOff> $days */
        $days = $this->records
            ->createQuery('SELECT o FROM '.DayOff::class.' o WHERE o.last >= :today ORDER BY o.first, o.id')
            ->setParameter('today', $this->clock->now()->format('Y-m-d'))
            ->getResult();

        return $days;
    }

    /** @return list<Worker> who can work at the bench */
    public function hands(): array
    {
        return array_values(
            array_filter($this->people->all(), static fn (Worker $worker): bool => !$worker->isDisabled()),
        );
    }

    /**
     * The shop's hours, or somebody's.
     *
     * @param Worker|null $who none for the shop's own
     */
    public function hours(?Worker $who = null): Hours
    {
        $extra = array_map(
            static fn (OpenHours $one): array => [
                (string) $one->date()?->format('Y-m-d'),
                $one->opens(),
                $one->closes(),
            ],
            $this->extra(),
        );
        $closed = [];
        foreach ($this->daysOff() as $off) {
            if (null === $off->who() || (null !== $who && $off->who()->id() === $who->id())) {
                array_push($closed, ...$off->days());
            }
        }
        // Who is away is not called in by longer hours; a closed shop is opened by them.
        $away = [];
        foreach ($this->daysOff() as $off) {
            if (null !== $off->who() && null !== $who && $off->who()->id() === $who->id()) {
                array_push($away, ...$off->days());
            }
        }

        return new Hours(
            $this->weekly(),
            array_values(array_unique($closed)),
            array_values(array_filter($extra, static fn (array $one): bool => !\in_array($one[0], $away, true))),
        );
    }

    /**
     * Sets the hours of every week.
     *
     * @param list<array{int, string, string}> $typed day, from, to, as typed: `9:00`, `12.30`, `17`
     *
     * @throws Refusals at `hours.0.from` and so on
     */
    public function setHours(array $typed): void
    {
        $fields = new Fields();
        $read = [];
        foreach ($typed as $nth => [$day, $from, $to]) {
            $opens = self::clockTime($from);
            $closes = self::clockTime($to);
            if (null === $opens) {
                $fields->refuse("hours.$nth.from", 'A time of the day, like 9:00.');
            }
            if (null === $closes) {
                $fields->refuse("hours.$nth.to", 'A time of the day, like 17:30.');
            }
            if (null !== $opens && null !== $closes && $closes <= $opens) {
                $fields->refuse("hours.$nth.to", 'It closes after it opens.');
            }
            if ($day < 1 || $day > 7) {
                $fields->refuse("hours.$nth.day", 'Which day of the week?');
            }
            $read[] = [$day, $opens ?? 0, $closes ?? 0];
        }
        $fields->refuseIfWrong();
        try {
            new Hours($read);
        } catch (Refused $refused) {
            throw Refusals::at('hours.'.ltrim($refused->at, '/').'.from', $refused->getMessage());
        }
        $this->records->wrapInTransaction(function () use ($read): void {
            $this->records->createQuery('DELETE '.OpenHours::class.' h WHERE h.day IS NOT NULL')->execute();
            foreach ($read as [$day, $opens, $closes]) {
                $this->records->persist(new OpenHours($day, null, $opens, $closes));
            }
            $this->book->note('hours', 'The hours of the week were changed');
        });
    }

    /** Works longer on one date. @param int $opens minutes of the day @param int $closes minutes of the day */
    public function workLonger(\DateTimeImmutable $date, int $opens, int $closes): void
    {
        $this->records->wrapInTransaction(function () use ($date, $opens, $closes): void {
            $this->records->persist(new OpenHours(null, $date, $opens, $closes));
            $this->book->note(
                'hours',
                \sprintf(
                    'Longer hours on %s, %s to %s',
                    $date->format('D j M'),
                    self::told($opens),
                    self::told($closes),
                ),
            );
        });
    }

    /** Takes longer hours of one date back. @throws NotFound */
    public function dropExtra(int $id): void
    {
        $extra = $this->records->find(OpenHours::class, $id);
        if (null === $extra || null === $extra->date()) {
            throw new NotFound('There are no such hours.');
        }
        $this->records->wrapInTransaction(function () use ($extra): void {
            $this->records->remove($extra);
            $this->book->note('hours', 'Longer hours on '.($extra->date()?->format('D j M') ?? '').' taken back');
        });
    }

    /**
     * The shop closes, or somebody is away.
     *
     * @param int|null $who   number of the worker; none for the shop
     * @param string   $first a day, 2026-12-24
     * @param string   $last  a day; the same where left empty
     *
     * @throws Refusals
     */
    public function takeOff(?int $who, string $first, string $last, string $why): void
    {
        $fields = new Fields();
        $from = TypedDay::read($first);
        $to = '' === trim($last) ? $from : TypedDay::read($last);
        if (null === $from) {
            $fields->refuse('first', 'From which day?');
        }
        if (null === $to || (null !== $from && $to < $from)) {
            $fields->refuse('last', 'To which day? Not before the first.');
        } elseif (null !== $from && $from->diff($to)->days > self::MOST_DAYS_OFF) {
            $fields->refuse('last', 'That is longer than a year.');
        }
        $reason = $fields->text('why', $why, 80);
        $worker = null === $who ? null : $this->people->worker($who);
        $fields->refuseIfWrong();
        if (null === $from || null === $to) {
            throw new \LogicException('A wrong day was not noted.');
        }
        $this->records->wrapInTransaction(function () use ($worker, $from, $to, $reason): void {
            $this->records->persist(new DayOff($worker, $from, $to, $reason));
            $this->book->note(
                'hours',
                (null === $worker ? 'Closed' : "{$worker->name()} away").
                    " {$from->format('j M')} to {$to->format('j M')}".
                    ('' === $reason ? '' : ": $reason"),
            );
        });
    }

    /** Takes days off back. @throws NotFound */
    public function dropDayOff(int $id): void
    {
        $off = $this->records->find(DayOff::class, $id) ?? throw new NotFound('There are no such days.');
        $this->records->wrapInTransaction(function () use ($off): void {
            $this->records->remove($off);
            $this->book->note('hours', "Days off from {$off->first()->format('j M')} taken back");
        });
    }

    /** 570 as 9:30. */
    public static function told(int $minutes): string
    {
        return \sprintf('%d:%02d', intdiv($minutes, 60), $minutes % 60);
    }

    private static function clockTime(string $typed): ?int
    {
        return 1 === preg_match('~^\s*(\d{1,2})(?:[:.](\d\d))?\s*$~', $typed, $at)
            && (int) $at[1] * 60 + (int) ($at[2] ?? 0) <= 1440
            && (int) ($at[2] ?? 0) < 60
            ? 60 * (int) $at[1] + (int) ($at[2] ?? 0)
            : null;
    }
}
