<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Core\Authorization\AuthorizationCheckerInterface;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Yelbo\Shop\Access\People;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Upkeep\Notices;
use Yelbo\Shop\Week\Calendar;
use Yelbo\Shop\Week\DayOff;
use Yelbo\Shop\Week\Feeds;
use Yelbo\Shop\Week\Morning;
use Yelbo\Shop\Week\WeekBoard;
use Yelbo\Shop\Week\WeekChanges;
use Yelbo\Web\Address;
use Yelbo\Web\Guard\Polled;
use Yelbo\Web\Paper\WeekCalendar;
use Yelbo\Web\Paper\WeekPaper;
use Yelbo\Web\Request\DayOffRequest;
use Yelbo\Web\Request\HoursRequest;
use Yelbo\Web\Request\StepPinRequest;
use Yelbo\Web\Request\StepPinsRequest;
use Yelbo\Web\Request\StepUnpinRequest;
use Yelbo\Web\Request\WeekTakeRequest;
use Yelbo\Web\View\DayOffView;
use Yelbo\Web\View\FeedView;
use Yelbo\Web\View\HoursView;
use Yelbo\Web\View\MorningView;
use Yelbo\Web\View\OpenHoursView;
use Yelbo\Web\View\StretchView;
use Yelbo\Web\View\WeekDayView;
use Yelbo\Web\View\WeekEntryView;
use Yelbo\Web\View\WeekHandView;
use Yelbo\Web\View\WeekLateView;
use Yelbo\Web\View\WeekOrderView;
use Yelbo\Web\View\WeekView;

