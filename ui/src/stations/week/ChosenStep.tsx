import { Link } from 'react-router';
import { api, ask } from '../../api/client';
import { useChange } from '../../api/queries';
import { Move, Trouble } from '../../parts/basics';
import { inWaits } from '../../parts/duration';
import { asMoment } from '../../parts/time';
import type { Entry } from './axis';
import type { WeekPlan } from './weekWords';

/** The order in hand: all its steps, and what holds the one that is chosen. */
export function Chosen({ week, entry }: { week: WeekPlan; entry: Entry }) {
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
        {order.late > 0 && <b className="font-semibold text-signal-ink">: {inWaits(order.late)} late</b>}
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
