<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Access\People;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/** What people change about the plan of the week: where a step stays, which order comes first, longer hours. */
final readonly class WeekChanges
{
    public function __construct(
        private EntityManagerInterface $records,
        private WeekBoard $board,
        private Calendar $calendar,
        private Dockets $dockets,
        private People $people,
        private Book $book,
        private ClockInterface $clock,
        private ShopRules $rules,
    ) {
    }

    /**
     * Puts steps of the week somewhere, all of them or none: there they stay until they are let go.
     *
     * @param list<array{docket: int, step: string, worker: int, from: string}> $puts each with the key of the step, the
     *     number of who does it, and when it begins, ISO 8601
     *
     * @throws Refusals at `from` for a moment that is over, or is none
     * @throws Refused  where there is no such step
     * @throws NotFound where there is no such worker
     */
    public function put(array $puts): void
    {
        $read = array_map(
            fn (array $put): array => [
                $put['docket'],
                $this->known($put['docket'], $put['step']),
                $this->people->worker($put['worker']),
                $this->moment($put['from']),
            ],
            $puts,
        );
        $this->records->wrapInTransaction(function () use ($read): void {
            foreach ($read as [$docket, $step, $worker, $from]) {
                $pin = $this->pinned($docket, $step);
                if (null === $pin) {
                    $this->records->persist(new StepPin($docket, $step, $worker, $from));
                } else {
                    $pin->put($worker, $from);
                }
                $this->book->note(
                    'week',
                    Docket::tagOf($docket)." “{$step}” put to {$from->format('D j M, H:i')}, {$worker->name()}",
                    $docket,
                );
            }
        });
    }

    private function moment(string $from): \DateTimeImmutable
    {
        $moment = \DateTimeImmutable::createFromFormat(\DATE_ATOM, $from);
        if (false === $moment) {
            throw Refusals::at('from', 'When is it to begin?');
        }
        if ($moment < $this->clock->now()->modify('-1 minute')) {
            throw Refusals::at('from', 'That time is over.');
        }

        // Records hold the shop's own time.
        return $moment->setTimezone($this->clock->now()->getTimezone());
    }

    /** Lets the plan put a step where it likes again. */
    public function unpin(int $docket, string $step): void
    {
        $pin = $this->pinned($docket, $step) ?? throw new Refused(
            'not-pinned',
            'The plan is free to move this already.',
        );
        $this->records->wrapInTransaction(function () use ($pin, $docket, $step): void {
            $this->records->remove($pin);
            $this->book->note('week', Docket::tagOf($docket)." “{$step}” may be moved by the plan again", $docket);
        });
    }

    /**
     * Takes a change that was proposed for an order that comes late.
     *
     * @param string $kind `first` or `longer`
     * @param string $date the day that is longer; empty for the other
     *
     * @throws Refused where it is not proposed any more
     */
    public function take(int $docket, string $kind, string $date): void
    {
        $this->dockets->numbered($docket);
        [$plan] = $this->board->current();
        foreach ($plan['late'] ?? [] as $late) {
            foreach ($late['options'] as $option) {
                if ($late['docket'] === $docket && $option['kind'] === $kind && $option['date'] === $date) {
                    $this->make($docket, $kind, $date, $option['says']);

                    return;
                }
            }
        }
        throw new Refused('not-proposed', 'The plan has changed since. Look again.');
    }

    /** An order counts like any other again. */
    public function likeOthers(int $docket): void
    {
        $weight = $this->records->find(OrderWeight::class, $docket)
            ?? throw new Refused('not-first', 'It counts like any other already.');
        $this->records->wrapInTransaction(function () use ($weight, $docket): void {
            $this->records->remove($weight);
            $this->book->note('week', Docket::tagOf($docket).' counts like any other order again', $docket);
        });
    }

    /** @return list<int> numbers of orders that come before others */
    public function firsts(): array
    {
        return array_map(
            static fn (OrderWeight $one): int => $one->docket(),
            $this->records->getRepository(OrderWeight::class)->findAll(),
        );
    }

    private function make(int $docket, string $kind, string $date, string $says): void
    {
        if ('longer' === $kind) {
            $day = new \DateTimeImmutable($date);
            $stretches = $this->calendar->hours()->on($day);
            $closes = [] === $stretches ? 0 : end($stretches)[1];
            $longerBy = (int) $this->rules->current()->value(Rule::LongerHours);
            $this->calendar->workLonger($day, $closes, $closes + $longerBy);

            return;
        }
        $this->records->wrapInTransaction(function () use ($docket, $says): void {
            if (null === $this->records->find(OrderWeight::class, $docket)) {
                $this->records->persist(new OrderWeight($docket, OrderWeight::FIRST));
            }
            $this->book->note('week', Docket::tagOf($docket).": $says", $docket);
        });
    }

    /** @throws Refused where that step is not in the plan */
    private function known(int $docket, string $step): string
    {
        foreach ($this->board->entries() as $entry) {
            if ($entry['docket'] === $docket && $entry['key'] === $step) {
                return $step;
            }
        }
        throw new Refused('not-planned', 'This step is not in the plan any more.');
    }

    private function pinned(int $docket, string $step): ?StepPin
    {
        return $this->records->getRepository(StepPin::class)->findOneBy(['docket' => $docket, 'step' => $step]);
    }
}