/** The plan of the week, what people change about it, and the hours it is made for. */
final readonly class WeekController
{
    private const DAYS = 14;

    public function __construct(
        private WeekBoard $board,
        private WeekChanges $changes,
        private Calendar $calendar,
        private Morning $morning,
        private Feeds $feeds,
        private People $people,
        private WeekPaper $paper,
        private Notices $notices,
        private AuthorizationCheckerInterface $isGranted,
        private ClockInterface $clock,
        #[Autowire('%env(YELBO_PUBLIC)%')] private string $public,
    ) {
    }

    /** Shows the plan that was found last; another is thought about in the background where things have changed. */
    #[Polled]
    #[Route('/api/week', name: 'week', methods: ['GET'])]
    public function show(): WeekView
    {
        [$plan, $redoing] = $this->board->current();
        $hours = $this->calendar->hours();
        $today = $this->clock->now()->setTime(0, 0);
        $firsts = $this->changes->firsts();

        return new WeekView(
            $plan['now'] ?? null,
            $redoing,
            $plan['trouble'] ?? '',
            array_map(static function (int $ahead) use ($hours, $today): WeekDayView {
                $day = $today->modify("+$ahead days");

                return new WeekDayView(
                    $day->format('Y-m-d'),
                    array_map(static fn (array $one): StretchView => new StretchView(...$one), $hours->on($day)),
                );
            }, range(0, self::DAYS)),
            array_map($this->hand(...), $this->calendar->hands()),
            array_map(WeekEntryView::from(...), $plan['entries'] ?? []),
            array_map(
                static fn (array $order): WeekOrderView => WeekOrderView::from(
                    $order,
                    \in_array($order['docket'], $firsts, true),
                ),
                $plan['orders'] ?? [],
            ),
            array_map(WeekLateView::from(...), $plan['late'] ?? []),
        );
    }

    /** Tells what somebody has to know before the day begins. */
    #[Polled]
    #[Route('/api/morning', name: 'morning', methods: ['GET'])]
    public function morning(): MorningView
    {
        return MorningView::from(
            $this->morning->now(),
            $this->isGranted->isGranted('ROLE_OWNER') ? $this->notices->all() : [],
            $this->clock->now(),
        );
    }

    /** Puts steps somewhere, all or none: there they stay, and the rest gives way. */
    #[Route('/api/week/pins', name: 'week-pin', methods: ['PUT'])]
    public function pin(#[MapRequestPayload] StepPinsRequest $request): WeekView
    {
        $this->changes->put(
            array_map(
                static fn (StepPinRequest $put): array => [
                    'docket' => $put->docket,
                    'step' => $put->key,
                    'worker' => $put->worker,
                    'from' => $put->from,
                ],
                $request->puts,
            ),
        );

        return $this->show();
    }

    /** Lets the plan put a step where it likes again. */
    #[Route('/api/week/unpin', name: 'week-unpin', methods: ['PUT'])]
    public function unpin(#[MapRequestPayload] StepUnpinRequest $request): WeekView
    {
        $this->changes->unpin($request->docket, $request->key);

        return $this->show();
    }

    /** Takes a change that was proposed for an order that comes late. */
    #[Route('/api/week/take', name: 'week-take', methods: ['POST'])]
    public function take(#[MapRequestPayload] WeekTakeRequest $request): WeekView
    {
        $this->changes->take($request->docket, $request->kind, $request->date);

        return $this->show();
    }

    /** Lets an order that came before others count like any other again. */
    #[Route(
        '/api/week/first/{number}/drop',
        name: 'week-first-drop',
        requirements: ['number' => Address::NUMBER],
        methods: ['POST'],
    )]
    public function dropFirst(int $number): WeekView
    {
        $this->changes->likeOthers($number);

        return $this->show();
    }

    /** Gives the week as a list on paper, for each person by the day. */
    #[Route('/api/week/list.pdf', name: 'week-list', methods: ['GET'])]
    public function list(): Response
    {
        return $this->paper->response($this->board->current()[0], $this->calendar->hands());
    }

    /** Gives somebody's part of the week to their own calendar, by the link they hold. */
    #[Route(
        '/api/given/week/{token}.ics',
        name: 'week-feed',
        requirements: ['token' => '[A-Za-z0-9_-]{20,80}'],
        methods: ['GET'],
    )]
    public function feed(string $token): Response
    {
        return new Response(WeekCalendar::of($this->board->current()[0], $this->feeds->whose($token)), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'private, max-age=300',
        ]);
    }

    /** Makes a calendar link for somebody; the one there was leads nowhere any more. */
    #[Route('/api/week/feeds/{id}', name: 'week-feed-make', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function openFeed(int $id, #[CurrentUser] Worker $by): FeedView
    {
        self::refuseOthers($id, $by);

        return new FeedView(
            rtrim($this->public, '/').'/api/given/week/'.$this->feeds->open($this->people->worker($id)).'.ics',
        );
    }

    /** Withdraws somebody's calendar link. */
    #[Route(
        '/api/week/feeds/{id}/drop',
        name: 'week-feed-drop',
        requirements: ['id' => Address::NUMBER],
        methods: ['POST'],
    )]
    public function dropFeed(int $id, #[CurrentUser] Worker $by): WeekView
    {
        self::refuseOthers($id, $by);
        $this->feeds->withdraw($this->people->worker($id));

        return $this->show();
    }

    /** A calendar link is its person's, and the owner's to end. */
    private static function refuseOthers(int $whose, Worker $by): void
    {
        if ($whose !== $by->id() && !\in_array('ROLE_OWNER', $by->getRoles(), true)) {
            throw new AccessDeniedHttpException('A calendar link belongs to its person: only they and the owner make '
                .'it or end it.');
        }
    }

    /** Lists the shop's hours and days off. */
    #[Route('/api/hours', name: 'hours', methods: ['GET'])]
    public function hours(): HoursView
    {
        return new HoursView(
            array_map(
                static fn (array $one): OpenHoursView => OpenHoursView::weekly(...$one),
                $this->calendar->weekly(),
            ),
            array_map(OpenHoursView::onDate(...), $this->calendar->extra()),
            array_map(DayOffView::from(...), $this->calendar->daysOff()),
        );
    }

    /** Sets the hours of every week. */
    #[IsGranted('ROLE_OWNER')]
    #[Route('/api/hours', name: 'hours-set', methods: ['PUT'])]
    public function setHours(#[MapRequestPayload] HoursRequest $request): HoursView
    {
        $this->calendar->setHours($request->stretches());

        return $this->hours();
    }

    /** Takes longer hours of one date back. */
    #[IsGranted('ROLE_OWNER')]
    #[Route('/api/hours/{id}/drop', name: 'hours-drop', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function dropHours(int $id): HoursView
    {
        $this->calendar->dropExtra($id);

        return $this->hours();
    }

    /** Closes the shop for some days, or notes that somebody is away. */
    #[IsGranted('ROLE_OWNER')]
    #[Route('/api/days-off', name: 'day-off', methods: ['POST'])]
    public function takeOff(#[MapRequestPayload] DayOffRequest $request): HoursView
    {
        $this->calendar->takeOff($request->who, $request->first, $request->last, $request->why);

        return $this->hours();
    }

    /** Takes days off back. */
    #[IsGranted('ROLE_OWNER')]
    #[Route(
        '/api/days-off/{id}/drop',
        name: 'day-off-drop',
        requirements: ['id' => Address::NUMBER],
        methods: ['POST'],
    )]
    public function dropDayOff(int $id): HoursView
    {
        $this->calendar->dropDayOff($id);

        return $this->hours();
    }

    private function hand(Worker $worker): WeekHandView
    {
        $away = array_filter(
            $this->calendar->daysOff(),
            static fn (DayOff $off): bool => $off->who()?->id() === $worker->id(),
        );

        return WeekHandView::from(
            $worker,
            array_merge(...array_values(array_map(static fn (DayOff $off): array => $off->days(), $away))),
            $this->feeds->since($worker),
        );
    }
}
