import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask, type Schemas } from '../../api/client';
import { useChange, week as weekQuery } from '../../api/queries';
import { stationName } from '../../frame/stations';
import { Move, Ready, Scroll, Trouble } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import { asMoment } from '../../parts/time';
import { clock, dayOf, type Entry, minuteOf } from './axis';
import { type Put, WeekBoard } from './Board';
import { Feeds } from './Feeds';
import { HoursDialog } from './HoursDialog';

type WeekPlan = Schemas['WeekView'];

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
  const put = useChange(async (puts: Put[]) => {
    for (const { entry: one, hand, from } of puts) {
      await ask(api.PUT('/api/week/pins', { body: { docket: one.docket, key: one.key, hand, from } }));
    }
  });
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

const nameOf = (entry: Entry) => `${entry.docket}-${entry.key}`;
const long = (minutes: number) =>
  minutes < 120
    ? `${minutes} min`
    : minutes < 2880
      ? `${Math.round(minutes / 60)} h`
      : `${Math.round(minutes / 1440)} days`;

/** The order in hand: all its steps, and what holds the one that is chosen. */
function Chosen({ week, entry }: { week: WeekPlan; entry: Entry }) {
  const order = week.orders.find((one) => one.docket === entry.docket);
  const steps = week.entries.filter((one) => one.docket === entry.docket);
  const free = useChange(() => ask(api.PUT('/api/week/unpin', { body: { docket: entry.docket, key: entry.key } })));
  const likeOthers = useChange(() =>
    ask(api.POST('/api/week/first/{number}/drop', { params: { path: { number: entry.docket } } })),
  );
  if (!order) {
    return null;
  }
  return (
    <section className="mb-6" aria-label={`Order ${order.tag}`}>
      <p className="label">{order.tag}</p>
      <h3 className="title">{order.label}</h3>
      <p className="text-ink2">{order.customer}</p>
      <p className="mt-1">
        Ready {asMoment(order.ready)}
        {order.due && `, used ${asMoment(order.due)}`}
        {order.late > 0 && <b className="font-semibold text-signal-ink">: {long(order.late)} late</b>}
      </p>
      {order.begins && (
        <p className="text-ink2">
          Waits for {order.because}, until {asMoment(order.begins)}.
        </p>
      )}
      <ol className="mt-2">
        {steps.map((one) => (
          <li
            key={one.key}
            className={`flex gap-2 border-b border-rule py-1 text-note ${one.key === entry.key ? 'font-semibold' : ''}`}
          >
            <span className="w-32 shrink-0 text-ink2">{asMoment(one.from)}</span>
            <span className="flex-1">{one.says}</span>
            {one.pinned && <span>put</span>}
          </li>
        ))}
      </ol>
      <div className="mt-3 flex flex-wrap gap-2">
        {entry.pinned && (
          <Move onClick={() => free.mutate(undefined)} disabled={free.isPending}>
            Let the plan move it
          </Move>
        )}
        {order.first && (
          <Move onClick={() => likeOthers.mutate(undefined)} disabled={likeOthers.isPending}>
            No longer before others
          </Move>
        )}
        <Link
          to={`?docket=${order.docket}`}
          className="inline-flex min-h-10 items-center border border-ink2 bg-paper px-3 font-medium hover:bg-shade"
        >
          The order
        </Link>
      </div>
      <Trouble says={free.error?.message ?? likeOthers.error?.message} />
      {!entry.pinned && (
        <p className="mt-2 text-sm text-ink2">
          Drag a bar, or move it by the arrow keys and Enter: it stays where it is put, and the rest gives way.
        </p>
      )}
    </section>
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
                {of?.label} <b className="font-semibold text-signal-ink">{of && long(of.late)} late</b>
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

/** The same as a table, day by day. */
function AsList({ week }: { week: WeekPlan }) {
  const dates = [...new Set(week.entries.map((entry) => dayOf(entry.from)))].sort();
  const hand = (id: number) => week.hands.find((one) => one.id === id)?.name ?? '';
  const order = (docket: number) => week.orders.find((one) => one.docket === docket);
  return (
    <Scroll label="The plan as a list" className="h-full px-4 py-3">
      <table className="w-full">
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">Who</th>
            <th scope="col">What</th>
            <th scope="col">Order</th>
            <th scope="col">Station</th>
          </tr>
        </thead>
        <tbody>
          {dates.flatMap((date) =>
            week.entries
              .filter((entry) => dayOf(entry.from) === date)
              .sort((a, b) => a.from.localeCompare(b.from))
              .map((entry) => (
                <tr key={nameOf(entry)}>
                  <td className="whitespace-nowrap">
                    {asMoment(entry.from)} to {clock(minuteOf(entry.to))}
                  </td>
                  <td>{hand(entry.hand)}</td>
                  <td>{entry.says}</td>
                  <td>
                    <Link to={`?docket=${entry.docket}`} className="underline">
                      {order(entry.docket)?.tag}
                    </Link>{' '}
                    {order(entry.docket)?.label}
                  </td>
                  <td>{stationName(entry.station as Schemas['Station'])}</td>
                </tr>
              )),
          )}
        </tbody>
      </table>
    </Scroll>
  );
}
