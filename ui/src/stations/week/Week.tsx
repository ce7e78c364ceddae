import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask } from '../../api/client';
import { useChange, week as weekQuery } from '../../api/queries';
import { Move, Ready, Scroll, Trouble } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import { inWaits } from '../../parts/duration';
import { asMoment } from '../../parts/time';
import { WeekBoard } from './Board';
import type { Put } from './boardParts';
import { Chosen } from './ChosenStep';
import { Feeds } from './Feeds';
import { HoursDialog } from './HoursDialog';
import { AsList } from './WeekList';
import { nameOf, type WeekPlan } from './weekWords';

/** The plan of the week: who does what when, what comes late and what would save it. */
export function Week() {
  const query = useQuery(weekQuery);
  return (
    <Ready query={query} what="the week">
      {(week) => <Planned week={week} />}
    </Ready>
  );
}

function Planned({ week }: { week: WeekPlan }) {
  const [days, setDays] = useState('3');
  const [chosen, setChosen] = useState<string | null>(null);
  const [hours, setHours] = useState(false);
  const [feeds, setFeeds] = useState(false);
  const entry = week.entries.find((one) => nameOf(one) === chosen) ?? null;
  const put = useChange((puts: Put[]) =>
    ask(
      api.PUT('/api/week/pins', {
        body: {
          puts: puts.map(({ entry: one, hand, from }) => ({ docket: one.docket, key: one.key, worker: hand, from })),
        },
      }),
    ),
  );
  return (
    <div className="grid h-full min-h-0 grid-cols-[1fr_332px] max-lg:grid-cols-[1fr_280px]">
      <section className="flex min-h-0 min-w-0 flex-col bg-paper" aria-label="The week">
        <div className="flex shrink-0 flex-wrap items-end gap-4 border-b border-rule px-4 py-3">
          <div className="mr-auto">
            <h2 className="title">The week</h2>
            <p className="text-sm text-ink2" role="status">
              {week.now === null
                ? 'It is being planned …'
                : week.redoing
                  ? 'It is being planned anew …'
                  : `As planned ${asMoment(week.now)}`}
            </p>
          </div>
          <div className="w-72">
            <Choice
              label="Shown"
              value={days}
              onChange={setDays}
              options={[
                { value: '1', label: 'Day' },
                { value: '3', label: '3 days' },
                { value: '6', label: 'Week' },
                { value: 'list', label: 'List' },
              ]}
            />
          </div>
          <Move onClick={() => setHours(true)}>Hours …</Move>
          <Move onClick={() => setFeeds(true)}>Calendars …</Move>
          <a
            href="/api/week/list.pdf"
            download
            className="inline-flex min-h-10 items-center border border-ink2 bg-paper px-3 font-medium hover:bg-shade"
          >
            Print it
          </a>
        </div>
        <Trouble says={week.trouble || put.error?.fields.from || put.error?.message} />
        <div className="min-h-0 flex-1">
          {days === 'list' ? (
            <AsList week={week} />
          ) : (
            <WeekBoard
              week={week}
              days={Number(days)}
              chosen={entry}
              onChoose={(one) => setChosen(nameOf(one))}
              onPut={(puts) => put.mutate(puts)}
            />
          )}
        </div>
      </section>
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="What the plan says">
        <Scroll label="Late by the plan, and what is chosen" className="min-h-0 flex-1 px-5 py-4">
          {entry && <Chosen week={week} entry={entry} />}
          <Late week={week} />
        </Scroll>
      </aside>
      <HoursDialog open={hours} onClose={() => setHours(false)} hands={week.hands} />
      <Feeds open={feeds} onClose={() => setFeeds(false)} hands={week.hands} />
    </div>
  );
}

/** What comes late by the plan, each with the smallest change that would save it. */
function Late({ week }: { week: WeekPlan }) {
  const take = useChange((body: { docket: number; kind: string; date: string }) =>
    ask(api.POST('/api/week/take', { body })),
  );
  const order = (docket: number) => week.orders.find((one) => one.docket === docket);
  return (
    <section aria-label="Late by the plan">
      <h3 className="label mb-1">Late by the plan</h3>
      {week.late.length === 0 && <p className="text-ink2">{week.now ? 'Nothing: all is ready by its day.' : ''}</p>}
      <Trouble says={take.error?.message} />
      <ul>
        {week.late.map((late) => {
          const of = order(late.docket);
          return (
            <li key={late.docket} className="border-t-2 border-signal py-2">
              <p>
                <Link to={`?docket=${late.docket}`} className="font-semibold underline">
                  {of?.tag}
                </Link>{' '}
                {of?.label} <b className="font-semibold text-signal-ink">{of && inWaits(of.late)} late</b>
              </p>
              <p className="text-note text-ink2">{late.says}</p>
              {late.options.map((option) => (
                <div key={`${option.kind}${option.date}`} className="mt-1 flex items-center gap-2">
                  <p className="flex-1 text-note">{option.says}</p>
                  <Move
                    onClick={() => take.mutate({ docket: late.docket, kind: option.kind, date: option.date })}
                    disabled={take.isPending}
                  >
                    Take it
                  </Move>
                </div>
              ))}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
